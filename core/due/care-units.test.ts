import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import type { Entry, FactOf } from '../record/entries'
import { coatOn } from '../record/fold'
import { careTakes, dryingTakes, usualCareMinutes } from './care-minutes'
import { CARE_UNITS, careUnits, daysLate, earlyMinutes, lateMinutes } from './care-units'

const START = '2026-09-01'
const cutting = { habits: { setting: 'scissors' as const } }
const tidy = (n: number, what: Partial<FactOf<'tidy'>>): Entry =>
  entry(addDays(START, n), { kind: 'tidy', tidy: 'paws', ...what } as Entry['what'])
const unitsOn = (day: string, entries: Entry[], more = {}) => {
  const record = dog({ ...cutting, ...more }, 20, entries)
  return new Map(careUnits(record, coatOn(record, day)).map((u) => [u.unit, u]))
}

/** Common practice, no source: the trade's parts and intervals; the minutes are judgement. */
describe('care as a plan takes it', () => {
  it('feet and nails by side, the rear without the belly, and ten kinds at least on a coat that grows on', () => {
    const units = unitsOn(addDays(START, 5), [])
    expect(units.size).toBeGreaterThanOrEqual(10)
    expect(units.get('paws.left')!.parts).toEqual(['paw.forefoot.left', 'paw.hindfoot.left'])
    expect(units.get('belly')!.parts).not.toContain('under-tail')
    const all = units.get('paws.left')!.minutes + units.get('paws.right')!.minutes
    expect(all).toBeCloseTo(usualCareMinutes(profile(cutting), 'paws'), 6)
  })
  it('two feet of four done leave the other side due, and only what waits takes its minutes', () => {
    const left = ['paw.forefoot.left', 'paw.hindfoot.left'] as const
    const half = tidy(24, { parts: left.map((part) => ({ part, did: 'done', how: 'cut', mm: 4 })) })
    const units = unitsOn(addDays(START, 25), [half])
    expect(units.get('paws.left')!.since).toBe(1)
    expect(units.get('paws.right')!.since).toBe(25)
    const one = tidy(24, { parts: [{ part: 'paw.forefoot.left', did: 'done', how: 'cut', mm: 4 }] })
    const some = unitsOn(addDays(START, 25), [one]).get('paws.left')!
    expect(some.waiting).toEqual(['paw.hindfoot.left'])
    expect(some.firstMinutes).toBeCloseTo(some.minutes / 2, 6)
  })
  it('what the dog would not have is refused till it is done', () => {
    const no = tidy(3, { parts: [{ part: 'paw.forefoot.left', did: 'refused' }] })
    const yes = tidy(5, { parts: [{ part: 'paw.forefoot.left', did: 'done' }] })
    expect(unitsOn(addDays(START, 4), [no]).get('paws.left')!.refused).toBe(true)
    expect(unitsOn(addDays(START, 4), [no]).get('paws.right')!.refused).toBe(false)
    expect(unitsOn(addDays(START, 6), [no, yes]).get('paws.left')!.refused).toBe(false)
  })
  it('nails fall due on their day: a look in eight, a sliver in four', () => {
    const look = (n: number, outcome: 'fine' | 'sliver') => tidy(n, { tidy: 'nails', outcome })
    const after = (outcome: 'fine' | 'sliver') =>
      unitsOn(addDays(START, 2), [look(0, outcome)]).get('nails.left')!
    expect(after('fine').due).toBe(addDays(START, 8))
    expect(after('sliver').due).toBe(addDays(START, 4))
  })
  it('a bath takes its drying: a household dryer on a 25 kg double coat over an hour', () => {
    const wren = { coat: 'double-long' as const, weightKg: 25 }
    const record = dog({ ...wren, ...cutting }, 45)
    expect(dryingTakes(coatOn(record, START))).toBeGreaterThan(60)
    const forced = dog({ ...wren, habits: { dryer: 'forced' } }, 45)
    expect(dryingTakes(coatOn(forced, START))).toBeLessThan(35)
    const bath = unitsOn(addDays(START, 1), [], wren).get('bath')!
    expect(bath.minutes).toBeGreaterThan(bath.drying + 10)
  })
  it('minutes are learned from those that were timed, towards them and not past them', () => {
    const timed = (minutes: number, times: number) =>
      careTakes(
        dog(
          cutting,
          20,
          Array.from({ length: times }, (_, n) => tidy(n, { minutes })),
        ),
        'paws',
        addDays(START, 30),
      ).now
    const usual = timed(0, 0)
    expect(timed(20, 1)).toBeGreaterThan(usual)
    expect(timed(20, 6)).toBeGreaterThan(timed(20, 1))
    expect(timed(20, 6)).toBeLessThan(20)
  })
})

describe('how a unit stands', () => {
  const every = (habits: object) => ({ habits: { setting: 'scissors' as const, every: habits } })
  it('never done it counts from the first day; overdue it has kept its day', () => {
    const never = unitsOn(addDays(START, 5), [], { since: START }).get('look-over')!
    // Whatever the groomer’s visit did, it was no look-over.
    expect(never).toMatchObject({ last: null, since: 5, due: addDays(START, 7), every: 7 })
    const late = unitsOn(addDays(START, 12), [], { since: START }).get('look-over')!
    expect(late).toMatchObject({ last: null, since: 12, due: addDays(START, 7), every: 7 })
    const today = unitsOn(addDays(START, 7), [], { since: START }).get('look-over')!
    expect(today).toMatchObject({ since: 7, due: addDays(START, 7) })
  })
  it('of a side with two feet done on two days, as the one that waits longest', () => {
    const foot = (n: number, f: 'forefoot' | 'hindfoot') =>
      tidy(n, { parts: [{ part: `paw.${f}.left`, did: 'done', how: 'cut', mm: 4 }] })
    const two = unitsOn(addDays(START, 12), [foot(8, 'hindfoot'), foot(10, 'forefoot')], every({ paws: 20 }))
    expect(two.get('paws.left')).toMatchObject({ last: addDays(START, 8), since: 4, due: addDays(START, 28) })
    expect(two.get('paws.left')!.waiting).toEqual([])
    expect(two.get('paws.right')).toMatchObject({ last: START, since: 12, due: addDays(START, 20) })
  })
  it('nails being shortened come sooner than their interval, in days of their own', () => {
    const sliver = tidy(6, { tidy: 'nails', outcome: 'sliver' })
    const nails = unitsOn(addDays(START, 7), [sliver]).get('nails.left')!
    expect(nails).toMatchObject({ since: 1, due: addDays(START, 10), every: 4 })
    const set = unitsOn(addDays(START, 7), [sliver], every({ nails: 9 })).get('nails.left')!
    expect(set).toMatchObject({ due: addDays(START, 15), every: 9 })
  })
  it('takes its share of its care’s minutes by parts, a bath its drying with it', () => {
    const units = unitsOn(addDays(START, 5), [])
    const whole = usualCareMinutes(profile(cutting), 'sanitary')
    expect(units.get('rear')!.minutes + units.get('belly')!.minutes).toBeCloseTo(whole, 9)
    expect(units.get('rear')!.parts).toEqual(['under-tail'])
    expect(units.get('bath')!.minutes - units.get('bath')!.drying).toBeCloseTo(
      usualCareMinutes(profile(cutting), 'bath'),
      9,
    )
    for (const [id, u] of units) if (id !== 'bath') expect(u.drying).toBe(0)
    // A dog of three legs has one foot a side fewer.
    const three = unitsOn(addDays(START, 5), [], { absent: ['forefoot.left'] })
    expect(three.get('paws.left')!.parts).toEqual(['paw.hindfoot.left'])
    expect(three.get('paws.left')!.minutes).toBeCloseTo(usualCareMinutes(profile(cutting), 'paws') / 3, 9)
  })
  it('which hurts how much when late, beside most care (judgement)', () => {
    expect(Object.fromEntries(Object.entries(CARE_UNITS).map(([id, u]) => [id, u.hurts]))).toEqual({
      bath: 1,
      undercoat: 1,
      'nails.left': 2,
      'nails.right': 2,
      'paws.left': 1,
      'paws.right': 1,
      belly: 1.5,
      rear: 2,
      face: 2,
      ears: 0.5,
      'ear-look': 1,
      'look-over': 1,
    })
  })
})

describe('what being late and too soon cost', () => {
  it('rises with the square until twice its time, and then by as much each day', () => {
    expect([10, 15, 20, 25, 30].map((gap) => lateMinutes(gap, 10, 1))).toEqual([0, 2.5, 10, 20, 30])
    expect(lateMinutes(15, 10, 2)).toBe(5)
    expect([0, 2.5, 7.5, 9].map((gap) => earlyMinutes(gap, 10))).toEqual([11.25, 5, 0, 0])
  })
  const any = { gap: fc.double({ min: 0, max: 200, noNaN: true }), every: fc.integer({ min: 1, max: 60 }) }
  it('nothing within its time, more the later, and each further day at least as much as the one before', () => {
    fc.assert(
      fc.property(any.gap, any.every, (gap, every) => {
        const late = (d: number) => lateMinutes(gap + d, every, 1)
        if (gap <= every) expect(late(0)).toBe(0)
        expect(late(1)).toBeGreaterThanOrEqual(late(0))
        expect(late(2) - late(1)).toBeGreaterThanOrEqual(late(1) - late(0) - 1e-9)
        if (gap >= 0.75 * every) expect(earlyMinutes(gap, every)).toBe(0)
      }),
    )
  })
  it('is told in days from the time before, done or planned', () => {
    const at = addDays(START, 10)
    const done = tidy(0, { tidy: 'look-over' })
    const look = unitsOn(at, [done]).get('look-over')!
    const on = (n: number) => addDays(START, n)
    expect(look.every).toBe(7)
    expect(daysLate(look, at, on(11), [on(11)])).toBe(4)
    expect(daysLate(look, at, on(18), [on(11), on(18)])).toBe(0)
    expect(daysLate(look, at, on(21), [on(21), on(11)])).toBe(3)
  })
  it('hurts more at eyes, rear and nails than at the feet', () => {
    for (const worse of ['face', 'rear', 'nails.left'] as const)
      expect(CARE_UNITS[worse].hurts).toBeGreaterThan(CARE_UNITS['paws.left'].hurts)
  })
})
