import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoDogs } from '../../../demo/household'
import { dog, entry } from '../../../tests/support/dogs'
import { anyFact } from '../../../tests/support/facts'
import { REGION_IDS } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import type { Entry } from '../../record/entries'
import { coatOn } from '../../record/fold'
import { likelyCount } from '../../learn/counts'
import { chanceOfAnyMat, expectedMats } from '../../record/odds'
import { toldAndFound, trustIn } from './told-and-found'

const TODAY = '2027-01-20'
const visit = (day: string, ...mats: RegionId[]): Entry =>
  entry(day, {
    kind: 'visit',
    lengths: { body: 20, legs: 25, head: 20, ears: 30, tail: 40 },
    by: 'Imke',
    found: REGION_IDS.map((region) =>
      mats.includes(region)
        ? { region, finding: 'mat' as const, count: 2 }
        : { region, finding: 'glides' as const },
    ),
  })

/** A dog whose first visit was made before these. */
const visited = (bodyMm: number, ...later: (() => Entry)[]) => {
  const record = dog({}, bodyMm)
  return { ...record, entries: [...record.entries, ...later.map((make) => make())] }
}

describe('what was told of a visit, and what was found', () => {
  it('is what the record said on the morning of the visit, and the mats that were met', () => {
    const record = visited(20, () => visit('2026-10-20', 'armpit.left', 'beard'))
    const [met, ...more] = toldAndFound(record, TODAY)
    expect(more).toEqual([])
    const then = coatOn({ ...record, entries: record.entries.slice(0, 1) }, '2026-10-20')
    expect(met!.told.mats).toBeCloseTo(
      then.places.reduce((sum, p) => sum + expectedMats(p), 0),
      9,
    )
    expect(met).toMatchObject({ by: 'Imke', found: { mats: 4, minutes: 32 } })
    expect(met!.told.low).toBeLessThanOrEqual(Math.floor(met!.told.mats))
    expect(met!.told.high).toBeGreaterThanOrEqual(Math.floor(met!.told.mats))
  })
  it('its spread is that of the counts: each place’s Gamma mixture, and what was left, mat or not', () => {
    const left = entry('2026-10-19', { kind: 'check', region: 'beard', finding: 'knot', count: 3, out: 0 })
    const record = visited(
      20,
      () => left,
      () => visit('2026-10-20', 'beard'),
    )
    const [met] = toldAndFound(record, TODAY)
    const then = coatOn({ ...record, entries: record.entries.slice(0, -1) }, '2026-10-20')
    let [mean, variance] = [0, 0]
    for (const { rate, unseen, left: stay } of then.places) {
      // Of a Gamma of shape a the second moment is s²·a·(a + 1).
      const second = rate.weights.reduce(
        (sum, w, k) => sum + w * rate.scales[k]! ** 2 * (rate.shape + rate.shape ** 2),
        0,
      )
      mean += rate.mean * unseen[2]
      variance += rate.mean * unseen[2] + (second - rate.mean ** 2) * unseen[2] ** 2
      for (const { count, stages } of stay) {
        mean += count * stages[2]
        variance += count * stages[2] * (1 - stages[2])
      }
    }
    const [low, high] = likelyCount({ mean, variance })
    expect(met!.told).toMatchObject({ low, high })
    expect(met!.told.mats).toBeCloseTo(mean, 9)
    expect(met!.told.any).toBeCloseTo(chanceOfAnyMat(then.places), 12)
    expect(variance).toBeGreaterThan(mean)
  })
  it('what many visits come to is their sum, and whether each lay within what was told', () => {
    const one = (mats: number, told = { mats: 2, any: 0.7, low: 1, high: 3 }) => ({
      day: TODAY,
      by: null,
      told,
      found: { mats, minutes: 0 },
    })
    expect(trustIn([one(0), one(1), one(3), one(4)])).toEqual({ visits: 4, told: 8, found: 8, within: 2 })
  })
  it('a visit that tells nothing of knots is none, nor is the first, nor one to come, nor feet alone', () => {
    const silent = entry('2026-10-20', { kind: 'visit', lengths: { body: 14 }, found: [] })
    const feet = {
      ...visit('2026-10-21'),
      what: { ...visit('2026-10-21').what, did: ['feet'], only: true },
    } as Entry
    const later = visit('2027-02-01', 'beard')
    expect(toldAndFound(dog({}, 20, [silent, feet, later]), TODAY)).toEqual([])
    expect(toldAndFound({ ...dog(), entries: [visit('2026-09-01', 'beard')] }, TODAY)).toEqual([])
  })
  it('looks back on the last six, oldest first', () => {
    const days = toldAndFound(
      visited(20, ...Array.from({ length: 8 }, (_, i) => () => visit(`2026-10-${10 + i}`))),
      TODAY,
    ).map((m) => m.day)
    expect(days).toHaveLength(6)
    expect([...days].sort()).toEqual(days)
  })
  it('nothing written after a visit changes what was told of it', () => {
    const record = visited(20, () => visit('2026-10-20', 'beard'))
    const before = toldAndFound(record, TODAY)
    fc.assert(
      fc.property(
        anyFact.filter((f) => f.kind !== 'visit' && f.kind !== 'dog'),
        (what) => {
          const after = { ...record, entries: [...record.entries, entry('2026-11-05', what)] }
          expect(toldAndFound(after, TODAY)).toEqual(before)
        },
      ),
      { numRuns: 60 },
    )
  })
  it('the count lies within what was told about four times in five, were it as the record says', () => {
    // The counts that are within are those a coat like that comes to: summed over what may be found.
    const record = visited(30, () => visit('2026-11-20'))
    const [met] = toldAndFound(record, TODAY)
    expect(met!.told.high).toBeGreaterThan(met!.told.low)
    expect(met!.told.high).toBeGreaterThanOrEqual(met!.told.mats)
    expect(trustIn([met!, { ...met!, found: { mats: met!.told.high + 1, minutes: 0 } }])).toMatchObject({
      visits: 2,
      within: met!.told.low === 0 ? 1 : 0,
    })
    expect(trustIn([])).toEqual({ visits: 0, told: 0, found: 0, within: 0 })
  })
  it('of the demo’s dogs each past visit is told', () => {
    const met = demoDogs(TODAY).flatMap((d) => toldAndFound(d, TODAY))
    expect(met.length).toBeGreaterThan(1)
    for (const m of met) expect(m.told.mats).toBeGreaterThan(0)
  }, 60_000)
})
