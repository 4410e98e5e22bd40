import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BOTH, FIRST, NEITHER, SECOND, TwoDays } from './two-days'

const minutes = fc.double({ min: 0.05, max: 4, noNaN: true })
const costs = fc.array(
  fc.oneof(
    fc.double({ min: 0, max: 9, noNaN: true }),
    fc.double({ min: 0, max: 9, noNaN: true }),
    fc.constant(Infinity),
  ),
  { minLength: 4, maxLength: 4 },
)
const asked = fc.record({
  room: fc.tuple(fc.double({ min: 0, max: 7, noNaN: true }), fc.double({ min: 0, max: 7, noNaN: true })),
  units: fc.array(fc.record({ minutes: fc.tuple(minutes, minutes), costs }), { minLength: 1, maxLength: 6 }),
  open: fc.constantFrom(NEITHER, FIRST, SECOND, BOTH),
})
type Asked = typeof asked extends fc.Arbitrary<infer A> ? A : never

function two({ room, units }: Asked): TwoDays {
  const days = new TwoDays(units.length)
  days.room.set(room)
  units.forEach((u, n) => {
    days.minutes.set(u.minutes, 2 * n)
    days.cost.set(u.costs, 4 * n)
  })
  return days
}

/** What choices cost; Infinity where they do not fit or are on a day that is not open. */
function costOf({ room, units, open }: Asked, choices: ArrayLike<number>): number {
  const used = [0, 0]
  let cost = 0
  units.forEach((u, n) => {
    const choice = choices[n]!
    if (choice & ~open) cost = Infinity
    if (choice & FIRST) used[0]! += u.minutes[0]
    if (choice & SECOND) used[1]! += u.minutes[1]
    cost += u.costs[choice]!
  })
  return used[0]! > room[0] || used[1]! > room[1] ? Infinity : cost
}

function leastOf(a: Asked): number {
  let least = Infinity
  for (let n = 0; n < 4 ** a.units.length; n++)
    least = Math.min(
      least,
      costOf(
        a,
        a.units.map((_, u) => (n >> (2 * u)) & BOTH),
      ),
    )
  return least
}

describe('two days filled together', () => {
  it('cost the least of every way there is, and say how', () => {
    fc.assert(
      fc.property(asked, (a) => {
        const days = two(a)
        const least = leastOf(a)
        const found = days.fill(a.open, 1000)
        if (least === Infinity) expect(found).toBe(Infinity)
        else {
          expect(found).toBeCloseTo(least, 9)
          expect(costOf(a, days.chosen)).toBeCloseTo(least, 9)
        }
      }),
      { numRuns: 300 },
    )
  })

  it('are found wherever the prices are sought from, and only below what is asked', () => {
    fc.assert(
      fc.property(asked, minutes, minutes, (a, first, second) => {
        const days = two(a)
        const least = leastOf(a)
        fc.pre(least < Infinity)
        days.price.set([first, second])
        expect(days.fill(a.open, least + 0.5)).toBeCloseTo(least, 9)
        expect(days.fill(a.open, least - 1e-9)).toBe(Infinity)
      }),
    )
  })
})
