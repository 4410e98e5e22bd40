import { describe, expect, it } from 'vitest'
import { dog, entry, everyPart, visit } from '../../tests/support/dogs'
import { KEPT, tightenByWash } from '../coat/knots'
import { regionOf } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { addDays } from './day'
import type { Entry } from './entries'
import { coatOn } from './fold'
import { learnedPace } from './learned'

const SINCE = '2026-09-01'
const AT = '2026-09-15'
const of = (entries: Entry[], more = {}, at = AT) => coatOn(dog({ since: SINCE, ...more }, 20, entries), at)
const place = (entries: Entry[], id: RegionId, more = {}, at = AT) =>
  of(entries, more, at).places.find((p) => p.id === id)!
const check = (day: string, region: RegionId, more: object = {}) =>
  entry(day, { kind: 'check', region, finding: 'glides', ...more } as Entry['what'])
const total = (p: { base: readonly number[] }) => p.base.reduce((a, b) => a + b)

/** What each act leaves is judgement, in `coat/knots.ts`; when it applies is common practice, no source. */
describe('what is done to a coat', () => {
  it('a comb leaves a fiftieth, a brush more, and less again over the top alone', () => {
    const before = place([], 'back')
    const after = (what: Entry['what']) => place([entry(AT, what)], 'back').base
    expect(total(place([check(AT, 'back')], 'back'))).toBeCloseTo(0.02 * total(before), 9)
    const brush = (depth: 'skin' | 'surface') =>
      after({ kind: 'brush', depth, regions: ['back'] } as Entry['what'])
    brush('skin').forEach((n, k) => expect(n).toBeCloseTo(before.base[k]! * KEPT.brushed[k]!, 9))
    brush('surface').forEach((n, k) => expect(n).toBeCloseTo(before.base[k]! * KEPT.surface[k]!, 9))
    expect(place([check(AT, 'back')], 'rump').base).toEqual(place([], 'rump').base)
  })
  it('what was counted and not taken out stays, as what it was called', () => {
    const left = (finding: string, more = {}) => place([check(AT, 'back', { finding, ...more })], 'back').left
    expect(left('snag', { count: 3, out: 1 })).toEqual([{ count: 2, stages: [1, 0, 0] }])
    expect(left('knot')).toEqual([{ count: 1, stages: [0, 1, 0] }])
    expect(left('mat', { count: 2 })).toEqual([{ count: 2, stages: [0, 0, 1] }])
    expect(left('felt')).toEqual([{ count: 5, stages: [0, 0, 1] }])
    expect(left('knot', { count: 2, out: 2 })).toEqual([])
    expect(left('rasps')).toEqual([])
    // What stays tightens from day to day, and is not counted as born anew.
    const then = place([check(SINCE, 'back', { finding: 'snag' })], 'back', {}, addDays(SINCE, 7)).left[0]!
    expect(then.stages[0]).toBeLessThan(1)
    expect(then.stages.reduce((a, b) => a + b)).toBeCloseTo(1, 9)
    const again = [
      check('2026-09-10', 'back', { finding: 'knot' }),
      check(AT, 'back', { finding: 'knot', out: 1 }),
    ]
    expect(place(again, 'back').seen.count).toBe(1)
    expect(place(again, 'back').left).toEqual([])
  })
  it('neither a rasp nor dirt nor a refusal makes a place clear; a refusal is counted until the comb goes through', () => {
    const clear = (more: object) => place([check(AT, 'back', more)], 'back').clearOn
    expect(clear({})).toBe(AT)
    expect(clear({ finding: 'rasps' })).toBe(SINCE)
    expect(clear({ finding: 'snag', open: true })).toBe(SINCE)
    expect(clear({ finding: 'refused' })).toBe(SINCE)
    expect(clear({ comfort: 'stopped' })).toBe(SINCE)
    const refused = check('2026-09-10', 'back', { finding: 'refused' })
    expect(place([refused], 'back').refusals).toBe(1)
    expect(place([refused, check(AT, 'back')], 'back').refusals).toBe(0)
    // Dirt was brushed, so as much is left as a brush leaves.
    const dirt = place([check(AT, 'back', { finding: 'snag', open: true })], 'back')
    expect(dirt.base[0]).toBeCloseTo(0.4 * place([], 'back').base[0], 9)
    expect(dirt.seen.count).toBe(0)
  })
  it('stopped on the way, what was met holds for the part that was reached, and nothing is learned', () => {
    const stopped = { finding: 'knot', count: 2, out: 0, comfort: 'stopped' }
    const half = place([check(AT, 'back', stopped)], 'back')
    expect(half.left).toEqual([{ count: 2, stages: [0, 1, 0] }])
    expect([half.seen.count, half.refusals]).toEqual([0, 0])
    const not = { ...stopped, decided: { answer: 'groomer', why: 'not-allowed' } }
    expect(place([check(AT, 'back', not)], 'back').refusals).toBe(1)
    // More was known to be there than it came to now.
    const known = check('2026-09-14', 'back', { finding: 'mat', count: 3, out: 0 })
    expect(place([known, check(AT, 'back', stopped)], 'back').left[0]!.count).toBe(3)
    // Ended before it came to the mat: that is there still, as it was found.
    const glided = place([known, check(AT, 'back', { comfort: 'stopped' })], 'back')
    expect(glided.last).toMatchObject({ finding: 'mat', day: AT, comfort: 'stopped' })
    expect(glided.left[0]!.count).toBe(3)
  })
  it('a wash combed out clears; not combed out it tightens and wets, but for a mat that stays', () => {
    const dry = place([], 'back')
    const wash = (more: object) => entry(AT, { kind: 'wash', combedOut: true, ...more } as Entry['what'])
    expect(place([wash({})], 'back')).toMatchObject({ clearOn: AT, wetTo: null, left: [] })
    const wet = place([wash({ combedOut: false })], 'back')
    expect(wet).toMatchObject({ clearOn: SINCE, wetTo: addDays(AT, 1), wetBy: 'bath' })
    tightenByWash(dry.base).forEach((n, k) => expect(wet.base[k]).toBeCloseTo(n, 9))
    const damp = wash({ damp: ['back'] })
    expect([place([damp], 'back').wetBy, place([damp], 'rump').wetBy]).toEqual(['bath', null])
    const part = wash({ places: ['rump'] })
    expect([place([part], 'back').clearOn, place([part], 'rump').clearOn]).toEqual([SINCE, AT])
    const mat = check('2026-09-14', 'back', { finding: 'mat' })
    expect(place([mat, wash({})], 'back').left).toHaveLength(1)
    const knot = check('2026-09-14', 'back', { finding: 'knot' })
    expect(place([knot, wash({})], 'back')).toMatchObject({ left: [], last: { day: AT, finding: 'glides' } })
    const stays = place([knot, wash({ combedOut: false })], 'back').left[0]!
    expect(stays.stages[2]).toBeGreaterThan(0.29)
  })
  it('water wets what it reaches for two days, unless it was combed dry', () => {
    const wet = (how: string, more = {}) =>
      entry(AT, { kind: 'wet', how, combedDry: false, ...more } as Entry['what'])
    const wetAt = (e: Entry, id: RegionId) => place([e], id).wetBy
    expect([wetAt(wet('swim'), 'back'), wetAt(wet('swim'), 'crown')]).toEqual(['swim', null])
    expect([wetAt(wet('grass'), 'belly'), wetAt(wet('grass'), 'back')]).toEqual(['grass', null])
    expect(wetAt(wet('swim', { combedDry: true }), 'back')).toBeNull()
    const dryAgain = place([{ ...wet('swim'), day: '2026-09-13' }], 'back')
    expect(dryAgain.wetTo).toBe('2026-09-14')
  })
  it('a concern stays at its place till it is closed; lengths are what was measured or cut', () => {
    const concern = entry('2026-09-10', { kind: 'concern', where: 'forefoot', seen: ['red'] })
    const closed = entry(AT, { kind: 'concern-closed', concern: concern.id, how: 'well' })
    expect(place([concern], 'forefoot.left').concern).toBe(concern.id)
    expect(place([concern], 'hindfoot.left').concern).toBeNull()
    expect(place([concern, closed], 'forefoot.right').concern).toBeNull()
    const mm = (what: Entry['what'], id: RegionId) => place([entry(AT, what)], id).mm
    expect(mm({ kind: 'measure', regions: ['back'], mm: 31 }, 'back')).toBe(31)
    const cut = { part: 'beard', did: 'done', how: 'cut', mm: 18 } as const
    expect(mm({ kind: 'tidy', tidy: 'face', parts: [cut] }, 'beard')).toBe(18)
    expect(mm({ kind: 'tidy', tidy: 'face', parts: [cut] }, 'fringe')).toBe(place([], 'fringe').mm)
  })
})

describe('a visit to the groomer', () => {
  const came = (more: object) =>
    entry(AT, { kind: 'visit', lengths: {}, found: [], ...more } as Entry['what'])
  it('leaves every place clear and nothing in it, at the lengths it tells', () => {
    const mat = check('2026-09-10', 'back', { finding: 'mat' })
    const back = place([mat, visit(AT, 'wool-cross', 13)], 'back')
    expect(back).toMatchObject({ clearOn: AT, left: [], mm: 13 })
    expect(total(back)).toBe(0)
    // With nothing said of what was found, nothing is learned.
    expect(back.seen).toEqual(place([mat], 'back').seen)
    const told = came({ found: [{ region: 'back', finding: 'mat', count: 2 }] })
    expect(place([told], 'back').seen.count).toBe(2)
    expect(place([told], 'rump').seen.exposure).toBeGreaterThan(0)
  })
  it('that did only feet clears no coat; what it found there was met there', () => {
    const feet = { did: ['feet'], only: true, lengths: everyPart(13) }
    expect(place([came(feet)], 'back')).toMatchObject({ clearOn: SINCE, mm: 13 })
    const met = came({ ...feet, found: [{ region: 'forefoot.left', finding: 'knot', count: 2 }] })
    expect(place([met], 'forefoot.left')).toMatchObject({ clearOn: AT, left: [] })
    expect(place([met], 'forefoot.left').seen.count).toBe(2)
    expect(place([met], 'back').seen.exposure).toBe(0)
    expect([of([came(feet)]).visitOn, of([came({})]).visitOn]).toEqual([SINCE, AT])
  })
  it('at home only what was clipped has changed, and no clipper goes where a concern is open', () => {
    const home = came({ home: true, lengths: { legs: 12 }, except: [{ place: 'back', mm: 10 }] })
    expect(place([home], 'back')).toMatchObject({ clearOn: AT, mm: 10 })
    expect(place([home], 'rump').clearOn).toBe(SINCE)
    expect(place([home], 'foreleg.left').mm).toBe(12)
    expect(place([home], 'forefoot.left').mm).not.toBe(12)
    const sore = entry('2026-09-10', { kind: 'concern', where: 'back', seen: ['red'] })
    expect(place([sore, home], 'back').clearOn).toBe(SINCE)
    expect(of([home]).visitOn).toBe(SINCE)
  })
  it('what was not allowed stays as it was, and is a refusal', () => {
    const no = came({ lengths: everyPart(13), found: [{ region: 'back', finding: 'refused' }] })
    expect(place([no], 'back')).toMatchObject({
      refusals: 1,
      clearOn: SINCE,
      last: { finding: 'refused', day: AT },
    })
    expect(place([no], 'back').mm).toBeGreaterThan(13)
  })
})

describe('a coat carried on', () => {
  it('copied it goes its own way, and is the same but for that', () => {
    const coat = of([check('2026-09-10', 'back', { finding: 'knot', count: 2 })], { hard: ['back'] })
    const other = coat.copy()
    expect(other.state()).toEqual(coat.state())
    for (const key of [
      'bears',
      'pace',
      'dries',
      'tightening',
      'visitOn',
      'felt',
      'causes',
      'wished',
    ] as const)
      expect(other[key], key).toEqual(coat[key])
    other.passDay()
    expect(other.today).toBe(coat.today + 1)
    expect(coat.state()).not.toEqual(other.state())
    expect(
      coat
        .copy()
        .combThrough(['back'])
        .places.find((p) => p.id === 'back'),
    ).toMatchObject({
      left: [],
      clearOn: AT,
      last: { finding: 'glides', day: AT },
    })
    expect(
      coat
        .copy()
        .combThrough()
        .places.every((p) => p.clearOn === AT),
    ).toBe(true)
    // As if it were combed teaches nothing.
    expect(
      coat
        .copy()
        .combThrough()
        .learn()
        .places.map((p) => p.rate),
    ).toEqual(coat.places.map((p) => p.rate))
  })
  it('a press too quick to be a comb tells no pace; a slow one does', () => {
    const glide = (seconds?: number) =>
      learnedPace(of([check(AT, 'back', seconds === undefined ? {} : { seconds })])).seen
    expect([glide(), glide(4)]).toEqual([null, null])
    expect(glide(5)!.times).toBe(1)
    const usual = of([]).minutesOf({ region: regionOf('back'), mm: place([], 'back').mm })
    expect(learnedPace(of([check(AT, 'back', { seconds: 120 * usual })])).seen!.mean).toBeCloseTo(2, 6)
    // Teasing is counted apart.
    expect(learnedPace(of([check(AT, 'back', { finding: 'knot', seconds: 90 })])).seen).toBeNull()
  })
})
