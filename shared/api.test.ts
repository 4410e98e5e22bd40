import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entriesBody, newDogBody, noteBody, profileBody, shareBody, signInBody, signUpBody } from './api'

const BODIES = { entriesBody, newDogBody, noteBody, profileBody, shareBody, signInBody, signUpBody }
const id = '019f61c9-294a-7000-8011-2bd342b17f23'

describe.each(Object.entries(BODIES))('%s', (_name, schema) => {
  it('never throws, and never takes what is not an object', () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        const { success } = schema.safeParse(value)
        if (typeof value !== 'object' || value === null) expect(success).toBe(false)
      }),
    )
  })
})

describe('bodies', () => {
  const form = {
    name: 'Ada',
    email: 'Ada@Example.org',
    password: 'long enough for it',
    timeZone: 'Europe/London',
  }
  it('an address is kept in small letters, a name without its edges', () => {
    expect(signUpBody.parse({ ...form, name: ' Ada ' })).toMatchObject({
      email: 'ada@example.org',
      name: 'Ada',
    })
  })
  it('nothing beside what is asked is taken', () => {
    expect(signUpBody.safeParse({ ...form, admin: true }).success).toBe(false)
    expect(noteBody.safeParse({ id, body: 'Well.', author: 'groomer' }).success).toBe(false)
  })
  it('a link stays open a day at least and 400 at most', () => {
    const share = (days: number) => shareBody.safeParse({ id, groomer: 'Imke', scope: 'note', days }).success
    expect([0, 1, 400, 401, 1.5].map(share)).toEqual([false, true, true, false, false])
  })
  it('a note is neither empty nor endless', () => {
    const note = (body: string) => noteBody.safeParse({ id, body }).success
    expect(['', '   ', 'x', 'x'.repeat(4000), 'x'.repeat(4001)].map(note)).toEqual([
      false,
      false,
      true,
      true,
      false,
    ])
  })
})
