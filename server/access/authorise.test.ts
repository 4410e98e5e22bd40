import { describe, expect, it } from 'vitest'
import { authorise } from './authorise'
import type { LinkHolder, Member, Visitor } from './authorise'
import { routeRow, ROUTES } from './routes'
import type { RouteKey } from './routes'

const member = (householdId: string): Member => ({
  kind: 'member',
  sessionId: 's',
  accountId: 'a',
  householdId,
  name: 'Ada',
  email: 'ada@example.org',
})
const link: LinkHolder = {
  kind: 'link',
  shareId: 'l',
  householdId: 'h',
  dogId: 'd',
  groomer: 'Imke',
  scope: 'note',
  expires: new Date(0),
}
const anonymous: Visitor = { kind: 'anonymous' }
const keys = Object.keys(ROUTES) as RouteKey[]
const mine = { householdId: 'h', dogId: 'd' }

describe('who may do what', () => {
  it.each(keys)('%s', (key) => {
    const { access } = routeRow(key)
    const answers = [anonymous, member('h'), member('other'), link].map((v) => authorise(v, key, mine))
    expect(answers).toEqual(
      {
        anyone: ['yes', 'yes', 'yes', 'yes'],
        member: ['sign-in', 'yes', 'yes', 'sign-in'],
        household: ['sign-in', 'yes', 'nothing-there', 'sign-in'],
        link: ['nothing-there', 'nothing-there', 'nothing-there', 'yes'],
      }[access],
    )
  })
  it('a dog that does not exist looks like another household’s', () => {
    const key = 'GET /api/dogs/[dog]'
    expect(authorise(member('h'), key, null)).toBe(authorise(member('other'), key, mine))
  })
  it('every route open to anyone who can guess is rationed', () => {
    for (const key of keys) {
      const { access, ration } = routeRow(key)
      if ((access === 'anyone' && !key.startsWith('GET')) || access === 'link')
        expect(ration, key).toBeDefined()
    }
  })
})
