import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { waysOut } from './ways-out'

const START = '2026-09-01'
const out = (minutes: number[], mm: number) => {
  const record = dog({ minutes, nextVisit: addDays(START, 56) }, mm)
  const coat = coatOn(record, START)
  return waysOut(coat, forecastOf(coat, [], addDays(START, 56)))
}

describe('minutes that cannot keep a coat', () => {
  it('have three ways out, each with its number', () => {
    const ways = out([0, 0, 0, 0, 0, 45, 0], 30)!
    expect(ways.minutes).toBeGreaterThan(45)
    expect(ways.minutes! % 5).toBe(0)
    expect(ways.mm).toBeLessThan(30)
    expect(ways.days).toBeGreaterThan(0)
    expect(ways.days).toBeLessThan(56)
  })
  it('none while the coat is kept', () => {
    const record = dog({ coat: 'double-short', nextVisit: addDays(START, 56) }, 15)
    const coat = coatOn(record, START)
    expect(waysOut(coat, forecastOf(coat, [], addDays(START, 56)))).toBe(null)
  })
})
