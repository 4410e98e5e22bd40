import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, everyPart, profile, visit } from '../../tests/support/dogs'
import { anyEntry } from '../../tests/support/facts'
import { REGION_IDS } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { addDays } from './day'
import type { Entry } from './entries'
import type { FINDING_IDS } from './findings'
import { assess, assessEach, coatOn } from './fold'
import type { DogRecord } from './fold'
import { chanceOfAnyMat, chanceOfMat, expectedMats, placesOf, shadeOf } from './odds'
import { learnedGrowth, learnedGrowthOf, learnedPace } from './learned'

const START = '2026-09-01'
const check = (day: string, region: RegionId, finding: (typeof FINDING_IDS)[number], more: object = {}) =>
  entry(day, { kind: 'check', region, finding, ...more })
const allMats = (record: Parameters<typeof assess>[0], at: string) =>
  placesOf(assess(record, at)).reduce((s, p) => s + expectedMats(p), 0)

/** A diary, some of whose entries are corrected or taken back. */
const diary = fc
  .tuple(
    fc.array(anyEntry(START, 41), { maxLength: 25 }),
    fc.array(fc.tuple(fc.uuid({ version: 7 }), fc.nat(), fc.boolean()), { maxLength: 6 }),
  )
  .map(([entries, fixes]) => {
    const all: Entry[] = [...entries]
    for (const [id, n, back] of fixes) {
      const target = all[n % Math.max(1, all.length)]
      if (!target) continue
      all.push({
        id,
        day: target.day,
        what: {
          kind: 'correction',
          replaces: target.id,
          by: back ? null : { kind: 'wash', combedOut: true },
        },
      })
    }
    return all
  })

it('a clip at home changes what was clipped, leaves elbow, hock, flank and feet, and ends no stretch', () => {
  const on = addDays(START, 20)
  const knot = check(addDays(START, 15), 'ear.left', 'knot', { count: 2, out: 0 })
  const clip = entry(on, { kind: 'visit', home: true, lengths: { body: 10, legs: 12 }, found: [] })
  const { regions, visitOn } = assess(dog({}, 20, [knot, clip]), on)
  expect(visitOn).toBe(START)
  expect([regions.back!.mm, regions['foreleg.left']!.mm]).toEqual([10, 12])
  expect(regions.back!.clearOn).toBe(on)
  for (const id of ['armpit.left', 'hock.right', 'tuck-up.left', 'forefoot.left'] as const) {
    expect(regions[id]!.mm).toBeGreaterThan(20)
    expect(regions[id]!.clearOn).toBe(START)
  }
  expect(regions['ear.left']!.left[0]!.count).toBe(2)
})

it('a catch on dirt leaves the check open: brushed, and not known to be clear', () => {
  const washed = visit(START, 'wool-cross', 25)
  const on = addDays(START, 10)
  const with_ = (more: object) =>
    assess({ ...dog(), entries: [washed, check(on, 'beard', 'snag', more)] }, on).regions.beard!
  const open = with_({ open: true })
  expect(open.clearOn).toBe(START)
  expect(open.seen.exposure).toBe(0)
  expect(with_({ count: 1, out: 1 }).clearOn).toBe(on)
  expect(open.unseen[0]).toBeGreaterThan(with_({ count: 1, out: 1 }).unseen[0])
})

describe('the fold', () => {
  it('does not mind the order entries arrive in, nor the same one twice', () => {
    fc.assert(
      fc.property(diary, fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })), (entries, keys) => {
        const record = { profile: profile(), entries: [visit(START, 'wool-cross', 20), ...entries] }
        const order = [...record.entries, ...entries.slice(0, 5)]
          .map((e) => [keys.next().value as number, e] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, e]) => e)
        expect(assess({ ...record, entries: order }, '2026-10-20')).toEqual(assess(record, '2026-10-20'))
      }),
      { numRuns: 60 },
    )
  })
  it('never makes a chance that is not one', () => {
    fc.assert(
      fc.property(diary, (entries) => {
        const record = { profile: profile(), entries: [visit(START, 'wool-cross', 20), ...entries] }
        for (const s of placesOf(assess(record, '2026-10-15'))) {
          const c = chanceOfMat(s)
          expect(c).toBeGreaterThanOrEqual(0)
          expect(c).toBeLessThanOrEqual(1)
          expect(Math.min(...s.unseen)).toBeGreaterThanOrEqual(0)
        }
      }),
      { numRuns: 40 },
    )
  })
  it('walks on from a day exactly as it walks to it', () => {
    const record = dog({}, 20, [
      check('2026-09-10', 'girth', 'knot'),
      entry('2026-09-12', { kind: 'wet', how: 'swim', combedDry: false }),
    ])
    const each = assessEach(record, '2026-09-01', '2026-09-30')
    expect(each).toHaveLength(30)
    expect(each[19]).toEqual(assess(record, '2026-09-20'))
  })
})

describe('what acts do', () => {
  it('a gliding comb keeps two in a hundred, brushing keeps the mats', () => {
    const before = assess(dog(), '2026-09-20').regions['armpit.left']!
    const combed = assess(dog({}, 20, [check('2026-09-20', 'armpit.left', 'glides')]), '2026-09-20').regions[
      'armpit.left'
    ]!
    const brushed = assess(
      dog({}, 20, [entry('2026-09-20', { kind: 'brush', depth: 'skin', regions: ['armpit.left'] })]),
      '2026-09-20',
    ).regions['armpit.left']!
    expect(combed.unseen[2]).toBeCloseTo(before.unseen[2] * 0.02, 12)
    expect(combed.clearOn).toBe('2026-09-20')
    expect(brushed.unseen[2]).toBeCloseTo(before.unseen[2], 12)
    expect(brushed.unseen[0]).toBeCloseTo(before.unseen[0] * 0.4, 12)
    expect(brushed.clearOn).toBe(START)
  })
  it('brushing the surface daily for six weeks leaves at least 80 % of the mats', () => {
    const daily = Array.from({ length: 42 }, (_, d) =>
      entry(addDays(START, d), { kind: 'brush' as const, depth: 'surface' as const, regions: REGION_IDS }),
    )
    const nothing = allMats(dog({}, 25), '2026-10-13')
    const brushed = allMats(dog({}, 25, daily), '2026-10-13')
    expect(brushed / nothing).toBeGreaterThanOrEqual(0.8)
    expect(brushed).toBeLessThan(nothing)
  })
  it('a knot left in is known, and becomes a mat in time; taken out, it is gone', () => {
    const left = dog({}, 20, [check('2026-09-20', 'beard', 'knot', { count: 1, out: 0 })])
    const out = dog({}, 20, [check('2026-09-20', 'beard', 'knot', { count: 1, out: 1 })])
    const at = (r: typeof left, day: string) => chanceOfMat(assess(r, day).regions.beard!)
    expect(at(left, '2026-09-20')).toBeLessThan(0.01)
    expect(at(left, '2026-09-27')).toBeCloseTo(1 - Math.exp(-1), 1)
    expect(at(out, '2026-09-27')).toBeLessThan(0.05)
  })
  it('a mat left in is certain, felt counts as five, and a visit empties all', () => {
    const record = dog({}, 20, [check('2026-09-20', 'beard', 'mat'), check('2026-09-20', 'tail', 'felt')])
    const s = assess(record, '2026-09-21')
    expect(chanceOfMat(s.regions.beard!)).toBe(1)
    expect(expectedMats(s.regions.tail!)).toBeGreaterThanOrEqual(5)
    const after = assess(
      { ...record, entries: [...record.entries, visit('2026-09-22', 'wool-cross', 13)] },
      '2026-09-22',
    )
    expect(chanceOfAnyMat(placesOf(after))).toBe(0)
    expect(after.regions.back!.mm).toBe(13)
    expect(after.visitOn).toBe('2026-09-22')
  })
  it('refused is no check', () => {
    const s = assess(dog({}, 20, [check('2026-09-20', 'forefoot.left', 'refused')]), '2026-09-20').regions[
      'forefoot.left'
    ]!
    expect(s.refusals).toBe(1)
    expect(s.clearOn).toBe(START)
  })
  it('wet hair not combed dry knots three times as fast for two days, combed dry not at all', () => {
    const rate = (entries: Entry[]) => {
      const [a, b] = ['2026-09-10', '2026-09-13'].map(
        (d) => assess(dog({}, 20, entries), d).regions['tail']!.unseen,
      )
      return b!.reduce((s, x) => s + x, 0) - a!.reduce((s, x) => s + x, 0)
    }
    const dry = rate([])
    const swim = (combedDry: boolean) =>
      entry('2026-09-10', { kind: 'wet' as const, how: 'swim' as const, combedDry })
    expect(rate([swim(false)]) / dry).toBeGreaterThan(2.2)
    expect(rate([swim(true)])).toBeCloseTo(dry, 12)
    // Combed after the swim, by the order of work, though neither has a time.
    const s = assess(dog({}, 20, [check('2026-09-10', 'tail', 'glides'), swim(false)]), '2026-09-10').regions
      .tail!
    expect(s.wetTo).toBe(null)
  })
  it('a wash left uncombed tightens and wets', () => {
    const washed = dog({}, 20, [entry('2026-09-20', { kind: 'wash', combedOut: false })])
    const s = assess(washed, '2026-09-20').regions['side.left']!
    expect(s.unseen[0]).toBe(0)
    expect(s.wetBy).toBe('bath')
  })
  it('a body at about 5 mm hardly knots at the tuck-up for four weeks', () => {
    const record = {
      profile: profile(),
      entries: [entry(START, { kind: 'visit' as const, lengths: everyPart(5), found: [] })],
    }
    const at = (r: DogRecord) => chanceOfMat(assess(r, addDays(START, 28)).regions['tuck-up.left']!)
    expect(at(record)).toBeLessThan(0.02)
    expect(at(record)).toBeLessThan(at(dog({}, 20)) / 10)
  })
})

describe('corrections', () => {
  const wrong = check('2026-09-20', 'beard', 'mat')
  const back: Entry = entry('2026-09-20', { kind: 'correction', replaces: wrong.id, by: null })
  const record = (more: Entry[]) => dog({}, 20, [wrong, ...more])
  it('take an entry back, and can themselves be taken back', () => {
    const without = assess(dog({}, 20), '2026-09-25')
    expect(assess(record([back]), '2026-09-25').regions.beard!.left).toEqual(without.regions.beard!.left)
    const again: Entry = entry('2026-09-20', { kind: 'correction', replaces: back.id, by: null })
    expect(chanceOfMat(assess(record([back, again]), '2026-09-25').regions.beard!)).toBe(1)
  })
  it('stand in for it', () => {
    const glides: Entry = entry('2026-09-20', {
      kind: 'correction',
      replaces: wrong.id,
      by: { kind: 'check', region: 'beard', finding: 'glides' },
    })
    expect(assess(record([glides]), '2026-09-20').regions.beard!.last!.finding).toBe('glides')
  })
})

it('draws five states by chance', () => {
  expect([0, 0.001, 0.004, 0.02, 0.05, 0.5].map(shadeOf)).toEqual([0, 0, 1, 2, 3, 4])
})

it('leaves out regions a dog has not got', () => {
  const s = assess(dog({ absent: ['tail'] }), '2026-09-20')
  expect(s.regions.tail).toBeUndefined()
  expect(placesOf(s)).toHaveLength(40)
})

describe('what is learned besides', () => {
  const measured = (mm: number[]) =>
    coatOn(
      dog(
        {},
        20,
        mm.map((x, i) =>
          entry(addDays('2026-09-01', 28 * (i + 1)), { kind: 'measure', regions: ['back'], mm: x }),
        ),
      ),
      '2026-12-31',
    )

  it('with nothing measured or timed is the prior exactly', () => {
    const bare = measured([])
    expect(learnedGrowth(bare)).toMatchObject({ prior: 0.35, seen: null, now: 0.35, telling: false })
    expect(learnedPace(bare)).toMatchObject({ prior: 1, seen: null, now: 1, telling: false })
  })

  it('growth leans to what was measured, the more the longer it was watched', () => {
    // 28 days at 0.2 mm a day; measurement sd 2 mm, prior 0.35, sd 0.08: worked by hand.
    const [a, b] = [1 / 0.08 ** 2, 1 / (2 / 28) ** 2]
    const once = learnedGrowthOf(measured([25.6]), 'body')
    expect(once.now).toBeCloseTo((a * 0.35 + b * 0.2) / (a + b), 9)
    const often = learnedGrowthOf(measured([25.6, 31.2, 36.8]), 'body')
    expect(often.now).toBeLessThan(once.now)
    expect(often.telling).toBe(true)
    expect(often.seen).toMatchObject({ times: 3 })
    expect(often.seen!.mean).toBeCloseTo(0.2, 9)
    // And the coat is expected to go on growing so.
    const coat = measured([25.6, 31.2, 36.8])
    expect(coat.places.find((p) => p.id === 'back')!.mm).toBeLessThan(36.8 + 0.35 * 38)
  })

  it('pace leans to the sessions timed, and a slip of the thumb does not count', () => {
    const timed = (seconds: number, times: number) =>
      coatOn(
        dog(
          {},
          25,
          Array.from({ length: times }, (_, i) =>
            entry(addDays('2026-09-02', i), { kind: 'check', region: 'back', finding: 'glides', seconds }),
          ),
        ),
        '2026-12-31',
      )
    expect(learnedPace(timed(2, 5)).seen).toBe(null)
    const slow = timed(600, 12)
    expect(slow.pace).toBeGreaterThan(1.5)
    expect(learnedPace(slow).telling).toBe(true)
    expect(timed(600, 1).pace).toBeLessThan(slow.pace)
  })
})

/** Common practice, no source. */
describe('what was reached in part, and what a bath let go', () => {
  const on = addDays(START, 30)
  const state = (...entries: Entry[]) => assess(dog({}, 20, entries), on).regions
  it('a check the dog stopped holds for its part: what it met is known, and the place is not clear', () => {
    const before = state()
    const glided = state(check(on, 'beard', 'glides', { comfort: 'stopped' }))
    expect(glided.beard!.clearOn).toBe(START)
    expect(glided.beard!.unseen).toEqual(before.beard!.unseen)
    expect(glided.beard!.seen).toEqual(before.beard!.seen)
    expect(glided.beard!.last).toMatchObject({ day: on, comfort: 'stopped' })
    const met = state(check(on, 'beard', 'knot', { count: 2, out: 0, comfort: 'stopped' }))
    expect(met.beard!.left).toEqual([{ count: 2, stages: [0, 1, 0] }])
    expect(chanceOfMat(met.beard!)).toBeGreaterThanOrEqual(chanceOfMat(before.beard!))
    expect(state(check(on, 'beard', 'glides')).beard!.clearOn).toBe(on)
  })
  it('a stop does not undo what was found there before', () => {
    const mat = check(addDays(on, -2), 'chest', 'mat')
    const later = state(mat, check(on, 'chest', 'glides', { comfort: 'stopped' }))
    expect(later.chest!.last).toMatchObject({ finding: 'mat', comfort: 'stopped' })
    expect(later.chest!.left).toHaveLength(1)
  })
  it('the comb glides everywhere after a bath: a knot put off to the conditioner is out, a mat is not', () => {
    const decided = { answer: 'condition', why: 'tried-wash' }
    const knot = check(on, 'beard', 'knot', { count: 2, out: 0, decided })
    const mat = check(on, 'chest', 'mat')
    const wash = (combedOut: boolean) => entry(on, { kind: 'wash', combedOut })
    const out = state(knot, mat, wash(true))
    expect(out.beard).toMatchObject({ left: [], clearOn: on, last: { finding: 'glides' } })
    expect(out.chest!.left).toHaveLength(1)
    expect(out.chest!.last!.finding).toBe('mat')
    expect(state(knot, wash(false)).beard!.left).toHaveLength(1)
  })
})
