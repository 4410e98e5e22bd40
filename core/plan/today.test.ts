import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { COAT_IDS } from '../coat/coat-types'
import { SETUP_MINUTES } from '../coat/minutes'
import { PLACE_IDS, regionOf, regionsOf } from '../coat/regions'
import type { PlaceId, RegionId } from '../coat/regions'
import { addDays } from '../record/day'
import { chanceOfAnyMat, chanceOfMat, placesOf } from '../record/odds'
import { assess, coatOn } from '../record/fold'
import { playAhead } from './kept'
import { nextSession } from './look-ahead'
import { reasonFor } from './reason'
import { shownMinutes } from './shown-minutes'
import { planToday } from './today'
import { longestThatFits, weeklyMinutes, lengthsAt } from './weekly'
import { HEAD_BACK_ORDER, inWorkingOrder, WORKING_ORDER } from './working-order'

const START = '2026-09-01'
const DAY_14 = addDays(START, 14)
const glides = (day: string, regions: RegionId[]) =>
  regions.map((region) => entry(day, { kind: 'check' as const, region, finding: 'glides' as const }))

describe('the plan for today', () => {
  it('keeps within the minutes, keeps pairs whole, and names no place twice', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COAT_IDS),
        fc.integer({ min: 2, max: 45 }),
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 6, max: 60 }),
        (coat, kg, minutes, days, mm) => {
          const plan = planToday(dog({ coat, weightKg: kg }, mm), addDays(START, days), minutes)
          expect(plan.minutes + plan.setupMinutes).toBeLessThanOrEqual(Math.max(minutes, 0) + 1e-9)
          const places = plan.items.map((i) => i.place)
          expect(new Set(places).size).toBe(places.length)
          for (const i of plan.items) expect(i.regions).toHaveLength(regionsOf(i.place).length)
          expect(plan.chanceIfDone).toBeLessThanOrEqual(plan.chanceIfLeft + 1e-12)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('takes hot places before calm ones', () => {
    const places = planToday(dog({ harnessHours: 0 }, 20), DAY_14, 9).items.map((i) => i.place)
    expect(places).toContain('armpit')
    expect(places).toContain('behind-ear')
    expect(places).not.toContain('back')
  })
  it('a daily harness puts girth or armpits in the first five places to do', () => {
    const record = dog({ harnessHours: 8 }, 25)
    const all = planToday(record, DAY_14, 200).items
    const first = [...all]
      .sort(
        (a, b) =>
          (b.chanceIfLeft - b.chanceIfDone) / b.minutes - (a.chanceIfLeft - a.chanceIfDone) / a.minutes,
      )
      .slice(0, 5)
    expect(first.some((i) => i.place === 'girth' || i.place === 'armpit')).toBe(true)
    expect(all.find((i) => i.place === 'girth')!.reason).toEqual({ why: 'harness', hours: 8 })
  })
  it('asks nothing of a smooth coat but an occasional rub-down', () => {
    for (const days of [1, 10, 30, 80]) {
      const plan = planToday(dog({ coat: 'smooth', harnessHours: 8 }, 8), addDays(START, days), 60)
      expect(plan.items).toEqual([])
      expect(plan.rubDown !== null).toBe(days >= 14)
    }
  })
  it('rubs a smooth coat down every two weeks, all of it, and says how long it was let be', () => {
    const day = (n: number) =>
      planToday(dog({ coat: 'smooth', since: START }, 8), addDays(START, n), 30).rubDown
    expect([day(0), day(13)]).toEqual([null, null])
    const coat = coatOn(dog({ coat: 'smooth', since: START }, 8), addDays(START, 14))
    const minutes = coat.places.reduce((sum, p) => sum + coat.minutesOf(p), 0)
    expect(day(14)).toEqual({ days: 14, minutes: expect.closeTo(minutes, 9) })
    expect(planToday(dog({}, 20), addDays(START, 30), 30).rubDown).toBeNull()
  })
  it('says how long nobody wrote of a coat that bears no more than ten days, and not of a smooth one', () => {
    const day = (n: number, more = {}) =>
      planToday(dog({ since: START, ...more }, 20), addDays(START, n), 30).silent
    expect([day(10), day(11)]).toEqual([null, 11])
    expect(day(40, { coat: 'smooth' })).toBeNull()
    expect(day(14, { coat: 'wire' })).toBeNull()
    expect(day(15, { coat: 'wire' })).toBe(15)
  })
  it('its sums are those of its list, with one laying out; without a list there is none to lay out', () => {
    const plan = planToday(dog({}, 30), DAY_14, 40)
    expect(plan.minutes).toBeCloseTo(
      plan.items.reduce((sum, i) => sum + i.minutes, 0),
      9,
    )
    expect([plan.setupMinutes, plan.careMinutes]).toEqual([SETUP_MINUTES, 0])
    expect(plan.minutes).toBeLessThanOrEqual(40 - SETUP_MINUTES)
    expect(plan.chanceIfDone).toBeLessThan(plan.chanceIfLeft)
    expect(plan.waiting.length).toBeGreaterThan(0)
    for (const w of plan.waiting) expect(plan.items.map((i) => i.place)).not.toContain(w)
    const none = planToday(dog({}, 30), DAY_14, 0)
    expect([none.items, none.setupMinutes, none.minutes]).toEqual([[], 0, 0])
    expect(none.chanceIfDone).toBe(none.chanceIfLeft)
  })
  it('asks nothing the day after a visit', () => {
    expect(planToday(dog(), addDays(START, 1), 40).items).toEqual([])
  })
  it('asks for no place already combed today, and goes back to one wetted since', () => {
    const done = dog({}, 20, glides(DAY_14, ['armpit.left', 'armpit.right']))
    const places = (r: typeof done) => planToday(r, DAY_14, 60).items.map((i) => i.place)
    expect(places(done)).not.toContain('armpit')
    const wet = {
      ...done,
      entries: [
        ...done.entries,
        entry(DAY_14, { kind: 'wet' as const, how: 'swim' as const, combedDry: false }, { time: '20:00' }),
      ],
    }
    expect(places(wet)).toContain('armpit')
  })
  it('leaves a mat to the groomer', () => {
    const mat = entry(addDays(START, 10), {
      kind: 'check' as const,
      region: 'beard' as const,
      finding: 'mat' as const,
    })
    expect(planToday(dog({}, 20, [mat]), DAY_14, 200).items.map((i) => i.place)).not.toContain('beard')
  })
  it('puts what the dog refuses late, and lets it rest after two refusals the same day', () => {
    const refused = (day: string) =>
      entry(day, { kind: 'check' as const, region: 'hindfoot.left' as const, finding: 'refused' as const })
    const plan = planToday(dog({}, 20, [refused(addDays(START, 12))]), DAY_14, 200)
    const at = plan.items.findIndex((i) => i.place === 'hindfoot')
    expect(at).toBeGreaterThan(plan.items.length - 4)
    expect(plan.items[at]!.reason).toMatchObject({ why: 'refused', day: addDays(START, 12) })
    const twice = dog({}, 20, [refused(addDays(START, 12)), refused(DAY_14)])
    expect(planToday(twice, DAY_14, 200).items.map((i) => i.place)).not.toContain('hindfoot')
  })
  it('says it is a guess until something was combed', () => {
    expect(planToday(dog(), DAY_14, 20).guess).toBe(true)
    expect(planToday(dog({}, 20, glides(DAY_14, ['tail'])), DAY_14, 20).guess).toBe(false)
  })
})

describe('the working order', () => {
  it('names every place once', () => {
    for (const order of [WORKING_ORDER, HEAD_BACK_ORDER])
      expect([...order].sort()).toEqual([...PLACE_IDS].sort())
  })
  it('ends with an easy place where there is one', () => {
    const items = (['armpit', 'tail', 'behind-ear'] as PlaceId[]).map((place) => ({
      place,
      hard: false,
      easy: place === 'tail',
    }))
    expect(inWorkingOrder(items, 'foot-up').map((i) => i.place)).toEqual(['armpit', 'behind-ear', 'tail'])
  })
})

it('shown minutes are halves that add up', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.2, max: 9, noNaN: true }), { minLength: 1, maxLength: 28 }),
      (list) => {
        const items = list.map((minutes) => ({ minutes }))
        const shown = shownMinutes(items)
        const total = list.reduce((s, m) => s + m, 0)
        for (const m of shown) expect(m * 2).toBe(Math.round(m * 2))
        expect(Math.min(...shown)).toBeGreaterThanOrEqual(0.5)
        const least = list.filter((m) => m < 0.5).length * 0.5
        expect(Math.abs(shown.reduce((s, m) => s + m, 0) - total)).toBeLessThanOrEqual(0.25 + least + 1e-9)
      },
    ),
  )
})

describe('keeping the plan', () => {
  it('arrives with fewer mats than doing nothing', () => {
    const record = dog({}, 20)
    const to = addDays(START, 56)
    const from = coatOn(record, START)
    const { coat, chances, sessions } = playAhead(from, to)
    const kept = chanceOfAnyMat(coat.places)
    expect(chances).toHaveLength(57)
    expect(chances.at(-1)).toBe(kept)
    expect(sessions.length).toBeGreaterThan(10)
    // What it started from is as it was.
    expect(from.state()).toEqual(assess(record, START))
    expect(kept).toBeLessThan(chanceOfAnyMat(placesOf(assess(record, to))) * 0.75)
  })
  it('knows the next day with time for a session', () => {
    expect(nextSession(dog({ minutes: [0, 0, 0, 0, 0, 40, 3] }).profile, '2026-11-25')).toBe('2026-11-28')
    expect(nextSession(dog({ minutes: [0, 0, 0, 0, 0, 0, 4] }).profile, '2026-11-25')).toBe(null)
  })
})

describe('minutes a week', () => {
  it('are about fifty for a 12 kg wool-cross at 25 mm', () => {
    const mm = lengthsAt('wool-cross', 25)
    expect(weeklyMinutes('wool-cross', 12, mm)).toBeGreaterThan(45)
    expect(weeklyMinutes('wool-cross', 12, mm)).toBeLessThan(65)
  })
  it('name the longest coat that fits, or none', () => {
    const fits = longestThatFits('wool-cross', 12, 25, 45)!
    expect(weeklyMinutes('wool-cross', 12, lengthsAt('wool-cross', fits))).toBeLessThanOrEqual(45)
    expect(longestThatFits('wool-cross', 40, 25, 10)).toBe(null)
  })
  it('double-long at usual lengths: hot places first, then the ruff under a collar', () => {
    const record = dog({ coat: 'double-long', weightKg: 22, collarAllDay: true }, 45)
    const byChance = placesOf(assess(record, addDays(START, 28))).sort(
      (a, b) => chanceOfMat(b) - chanceOfMat(a),
    )
    const first = byChance.slice(0, 8).map((s) => regionOf(s.id).place)
    expect(new Set(first)).toEqual(
      new Set(['behind-ear', 'inner-thigh', 'tail-base', 'armpit', 'collar-line']),
    )
  })
})

describe('why a place is due, and how it is taken', () => {
  it('length is a reason from half as long again as 25 mm', () => {
    const at = addDays(START, 5)
    const state = assess(dog({}, 20), at).regions['thigh.left']!
    const why = (mm: number) => reasonFor(profile(), [{ ...state, mm }], at).why
    expect([why(37.5), why(37.4)]).toEqual(['long', 'days'])
  })
  it('is easy where it neither rubs nor is hard; the beard is, though it rubs', () => {
    const plan = planToday(dog({ minutes: Array(7).fill(90) as number[], hard: ['chest'] }, 30), DAY_14, 90)
    const easy = Object.fromEntries(plan.items.map((i) => [i.place, i.easy]))
    expect(easy).toMatchObject({
      beard: true,
      thigh: true,
      chest: false,
      armpit: false,
      'collar-line': false,
    })
  })
})
