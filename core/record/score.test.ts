import { randomLcg } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, visit } from '../../tests/support/dogs'
import { anyFact } from '../../tests/support/facts'
import { lnChanceOf } from '../learn/counts'
import type { Held } from '../learn/counts'
import { REGION_IDS } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { addDays } from './day'
import type { Entry } from './entries'
import { assess } from './fold'
import { chanceOfMat } from './odds'
import {
  driftOf,
  groupsOf,
  howRight,
  howRightTogether,
  rightOf,
  scoreByPlace,
  scored,
  scoreOf,
} from './score'
import { FALSE_ALARMS } from '../learn/drift'
import { scoreFrom } from './score-sums'
import type { Said } from './score'

const START = '2026-09-01'
const on = (n: number) => addDays(START, n)
const check = (
  n: number,
  region: RegionId,
  finding: 'glides' | 'snag' | 'knot' | 'mat',
  count = 1,
  more = {},
) =>
  entry(on(n), {
    kind: 'check',
    region,
    finding,
    ...(finding === 'glides' ? {} : { count, out: count }),
    ...more,
  })
const of = (entries: Entry[], to = 60) => scored(dog({}, 20, entries), START, on(to))

describe('what was said, and what was found', () => {
  it('is the odds the owner read that morning, before the comb went through', () => {
    const first = check(7, 'armpit.left', 'snag', 2)
    const second = check(14, 'armpit.left', 'mat')
    const { checks } = of([first, second])
    expect(checks.map((c) => [c.day, c.region, c.found, c.mats])).toEqual([
      [on(7), 'armpit.left', 2, 0],
      [on(14), 'armpit.left', 1, 1],
    ])
    const read = (before: Entry[], n: number) => assess(dog({}, 20, before), on(n)).regions['armpit.left']!
    expect(checks[0]!.mat).toBeCloseTo(chanceOfMat(read([], 7)), 12)
    expect(checks[1]!.mat).toBeCloseTo(chanceOfMat(read([first], 14)), 12)
    // Two in a week is more than coats like it have: the second time more was said than of those.
    expect(checks[0]!.mat).toBeCloseTo(checks[0]!.like.mat, 12)
    expect(checks[1]!.mat).toBeGreaterThan(checks[1]!.like.mat)
    expect(checks[0]!.mean).toBeGreaterThan(0)
  })
  it('leaves out what was known, refused, not counted, or combed that day already', () => {
    const left = entry(on(5), { kind: 'check', region: 'beard', finding: 'knot', count: 1, out: 0 })
    const { checks } = of([
      left,
      check(9, 'beard', 'glides'),
      entry(on(9), { kind: 'check', region: 'belly', finding: 'refused' }),
      entry(on(9), { kind: 'check', region: 'back', finding: 'rasps' }),
      check(9, 'chest', 'glides', 1, { comfort: 'stopped' }),
      check(9, 'tail', 'glides'),
      check(9, 'tail', 'glides'),
    ])
    expect(checks.map((c) => [c.day, c.region])).toEqual([
      [on(5), 'beard'],
      [on(9), 'tail'],
    ])
  })
  it('says nothing of places nobody has met', () => {
    const hand = entry(on(0), { kind: 'hand', combed: 'months', feels: 'nothing' })
    const record = { ...dog({}, 20), entries: [hand, check(3, 'belly', 'knot')] }
    expect(scored(record, START, on(9)).checks).toEqual([])
  })
  it('is told by place, left and right together, those it was furthest out at first', () => {
    const said = (region: RegionId, found: number): Said => ({
      day: on(3),
      region,
      any: 0.2,
      mat: 0.1,
      mean: 0.25,
      like: { any: 0.2, mat: 0.1, mean: 0.25 },
      found,
      mats: 0,
    })
    const eight = (region: RegionId, found: number) => Array.from({ length: 4 }, () => said(region, found))
    const places = scoreByPlace([
      ...eight('armpit.left', 0),
      ...eight('armpit.right', 1),
      ...eight('belly', 3),
      ...eight('belly', 0),
      ...eight('tail', 9),
    ])
    expect(places.map((p) => [p.place, p.checks, p.said, p.found])).toEqual([
      ['belly', 8, 2, 12],
      ['armpit', 8, 2, 4],
    ])
    expect(places[0]!.likely).toEqual([0, 4])
  })
  it('of a household is all its dogs together', () => {
    const two = [
      dog({}, 20, [check(7, 'armpit.left', 'snag', 2)]),
      dog({ name: 'Pip' }, 20, [check(9, 'belly', 'glides'), check(9, 'tail', 'mat')]),
    ]
    const all = howRightTogether(two, on(20))!
    const [a, b] = two.map((d) => howRight(d, on(20)).score!)
    expect([all.checks, all.found, all.sittings]).toEqual([3, 3, 2])
    expect(all.said).toBeCloseTo(a!.said + b!.said, 12)
    expect(all.brier.said).toBeCloseTo((a!.brier.said + 2 * b!.brier.said) / 3, 12)
    expect(howRightTogether([dog({}, 20)], on(20))).toBeNull()
  })
  it('is kept in sums to a hundredth, that add up to the same', () => {
    const two = [
      dog({}, 20, [check(7, 'armpit.left', 'snag', 2)]),
      dog({ name: 'Pip' }, 20, [check(9, 'belly', 'glides'), check(9, 'tail', 'mat')]),
    ]
    const kept = two.map((d) => rightOf(d, on(20)))
    for (const n of kept.flatMap((k) => Object.values(k))) expect(100 * n).toBeCloseTo(Math.round(100 * n), 9)
    const [together, exact] = [scoreFrom(kept)!, howRightTogether(two, on(20))!]
    expect([together.checks, together.found, together.sittings]).toEqual([3, 3, 2])
    for (const of of ['said', 'like', 'held'] as const)
      expect(Math.abs(together[of] - exact[of])).toBeLessThan(0.011)
    expect(together.brier.said).toBeCloseTo(exact.brier.said, 2)
  })
  it('nothing written of a later day changes it', () => {
    const days = fc.integer({ min: 1, max: 40 })
    const now = fc.array(fc.tuple(days, anyFact), { maxLength: 14 })
    const after = fc.array(fc.tuple(fc.integer({ min: 41, max: 80 }), anyFact), { maxLength: 8 })
    fc.assert(
      fc.property(now, after, fc.array(fc.nat(), { maxLength: 4 }), (before, later, corrected) => {
        const told = [
          check(6, 'belly', 'snag'),
          check(12, 'belly', 'glides'),
          ...before.map(([n, what]) => entry(on(n), what)),
          check(30, 'belly', 'mat'),
        ]
        const back = corrected.map((n, i) =>
          entry(on(45 + i), { kind: 'correction', replaces: told[n % told.length]!.id, by: null }),
        )
        const measured = entry(on(44), { kind: 'measure', regions: [...REGION_IDS], mm: 30 })
        const record = { ...dog({}, 20), entries: told }
        const more = [...told, ...back, measured, ...later.map(([n, what]) => entry(on(n), what))]
        const seen = (entries: Entry[]) => scored({ ...record, entries }, START, on(40))
        expect(seen(more)).toEqual(seen(told))
        // Nor does looking further ahead.
        expect(
          scored({ ...record, entries: more }, START, on(90)).checks.filter((c) => c.day <= on(40)),
        ).toEqual(seen(told).checks)
      }),
      { numRuns: 60 },
    )
  })
  it('a check put right the same day counts as it was put right; later, as it then stood', () => {
    const wrong = check(7, 'belly', 'mat', 4)
    const right = (n: number) =>
      entry(on(n), {
        kind: 'correction',
        replaces: wrong.id,
        by: { kind: 'check', region: 'belly', finding: 'glides' },
      })
    expect(of([wrong, right(7)]).checks[0]).toMatchObject({ found: 0 })
    expect(of([wrong, right(9)]).checks[0]).toMatchObject({ found: 4 })
    // From then on it is learned from as it was put right.
    const next = check(14, 'belly', 'glides')
    expect(of([wrong, right(9), next]).checks[1]!.mean).toBeCloseTo(
      of([wrong, right(7), next]).checks[1]!.mean,
      12,
    )
  })
})

const said = (any: number, found: number, like = any): Said => ({
  day: START,
  region: 'back',
  any,
  mat: any / 3,
  mean: any,
  like: { any: like, mat: like / 3, mean: like },
  found,
  mats: 0,
})

describe('the score', () => {
  it('by hand: grouped by what was said, Brier and log loss', () => {
    const checks = [...Array.from({ length: 9 }, () => said(0.1, 0, 0.2)), said(0.1, 2, 0.2)]
    expect(groupsOf(checks)).toEqual([expect.objectContaining({ many: 10, found: 1, share: 0.1 })])
    const s = scoreOf({ checks, sittings: [{ day: START, held: { mean: 1, variance: 1.2 }, found: 1 }] })!
    expect(s.brier.said).toBeCloseTo((9 * 0.01 + 0.81) / 10, 12)
    expect(s.brier.like).toBeCloseTo((9 * 0.04 + 0.64) / 10, 12)
    expect(s.log.said).toBeCloseTo(-(9 * Math.log(0.9) + Math.log(0.1)) / 10, 12)
    expect([s.found, s.checks]).toEqual([2, 10])
    expect(s.said).toBeCloseTo(1, 12)
    expect(scoreOf({ checks: [], sittings: [] })).toBeNull()
  })
  it('of a record, stretch by stretch: a check counts in the one it fell in', () => {
    const record = dog({}, 20, [
      check(7, 'belly', 'snag'),
      visit(on(20), 'wool-cross', 13),
      check(27, 'belly', 'glides'),
      check(34, 'belly', 'knot', 2),
    ])
    const { score, stretches, drift } = howRight(record, on(40))
    expect(stretches.map((s) => [s.from, s.score.checks, s.score.found])).toEqual([
      [START, 1, 1],
      [on(20), 2, 2],
    ])
    expect([score!.checks, score!.found, drift]).toEqual([3, 3, null])
    expect(howRight(dog({}, 20), on(40)).score).toBeNull()
  })
  it('a chance of one stands in the last group, and few make none', () => {
    expect(groupsOf(Array.from({ length: 8 }, () => said(1, 1)))).toHaveLength(1)
    expect(groupsOf(Array.from({ length: 7 }, () => said(1, 1)))).toEqual([])
  })
})

describe('a forecast that has drifted', () => {
  const random = randomLcg(0.31)
  const held: Held = { mean: 1.4, variance: 2.2 }
  const draw = (h: Held) => {
    let u = random()
    for (let n = 0; n < 60; n++) if ((u -= Math.exp(lnChanceOf(n, h))) <= 0) return n
    return 60
  }
  const stretch = (truth: Held) =>
    Array.from({ length: 40 }, (_, i) => ({ day: on(i), held, found: draw(truth) }))
  it('that is right is seldom said to be wrong, however often one looks', () => {
    const alarms = Array.from({ length: 600 }, () => driftOf(stretch(held), START)).filter(Boolean).length
    expect(alarms / 600).toBeLessThan(FALSE_ALARMS + 3 * Math.sqrt((FALSE_ALARMS * 0.95) / 600))
  })
  it('where twice, or half, as many come it says so, and which', () => {
    const caught = (ratio: number) =>
      Array.from({ length: 100 }, () =>
        driftOf(stretch({ mean: ratio * held.mean, variance: ratio * held.mean + ratio ** 2 * 0.8 }), START),
      ).filter((d) => d && d.more === ratio > 1).length
    expect(caught(2)).toBeGreaterThan(90)
    expect(caught(0.5)).toBeGreaterThan(80)
  })
})
