import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { careUnits } from '../due/care-units'
import { addDays } from '../record/day'
import type { PlannedCare } from '../record/entries'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { waysOut } from './ways-out'

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
  it('none while the coat is kept', () => {
    const record = dog({ coat: 'double-short', nextVisit: addDays(START, 56) }, 15)
    const coat = coatOn(record, START)
    expect(waysOut(coat, forecastOf(coat, [], addDays(START, 56)), { units: [] })).toBe(null)
  })
})
