import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { SETUP_MINUTES, TEASE_MINUTES } from '../coat/minutes'
import { regionOf } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import type { Outlook } from './outlook'
import { problemOf, TENDER_TIMES } from './problem'
import type { Terms, Unit } from './problem'

const MU = 1 / 7
const COMB = 3

/** Places that knot alike every day, so that the formulas of a steady coat hold. */
function steady(
  ids: RegionId[],
  days: number,
  born: number,
  left: readonly [number, number] = [0, 0],
): Outlook {
  const all = (x: number) => new Float64Array(days + 1).fill(x)
  return {
    from: '2026-05-04',
    days,
    mu: MU,
    leaves: 0,
    places: ids.map((id) => ({
      id,
      bornLeft: all(born),
      bornDry: all(born),
      comb: all(COMB),
      unseen: [0, 0, 0],
      left: [left[0], left[1], 0],
    })),
  }
}
const unit = (places: number[], rate = 1): Unit => ({
  places,
  rates: places.map(() => rate),
  uncombed: 0,
  spaced: 0,
})
const terms = (days: number, more: Partial<Terms> = {}): Terms => ({
  limits: Array.from({ length: days }, () => 30),
  sitting: Infinity,
  matWorth: 150,
  ceilingDays: 999,
  endsInVisit: true,
  ...more,
})

/** Knots expected `t` days after a clearing, by stage: coat-model.md §3. */
function after(t: number, born: number) {
  const x = MU * t
  return {
    tangles: (born / MU) * (1 - Math.exp(-x)),
    knots: (born / MU) * (1 - Math.exp(-x) * (1 + x)),
    mats: (born / MU) * (x - 2 + Math.exp(-x) * (2 + x)),
  }
}

describe('what a stretch costs', () => {
  it('between two combings is combing, teasing, and mats at their worth, as the formulas have it', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 15 }),
        fc.double({ min: 0.001, max: 0.2, noNaN: true }),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.integer({ min: 20, max: 400 }),
        (since, gap, born, rate, matWorth) => {
          const days = since + gap + 1
          const outlook = steady(['back'], days, born)
          const { instance, dayAt } = problemOf(outlook, [unit([0], rate)], terms(days, { matWorth }))
          const nodes = instance.days + 2
          expect(dayAt[since]).toBe(since)
          const n = after(gap, rate * born)
          const cost = instance.cost[0]![(since + gap + 1) * nodes + since + 1]!
          const want =
            COMB +
            n.tangles * TEASE_MINUTES.tangle +
            n.knots * TEASE_MINUTES.knot +
            n.mats * (matWorth + TEASE_MINUTES.mat)
          expect(cost).toBeCloseTo(want, 6)
        },
      ),
    )
  })

  it('what the comb misses is of a week, and tightens on; a mat it misses was there before', () => {
    const [born, gap] = [0.05, 5]
    const of = (leaves: number) =>
      problemOf({ ...steady(['back'], 20, born), leaves }, [unit([0])], terms(20))
    const nodes = of(0).instance.days + 2
    const cell = (3 + gap + 1) * nodes + 3 + 1
    const more = of(0.1).instance.cost[0]![cell]! - of(0).instance.cost[0]![cell]!
    const left = after(7, born)
    const [tangles, knots, x] = [0.1 * left.tangles, 0.1 * left.knots, MU * gap]
    const stay = Math.exp(-x)
    const mats = knots * (1 - stay) + tangles * (1 - stay * (1 + x))
    const teased = 0.5 * tangles * stay + 2 * stay * (knots + tangles * x)
    expect(more).toBeCloseTo(158 * mats + teased, 9)
    // Up to the first combing nothing was missed.
    expect(of(0.1).instance.cost[0]![5 * nodes]).toBe(of(0).instance.cost[0]![5 * nodes])
  })

  it('up to a visit has nothing combed at home, and what is teased there is the groomer’s', () => {
    const at = (endsInVisit: boolean) => {
      const { instance } = problemOf(steady(['back'], 9, 0.1), [unit([0])], terms(9, { endsInVisit }))
      return instance.cost[0]![(instance.days + 1) * (instance.days + 2)]!
    }
    const n = after(9, 0.1)
    expect(at(true)).toBeCloseTo(n.mats * 158, 6)
    expect(at(false)).toBeCloseTo(n.mats * 158 + n.tangles * 0.5 + n.knots * 2, 6)
  })

  it('counts a mat in a tender place for more, and a pair as both its places', () => {
    expect([regionOf('armpit.left').tender, regionOf('back').tender]).toEqual([true, false])
    const ids: RegionId[] = ['armpit.left', 'armpit.right', 'back']
    const units = [unit([0, 1]), unit([0]), unit([2])]
    const { instance } = problemOf(steady(ids, 20, 0.05), units, terms(20))
    const end = (u: number) => instance.cost[u]![(instance.days + 1) * (instance.days + 2)]!
    expect(end(0)).toBeCloseTo(2 * end(1), 9)
    expect(end(1) / end(2)).toBeCloseTo((150 * TENDER_TIMES + 8) / 158, 9)
    expect(instance.minutes[0]!).toBeCloseTo(2 * instance.minutes[instance.days]!, 9)
  })

  it('begins with what was left in: knots known of today are teased today', () => {
    const { instance } = problemOf(steady(['back'], 5, 0, [2, 1]), [unit([0])], terms(5))
    const first = instance.cost[0]![instance.days + 2]!
    expect(first).toBeCloseTo(COMB + 2 * 0.5 + 1 * 2, 9)
    expect(instance.minutes[0]).toBeCloseTo(COMB + 2 * 0.5 + 1 * 2, 9)
  })

  it('grows past the ceiling by a twentieth of the combing a day', () => {
    const free = problemOf(steady(['back'], 20, 0.01), [unit([0])], terms(20)).instance
    const { instance } = problemOf(steady(['back'], 20, 0.01), [unit([0])], terms(20, { ceilingDays: 10 }))
    const nodes = instance.days + 2
    const more = (i: number, j: number) => instance.cost[0]![j * nodes + i]! - free.cost[0]![j * nodes + i]!
    expect(more(3, 13)).toBe(0)
    expect(more(3, 15)).toBeCloseTo(2 * 0.05 * COMB, 9)
  })
})

describe('the days of a stretch', () => {
  it('are those with more minutes than laying out takes', () => {
    const limits = [30, 0, SETUP_MINUTES, 12, 30]
    const { dayAt } = problemOf(steady(['back'], 5, 0.1), [unit([0])], terms(5, { limits }))
    expect(dayAt).toEqual([0, 3, 4])
  })

  it('a combing that must be is not stepped over, and has the minutes it takes', () => {
    const must = new Map([[2, [0]]])
    const limits = [30, 30, 5, 30, 30]
    const { instance } = problemOf(
      steady(['back', 'rump'], 5, 0.1),
      [unit([0]), unit([1])],
      terms(5, { must, limits }),
    )
    const nodes = instance.days + 2
    const cost = (u: number, i: number, j: number) => instance.cost[u]![j * nodes + i]!
    // Day 2 is node 3.
    expect(cost(0, 2, 4)).toBe(Infinity)
    expect(cost(0, 2, 3)).toBeLessThan(Infinity)
    expect(cost(0, 3, 5)).toBeLessThan(Infinity)
    expect(cost(1, 2, 4)).toBeLessThan(Infinity)
    expect(instance.limit[2]).toBeCloseTo(instance.minutes[2]! + SETUP_MINUTES, 9)
  })

  it('a held day takes its own places and no other', () => {
    const { instance } = problemOf(
      steady(['back', 'rump'], 5, 0.1),
      [unit([0]), unit([1])],
      terms(5, { must: new Map([[2, [0]]]), held: new Set([2]) }),
    )
    expect(instance.minutes[2]!).toBeLessThan(30)
    expect(instance.minutes[instance.days + 2]!).toBeGreaterThan(instance.limit[2]!)
  })
  it('a tidy costs less on a clean coat and takes the day’s minutes all the same; what is longer than a sitting is not done', () => {
    const face = { since: 30, every: 30, hurts: 1, minutes: 5, firstMinutes: 5, drying: 0, refused: false }
    const care = [{ ...face, needs: [], wantsClean: true }]
    const days = 6
    const costs = (more: Partial<Terms>) =>
      problemOf(steady(['back'], days, 0.1), [unit([0])], terms(days, { care, ...more })).instance
    const [usual, clean] = [costs({}), costs({ clean: new Set([2, 3]) })]
    expect(clean.minutes).toEqual(usual.minutes)
    const first = (instance: typeof usual, day: number) => instance.cost[1]![(day + 1) * (days + 2)]!
    expect(first(usual, 2) - first(clean, 2)).toBeCloseTo(1, 9)
    expect(first(clean, 4)).toBe(first(usual, 4))
    expect(costs({ sitting: 4 }).minutes[days + 2]!).toBeGreaterThan(1000)
    expect(costs({ sitting: 5 }).minutes[days + 2]!).toBe(5)
  })
})
