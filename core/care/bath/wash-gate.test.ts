import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../../tests/support/dogs'
import { REGION_IDS } from '../../coat/regions'
import { teaseMinutes } from '../../coat/minutes'
import { addDays } from '../../record/day'
import type { Entry } from '../../record/entries'
import type { Coat } from '../../record/coat'
import { coatOn } from '../../record/fold'
import { WASHING_MINUTES } from './bath-recipe'
import { expectedKnots } from '../../record/odds'
import { openConcerns } from '../look/look-over'
import { areaShare, mayWash } from './wash-gate'
import type { WashAsked } from './wash-gate'

const TODAY = '2026-09-20'
const combedOn = (day: string, but: Partial<Record<string, object>> = {}): Entry[] =>
  REGION_IDS.map((region) =>
    entry(day, { kind: 'check', region, finding: 'glides', ...but[region] } as Entry['what']),
  )
const gateOf = (coat: Coat, more: Partial<WashAsked> = {}) =>
  mayWash({
    coat,
    part: null,
    concerns: [],
    skin: 'well',
    stitches: false,
    vetPlan: null,
    dirty: false,
    sinceBath: null,
    interval: 30,
    washFirst: false,
    dryer: 'household',
    mm: 24,
    now: 10 * 60,
    bed: 22 * 60,
    ...more,
  })
const gate = (entries: Entry[], more: Partial<WashAsked> = {}, profile = {}) => {
  const record = dog(profile, 20, entries)
  return gateOf(coatOn(record, TODAY), { concerns: openConcerns(record, TODAY), ...more })
}

/** Common practice, no source. */
describe('a part wash', () => {
  const REAR = ['under-tail', 'thigh', 'inner-thigh', 'tail-base'] as const
  it('wants no comb, no interval and no hour: only sore skin there forbids it', () => {
    for (const more of [{}, { sinceBath: 1 }, { now: 23 * 60 }, { dryer: 'none' as const }])
      expect(gate([], { part: REAR, ...more }).answer).toEqual({ answer: 'yes' })
    const red = (where: 'thigh' | 'beard') => entry(TODAY, { kind: 'concern', where, seen: ['red'] })
    expect(gate([red('thigh')], { part: REAR }).answer).toMatchObject({ answer: 'vet', where: 'thigh' })
    expect(gate([red('beard')], { part: REAR }).answer).toEqual({ answer: 'yes' })
    expect(gate([], { part: REAR, skin: 'sore' }).answer).toMatchObject({ answer: 'vet' })
    expect(gate([], { part: REAR, stitches: true }).answer).toMatchObject({ answer: 'vet' })
    expect(gate([], { part: REAR, vetPlan: 'Weekly' }).answer).toEqual({ answer: 'vet-plan' })
  })
  it('of the feet is not for a dog with sore pads, of the rear it may be', () => {
    const pads = entry(TODAY, { kind: 'concern', where: 'pads', seen: ['red'] })
    expect(gate([pads], { part: ['forefoot'] }).answer).toMatchObject({ answer: 'vet', where: 'pads' })
    expect(gate([pads], { part: REAR }).answer).toEqual({ answer: 'yes' })
  })
  it('has a share of the coat by area, and of nothing the whole', () => {
    const { places } = coatOn(dog(), TODAY)
    const area = (of: typeof places) => of.reduce((sum, p) => sum + p.region.area, 0)
    expect(areaShare(places.slice(0, 5), places)).toBeCloseTo(area(places.slice(0, 5)) / area(places), 12)
    expect(areaShare([], [])).toBe(1)
  })
  it('is dried by its share of the coat', () => {
    const whole = gate(combedOn(TODAY)).drying!
    const rear = gate(combedOn(TODAY), { part: REAR }).drying!
    expect(rear.to).toBeLessThan(whole.to / 3)
    expect(rear.to).toBeGreaterThan(whole.to / 12)
  })
})

/** Common practice, no source. */
describe('may this dog be washed today', () => {
  it('yes, once the comb has gone through everywhere within a day', () => {
    for (const day of [TODAY, addDays(TODAY, -1)]) {
      expect(gate(combedOn(day)).answer).toEqual({ answer: 'yes' })
      expect(gate(combedOn(day)).combed).toEqual({ places: 41, of: 41 })
    }
  })
  it('else comb first: what, and minutes', () => {
    const two = combedOn(TODAY).filter((e) => !JSON.stringify(e).includes('behind-ear'))
    const { answer } = gate(two)
    expect(answer).toMatchObject({ answer: 'comb-first', places: ['behind-ear'], tryWater: false })
    const coat = coatOn(dog({}, 20, two), TODAY)
    const ears = coat.places.filter((p) => p.region.place === 'behind-ear')
    const minutes = ears.reduce((sum, p) => sum + coat.minutesOf(p) + teaseMinutes(expectedKnots(p)), 0)
    expect(answer.answer === 'comb-first' && answer.minutes).toBeCloseTo(minutes, 9)
    expect(gate(combedOn(addDays(TODAY, -2))).answer).toMatchObject({ answer: 'comb-first' })
  })
  it('a knot left in is combed first, but for one that passed the water test', () => {
    const left = { finding: 'knot', count: 1, out: 0 }
    expect(gate(combedOn(TODAY, { beard: left })).answer).toMatchObject({ answer: 'comb-first' })
    const decided = { ...left, decided: { answer: 'condition', why: 'tried-wash' } }
    expect(gate(combedOn(TODAY, { beard: decided })).answer).toEqual({ answer: 'yes' })
  })
  it('felt or a mat left in: no bath, the groomer', () => {
    expect(gate(combedOn(TODAY, { beard: { finding: 'felt' } })).answer).toEqual({
      answer: 'groomer',
      why: 'felt',
    })
    expect(gate(combedOn(TODAY, { beard: { finding: 'mat', count: 1, out: 0 } })).answer).toEqual({
      answer: 'groomer',
      why: 'mat',
    })
    const many = Object.fromEntries(
      ['beard', 'tail', 'chest'].map((r) => [r, { finding: 'mat', count: 3, out: 0 }]),
    )
    expect(gate(combedOn(TODAY, many)).answer).toEqual({ answer: 'groomer', why: 'many' })
  })
  it('sore skin and stitches come before all else, a vet’s plan before the rest', () => {
    const clear = combedOn(TODAY)
    expect(gate(clear, { skin: 'sore', stitches: true, vetPlan: 'weekly' }).answer).toEqual({
      answer: 'vet',
      why: 'sore',
    })
    expect(gate(clear, { stitches: true, vetPlan: 'weekly' }).answer).toEqual({
      answer: 'vet',
      why: 'stitches',
    })
    expect(gate(clear, { vetPlan: 'weekly' }).answer).toEqual({ answer: 'vet-plan' })
    for (const where of ['belly', 'under-tail', 'pads'] as const) {
      const concern = entry(TODAY, { kind: 'concern', where, seen: ['red'] })
      expect(gate([...clear, concern]).answer).toEqual({ answer: 'vet', why: 'sore', where })
    }
  })
  it('a concern elsewhere, or of skin that is whole, keeps its place dry and lets the rest be washed', () => {
    for (const [where, seen] of [
      ['eyes', 'red'],
      ['mouth', 'pain'],
      ['ear-openings', 'wax'],
      ['nails', 'blood'],
      ['chest', 'lump'],
    ] as const) {
      const concern = entry(TODAY, { kind: 'concern', where, seen: [seen] })
      expect(gate([...combedOn(TODAY), concern])).toMatchObject({
        answer: { answer: 'yes' },
        keptDry: [where],
      })
    }
  })
  it('a place where it was found sore is not wetted, and nothing is said of eight mats but that there are some', () => {
    const sore = { finding: 'knot', count: 1, out: 0, decided: { answer: 'vet', why: 'sore' } }
    expect(gate(combedOn(TODAY, { beard: sore })).answer).toEqual({
      answer: 'vet',
      why: 'sore',
      where: 'beard',
    })
    const mats = (n: number) => combedOn(TODAY, { beard: { finding: 'mat', count: n, out: 0 } })
    expect(gate(mats(8)).answer).toMatchObject({ why: 'mat' })
    expect(gate(mats(9)).answer).toMatchObject({ why: 'many' })
  })
  it('what a hand felt, sheets or many, is for the groomer until the comb has been everywhere', () => {
    const feltBy = (felt: 'sheet' | 'many' | 'none') =>
      gateOf({ ...coatOn(dog({}, 20, combedOn(TODAY)), TODAY), state: () => ({ felt }) } as unknown as Coat)
    expect(feltBy('sheet').answer).toEqual({ answer: 'groomer', why: 'felt' })
    expect(feltBy('many').answer).toEqual({ answer: 'groomer', why: 'many' })
    expect(feltBy('none').answer).toEqual({ answer: 'yes' })
  })
  it('a place where the dog stopped it, and one no comb has met, are combed first', () => {
    const stopped = gate(combedOn(TODAY, { beard: { comfort: 'stopped' } }))
    // The check of the day before its own counts for nothing here: it is of the visit, weeks ago.
    expect(stopped.answer).toMatchObject({ answer: 'comb-first', places: ['beard'] })
    const met = profile({ since: TODAY })
    const unmet = coatOn({ profile: met, entries: [] }, TODAY)
    expect(gateOf(unmet)).toMatchObject({ combed: { places: 0, of: 41 }, answer: { answer: 'comb-first' } })
  })
  it('not so often that the skin dries, unless the dog is dirty', () => {
    const clear = combedOn(TODAY)
    expect(gate(clear, { sinceBath: 5 }).answer).toEqual({ answer: 'too-soon', from: addDays(TODAY, 10) })
    expect(gate(clear, { sinceBath: 5, dirty: true }).answer).toEqual({ answer: 'yes' })
    expect(gate(clear, { sinceBath: 15 }).answer).toEqual({ answer: 'yes' })
  })
  it('only with time to dry before bed, and a dryer at all', () => {
    const clear = combedOn(TODAY)
    const { startBy } = gate(clear)
    expect(startBy).toBeGreaterThan(17 * 60)
    expect(gate(clear, { now: startBy! }).answer).toEqual({ answer: 'yes' })
    expect(gate(clear, { now: startBy! + 1 }).answer).toEqual({ answer: 'too-late', startBy })
    expect(gate(clear, { dryer: 'none' }).answer).toEqual({ answer: 'no-dryer' })
    expect(gate([], { dryer: 'none' }, { coat: 'smooth' }).answer).toEqual({ answer: 'yes' })
    // A short double coat dries in the warm; a long one does not.
    expect(gate(clear, { dryer: 'none' }, { coat: 'double-short' }).answer).toEqual({ answer: 'yes' })
    expect(gate(clear, { dryer: 'none' }, { coat: 'double-long' }).answer).toEqual({ answer: 'no-dryer' })
  })
  it('dry an hour before bed: washing, the longest drying, and sixty minutes', () => {
    const g = gate(combedOn(TODAY), { bed: 22 * 60 })
    expect(22 * 60 - g.startBy! - g.drying!.to - WASHING_MINUTES).toBe(60)
  })
  it('not at night, and a bedtime past midnight is of that night', () => {
    const clear = combedOn(TODAY)
    for (const now of [0, 3, 359]) expect(gate(clear, { now }).answer).toEqual({ answer: 'night', from: 360 })
    expect(gate(clear, { now: 360 }).answer).toEqual({ answer: 'yes' })
    expect(gate(clear, { now: 23 * 60 + 58 }).answer).toMatchObject({ answer: 'too-late' })
    expect(gate(clear, { now: 20 * 60, bed: 30 }).answer).toEqual({ answer: 'yes' })
  })
  it('wash first only in that school, where water soaks in, with a dryer that parts the coat', () => {
    const school = { washFirst: true, soaks: true, dryer: 'forced' } as const
    expect(gate([], school).answer).toEqual({ answer: 'wash-first' })
    const untried = { washFirst: true, dryer: 'forced' } as const
    expect(gate([], { ...untried, dryer: 'household' }).answer).toMatchObject({ tryWater: false })
    expect(gate([], { ...untried, soaks: false }).answer).toMatchObject({ tryWater: false })
    // Where no comb has been nobody knows that there are snags and knots alone.
    const unmet = coatOn({ profile: profile({ since: TODAY }), entries: [] }, TODAY)
    expect(gateOf(unmet, { ...school, sinceBath: null }).answer).toMatchObject({
      answer: 'comb-first',
      tryWater: false,
    })
    for (const less of [{ washFirst: false }, { soaks: false }, { dryer: 'household' as const }])
      expect(gate([], { ...school, ...less }).answer.answer).toBe('comb-first')
    expect(gate([], { washFirst: true, dryer: 'forced' }).answer).toMatchObject({ tryWater: true })
  })
})
