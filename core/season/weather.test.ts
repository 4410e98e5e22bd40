import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '../record/day'
import {
  driesSlowly,
  inventedWeather,
  mayMove,
  nudgesOf,
  weatherDaySchema,
  weatherFileSchema,
} from './weather'

const year = (hemisphere: 'north' | 'south') =>
  Array.from({ length: 365 }, (_, d) => inventedWeather(addDays('2026-01-01', d), hemisphere))

describe('the weather stand-in', () => {
  it('makes days that are days, the same each time', () => {
    for (const w of year('north')) {
      const { invented, ...day } = w
      expect(invented).toBe(true)
      expect(weatherDaySchema.parse(day)).toEqual(day)
      expect(inventedWeather(w.day, 'north')).toEqual(w)
    }
  })
  it('moves nothing until an owner turns it on; a real feed may until one turns it off', () => {
    expect([null, true, false].map((said) => mayMove(said, { invented: true }))).toEqual([false, true, false])
    expect([null, true, false].map((said) => mayMove(said, { invented: false }))).toEqual([true, true, false])
  })
  it('has wet days and dry ones, seeds in summer only, and turns round in the south', () => {
    const north = year('north')
    const wet = north.filter((w) => nudgesOf(w).some((n) => n.nudge === 'wet-walk')).length
    expect(wet).toBeGreaterThan(60)
    expect(wet).toBeLessThan(240)
    const seeds = (list: typeof north) => new Set(list.filter((w) => w.seeds).map((w) => w.day.slice(5, 7)))
    expect([...seeds(north)].every((m) => ['06', '07', '08'].includes(m))).toBe(true)
    expect([...seeds(year('south'))].every((m) => ['12', '01', '02'].includes(m))).toBe(true)
    expect(seeds(north).size).toBeGreaterThan(0)
    expect(north.some((w) => nudgesOf(w).some((n) => n.nudge === 'dry-air'))).toBe(true)
    expect(north.some(driesSlowly)).toBe(true)
  })
  it('a file of anybody’s is read or refused in words', () => {
    const day = { day: '2026-07-01', rainMm: 0, maxC: 31, humidity: 30, mud: false, seeds: true }
    expect(weatherFileSchema.parse({ days: [day] }).days).toHaveLength(1)
    expect(nudgesOf(day).map((n) => n.nudge)).toEqual(['seeds', 'heat', 'dry-air'])
    fc.assert(
      fc.property(fc.anything(), (x) => {
        const read = weatherFileSchema.safeParse(x)
        if (!read.success) expect(read.error.issues[0]!.message.length).toBeGreaterThan(0)
      }),
    )
    expect(
      weatherFileSchema.safeParse({ days: [{ ...day, humidity: 140 }] }).error?.issues[0]?.message,
    ).toMatch(/at most 100/)
  })
})
