import fc from 'fast-check'
import { randomBeta, randomLcg, randomPoisson } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { combedWeekly } from '../../tests/support/world'
import { REGIONS } from '../coat/regions'
import { addDays } from '../record/day'
import type { Entry } from '../record/entries'
import { coatOn } from '../record/fold'
import { findsOf, FINDS_PRIOR, metAfter, NOTHING_FOUND_AFTER } from './finds'
import type { Finds } from './finds'
import { Taught } from '../record/taught'
import { learnedFinding, likelyFinds } from '../record/learned'
import { COATS } from '../coat/coat-types'

const told = (visits: readonly { met: number; through: number; since: number }[], shape = 60) =>
  visits.reduce((held, { met, ...rest }) => metAfter(held, met, { ...rest, shape }), NOTHING_FOUND_AFTER)

/** As it is shown. */
const shown = (finding: Finds) =>
  learnedFinding({ taught: Object.assign(Taught.nothing(COATS.drop), { finding }) })

describe('how much of what is there a comb finds', () => {
  it('is eleven in twelve before any visit, and no visit is none seen', () => {
    // Beta(11, 1), but for what lies under three in ten.
    expect(FINDS_PRIOR).toBeCloseTo(11 / 12, 4)
    const [low, high] = likelyFinds(NOTHING_FOUND_AFTER)
    expect(low).toBeCloseTo(0.1 ** (1 / 11), 3)
    expect(high).toBeCloseTo(0.9 ** (1 / 11), 3)
    expect(shown(NOTHING_FOUND_AFTER)).toMatchObject({ seen: null, telling: false })
  })
  it('seen is what makes what was met what it was to be', () => {
    // Ten to find, and two met the next day: ten of twelve.
    expect(shown(told([{ met: 2, through: 10, since: 0 }])).seen!.mean).toBeCloseTo(10 / 12, 9)
    expect(shown(told([{ met: 0, through: 10, since: 1 }])).seen!.mean).toBe(1)
  })
  it('falls with what is met, and where it was to come anyhow falls less', () => {
    const visit = fc.record({
      met: fc.integer({ min: 1, max: 20 }),
      through: fc.double({ min: 1, max: 30, noNaN: true }),
      since: fc.double({ min: 0, max: 5, noNaN: true }),
    })
    fc.assert(
      fc.property(visit, (v) => {
        const held = findsOf(told([v]))
        expect(findsOf(told([{ ...v, met: v.met + 1 }]))).toBeLessThan(held)
        expect(findsOf(told([{ ...v, since: v.since + 2 }]))).toBeGreaterThan(held)
        const [low, high] = likelyFinds(told([v]))
        expect(low).toBeLessThan(held)
        expect(high).toBeGreaterThan(low)
      }),
    )
  })
  it('holds owners drawn from what is held of them eight times in ten, though no word comes where nothing was met', () => {
    const random = randomLcg(0.7)
    const share = randomBeta.source(random)(11, 1)
    const poisson = randomPoisson.source(random)
    let held = 0
    const OWNERS = 400
    for (let n = 0; n < OWNERS; n++) {
      const s = share()
      const visits = Array.from({ length: 12 }, () => ({ through: 8, since: 1 })).flatMap((v) => {
        const met = poisson(v.since + ((1 - s) / s) * v.through)()
        return met ? [{ ...v, met }] : []
      })
      const [low, high] = likelyFinds(told(visits, 1e6))
      held += Number(s >= low && s <= high)
    }
    expect(held / OWNERS).toBeGreaterThan(0.76)
    expect(held / OWNERS).toBeLessThan(0.84)
  })
})

describe('in a record', () => {
  const SINCE = '2026-09-01'
  const on = (n: number) => addDays(SINCE, n)
  const combed = (n: number, count = 1) =>
    REGIONS.map((r) =>
      entry(on(n), { kind: 'check', region: r.id, finding: 'snag', count, out: count }, { time: '18:00' }),
    )
  const groomed = (n: number, count: number, more = {}) =>
    entry(
      on(n),
      { kind: 'visit', lengths: {}, found: [{ region: 'beard', finding: 'snag', count }], ...more },
      { time: '10:00' },
    )
  const seen = (...entries: Entry[][]) =>
    learnedFinding(coatOn(dog({ since: SINCE }, 25, entries.flat()), on(40))).seen

  it('only a groomer who went through all of it, within three days of the comb, tells', () => {
    expect(seen(combed(20), [groomed(23, 4)])).toMatchObject({ times: 1 })
    expect(seen(combed(20), [groomed(24, 4)])).toBeNull()
    expect(seen(combed(20), [groomed(21, 4, { home: true })])).toBeNull()
    expect(seen(combed(20), [groomed(21, 4, { did: ['nails'], only: true })])).toBeNull()
    expect(seen(combed(20), [entry(on(21), { kind: 'visit', lengths: {}, found: [] })])).toBeNull()
    expect(seen([groomed(21, 4)])).toBeNull()
  })
  it('a comb that finds more of what is there is known by it, in a world that is not the model', () => {
    for (const misses of [1 / 12, 0.3]) {
      let all = NOTHING_FOUND_AFTER.logs
      for (let seed = 1; seed <= 150; seed++) {
        const world = combedWeekly({ seed, causes: 0, misses }, 7)
        world.groomed()
        const { logs } = coatOn(world.record, world.on).taught.finding
        all = all.map((l, k) => l + logs[k]! - NOTHING_FOUND_AFTER.logs[k]!)
      }
      const mean = findsOf({ logs: all })
      expect(mean).toBeGreaterThan(1 - misses - 0.05)
      expect(mean).toBeLessThan(1 - misses + 0.05)
    }
  })
})
