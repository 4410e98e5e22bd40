import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NoAnswer, Refused } from '../composables/api'
import { TROUBLE } from '../words/trouble'
import type { TroubleKind } from '../words/trouble'
import { bundle, verdictOn, waitMs } from './verdict'

describe('what becomes of what waits, after a call went wrong', () => {
  it.each(Object.keys(TROUBLE) as TroubleKind[])('%s: later, and why', (kind) => {
    expect(verdictOn(new NoAnswer(kind, 7000))).toEqual({ do: 'later', trouble: kind, atLeastMs: 7000 })
    expect(TROUBLE[kind].says).toMatch(/\.$/)
  })
  it('too often is later, when it was said; signed out waits; too large goes in parts', () => {
    const no = (status: number) => new Refused(status, 'No.', {}, undefined, 30_000)
    for (const status of [408, 425, 429])
      expect(verdictOn(no(status))).toEqual({ do: 'later', trouble: 'too-often', atLeastMs: 30_000 })
    expect(verdictOn(no(401))).toEqual({ do: 'sign-in' })
    expect(verdictOn(no(413))).toEqual({ do: 'smaller' })
  })
  it.each([400, 403, 404, 409, 415, 422])('%i is never, with its reason', (status) => {
    expect(verdictOn(new Refused(status, 'That is not yours.'))).toEqual({
      do: 'never',
      says: 'That is not yours.',
    })
  })
  it('anything else is tried again, and loses nothing', () => {
    for (const odd of [new Error('?'), undefined, 'x']) expect(verdictOn(odd)).toMatchObject({ do: 'later' })
  })
})

describe('waits', () => {
  it('grow, differ, have an end, and are never shorter than was asked', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.option(fc.integer({ min: 1, max: 3_600_000 })),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (tries, asked, chance) => {
          const ms = waitMs(tries, asked, chance)
          expect(ms).toBeGreaterThanOrEqual(Math.max(asked ?? 0, 2000))
          expect(ms).toBeLessThanOrEqual(Math.max(asked ?? 0, 450_000))
          expect(waitMs(tries + 1, asked, chance)).toBeGreaterThanOrEqual(ms)
        },
      ),
    )
    expect(waitMs(1, null, 0)).not.toBe(waitMs(1, null, 0.9))
  })
})

describe('a bundle', () => {
  it('is the first of them in their order, at least one, and no larger than a body may be', () => {
    fc.assert(
      fc.property(
        fc.array(fc.nat({ max: 300_000 }), { minLength: 1, maxLength: 30 }),
        fc.integer({ min: 1, max: 40 }),
        (sizes, most) => {
          const items = sizes.map((n) => 'x'.repeat(n))
          const some = bundle(items, most)
          expect(some.length).toBeGreaterThan(0)
          expect(some.length).toBeLessThanOrEqual(most)
          expect(some).toEqual(items.slice(0, some.length))
          if (some.length > 1) expect(JSON.stringify(some).length).toBeLessThanOrEqual(200_000 + 2)
        },
      ),
      { numRuns: 40 },
    )
  })
})
