import { describe, expect, it } from 'vitest'
import { authorise } from './authorise'
import type { Groomer, LinkHolder, Member, Visitor } from './authorise'
import { routeRow, ROUTES } from './routes'
import type { RouteKey } from './routes'

const FRESH = { claimed: true, lastSeen: new Date(0), provedUntil: new Date(8e14) }
const member = (householdId: string, role: Member['role'] = 'owner'): Member => ({
  kind: 'member',
  sessionId: 's',
  accountId: 'a',
  householdId,
  role,
  name: 'Ada',
  email: 'ada@example.org',
  ...FRESH,
})
const link = (scope: LinkHolder['scope']): LinkHolder => ({
  kind: 'link',
  shareId: 'l',
  householdId: 'h',
  dogId: 'd',
  groomer: 'Imke',
  scope,
  expires: new Date(0),
})
const groomer: Groomer = {
  kind: 'groomer',
  sessionId: 's',
  groomerId: 'g',
  roomId: 'g',
  name: 'Imke',
  room: 'The Wash House',
  email: 'imke@example.org',
  ...FRESH,
}
const VISITORS: Visitor[] = [
  { kind: 'anonymous' },
  { kind: 'former', household: 'Alder Lane' },
  member('h'),
  member('other'),
  link('history'),
  groomer,
]
/** Asked by whoever runs it, every few seconds; there is nothing to guess at. */
const TELLS_NOTHING: readonly RouteKey[] = ['GET /api/health', 'GET /api/ready']
const keys = Object.keys(ROUTES) as RouteKey[]
const mine = { householdId: 'h', dogId: 'd' }
const kept = { roomId: 'g', share: link('history') }

describe('who may do what', () => {
  it.each(keys)('%s', (key) => {
    const { access } = routeRow(key)
    const about = access === 'invited' ? kept : mine
    expect(VISITORS.map((v) => authorise(v, key, about))).toEqual(
      {
        anyone: ['yes', 'yes', 'yes', 'yes', 'yes', 'yes'],
        member: ['sign-in', 'no-longer', 'yes', 'yes', 'sign-in', 'sign-in'],
        household: ['sign-in', 'no-longer', 'yes', 'nothing-there', 'sign-in', 'sign-in'],
        link: ['nothing-there', 'nothing-there', 'nothing-there', 'nothing-there', 'yes', 'nothing-there'],
        groomer: ['sign-in', 'sign-in', 'sign-in', 'sign-in', 'sign-in', 'yes'],
        invited: ['sign-in', 'sign-in', 'sign-in', 'sign-in', 'sign-in', 'yes'],
      }[access],
    )
  })
  it('a dog that does not exist looks like another household’s', () => {
    const key = 'GET /api/dogs/[dog]'
    expect(authorise(member('h'), key, null)).toBe(authorise(member('other'), key, mine))
  })
  it('a viewer looks, a helper logs, and the rest is the owner’s', () => {
    const asks: RouteKey[] = ['GET /api/dogs/[dog]', 'POST /api/dogs/[dog]/entries', 'PUT /api/dogs/[dog]']
    const answers = (role: Member['role']) => asks.map((key) => authorise(member('h', role), key, mine))
    expect(answers('viewer')).toEqual(['yes', 'not-yours', 'not-yours'])
    expect(answers('helper')).toEqual(['yes', 'yes', 'not-yours'])
    expect(answers('owner')).toEqual(['yes', 'yes', 'yes'])
  })
  it('a share of the thread alone opens no photograph and enters no visit', () => {
    const narrow = { roomId: 'g', share: link('note') }
    expect(authorise(link('note'), 'GET /api/shared/photographs/[photograph]', null)).toBe('nothing-there')
    expect(authorise(groomer, 'POST /api/room/dogs/[share]/visits', narrow)).toBe('nothing-there')
    expect(authorise({ ...groomer, roomId: 'x' }, 'GET /api/room/dogs/[share]', kept)).toBe('nothing-there')
  })
  it('whoever said who they are a while ago is asked once more, where it matters and only there', () => {
    const before = (v: Visitor): Visitor => ({ ...v, provedUntil: new Date(0) }) as Visitor
    for (const key of keys) {
      const { access, again } = routeRow(key)
      if (access !== 'member' && access !== 'household' && access !== 'groomer') continue
      const visitor = access === 'groomer' ? groomer : member('h')
      expect([key, authorise(before(visitor), key, mine)]).toEqual([key, again ? 'again' : 'yes'])
      // Whoever may not at all is told that, and not asked.
      expect(authorise(before({ kind: 'anonymous' }), key, mine)).toBe('sign-in')
    }
  })
  it('every route open to anyone who can guess is rationed', () => {
    for (const key of keys) {
      const { access, ration } = routeRow(key)
      if ((access === 'anyone' && !TELLS_NOTHING.includes(key)) || access === 'link')
        expect(ration, key).toBeDefined()
    }
  })
})
