import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { careUnits } from '../due/care-units'
import { addDays } from '../record/day'
import type { PlannedCare } from '../record/entries'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { waysOut } from './ways-out'
import { weeklyMinutes } from './weekly'
import type { Lengths } from './weekly'

const START = '2026-09-01'
const out = (minutes: number[], mm: number) => {
  const record = dog({ minutes, nextVisit: addDays(START, 56) }, mm)
  const coat = coatOn(record, START)
  return waysOut(coat, forecastOf(coat, [], addDays(START, 56)), { units: careUnits(record, coat) })
}

describe('minutes that cannot keep a coat', () => {
  it('have three ways out, each with its number', () => {
    const ways = out([0, 0, 0, 0, 0, 75, 0], 30)!
    expect(ways.minutes).toBeGreaterThan(75)
    expect(ways.minutes % 5).toBe(0)
    expect(ways.short).toBe(ways.minutes - 75)
    expect(ways.mats).toBeGreaterThan(2.5)
    expect(ways.mm).toBeLessThan(30)
    expect(ways.days).toBeGreaterThan(0)
    expect(ways.days).toBeLessThan(56)
  })
  it('care that is due and finds no day is short of minutes too, but not what no day could hold', () => {
    const record = dog({ since: addDays(START, -60), minutes: [10, 10, 10, 10, 10, 10, 10] }, 6)
    const coat = coatOn(record, START)
    const calm = { ...forecastOf(coat, [], addDays(START, 1)), mats: 0 }
    const units = careUnits(record, coat)
    const ask = (planned?: PlannedCare[]) => waysOut(coat, calm, { units, planned })
    const each = units.map(({ unit }) => ({ unit, day: START, pinned: false }))
    expect(ask()).toBe(null)
    expect(ask(each)).toBe(null)
    expect(ask(each.filter((c) => c.unit !== 'bath'))).toBe(null)
    expect(ask(each.filter((c) => !c.unit.startsWith('nails')))).toMatchObject({ mats: null })
  })
  it('of how many mats, by which day one is likelier than not, and to the next five minutes', () => {
    const record = dog({ minutes: [0, 0, 0, 0, 0, 45, 0] }, 30)
    const coat = coatOn(record, START)
    const ask = (mats: number, before: number[]) =>
      waysOut(coat, { ...forecastOf(coat, [], addDays(START, 1)), mats, before }, { units: [] })
    expect(ask(2.49, [0, 0.9])).toBeNull()
    expect(ask(2.5, [0, 0.5, 0.51])).toMatchObject({ mats: 2.5, days: 2 })
    expect(ask(3, [0.6, 0.7])!.days).toBeNull()
    expect(ask(3, [0.1, 0.2])!.days).toBeNull()
    const lengths = Object.fromEntries(coat.places.map((p) => [p.region.part, p.mm])) as Lengths
    const every = weeklyMinutes('wool-cross', 12, lengths)
    expect(ask(3, [])!.minutes).toBe(Math.ceil(every / 5) * 5)
    expect(ask(3, [])!.short).toBe(Math.ceil((every - 45) / 5) * 5)
    const rich = coatOn(dog({ minutes: Array(7).fill(60) as number[] }, 30), START)
    const enough = waysOut(rich, { ...forecastOf(rich, [], addDays(START, 1)), mats: 3 }, { units: [] })!
    expect(enough.short).toBe(0)
  })
  it('none while the coat is kept', () => {
    const record = dog({ coat: 'double-short', nextVisit: addDays(START, 56) }, 15)
    const coat = coatOn(record, START)
    expect(waysOut(coat, forecastOf(coat, [], addDays(START, 56)), { units: [] })).toBe(null)
  })
})
