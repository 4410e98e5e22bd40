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
  it('what is worth saying turns at these figures (judgement), the one that knots first', () => {
    const plain = { day: '2026-07-01', rainMm: 0, maxC: 20, humidity: 50, mud: false, seeds: false }
    const said = (more: object) => nudgesOf({ ...plain, ...more }).map((n) => n.nudge)
    expect([
      said({ rainMm: 2.9 }),
      said({ rainMm: 3 }),
      said({ rainMm: 3, mud: true }),
      said({ mud: true }),
    ]).toEqual([[], ['wet-walk'], ['wet-walk'], ['muddy']])
    expect([said({ maxC: 25 }), said({ maxC: 26 }), said({ humidity: 36 }), said({ humidity: 35 })]).toEqual([
      [],
      ['heat'],
      [],
      ['dry-air'],
    ])
    expect([11, 12].map((maxC) => driesSlowly({ ...plain, maxC }))).toEqual([true, false])
    expect([85, 86].map((humidity) => driesSlowly({ ...plain, humidity }))).toEqual([false, true])
  })
  it('is what a coast has: rain on about so many days of each month, mud after it, seeds on warm dry days', () => {
    const years = Array.from({ length: 365 * 6 }, (_, d) =>
      inventedWeather(addDays('2024-01-01', d), 'north'),
    )
    const share = (month: number) => {
      const days = years.filter((w) => Number(w.day.slice(5, 7)) === month)
      return days.filter((w) => w.rainMm > 0).length / days.length
    }
    const CHANCES = [0.55, 0.5, 0.45, 0.4, 0.35, 0.35, 0.3, 0.35, 0.4, 0.5, 0.55, 0.55]
    for (const [i, chance] of CHANCES.entries())
      expect(Math.abs(share(i + 1) - chance), `month ${i + 1}`).toBeLessThan(0.13)
    for (const [i, w] of years.entries()) {
      expect(w.rainMm === 0 || (w.rainMm >= 1 && w.rainMm <= 15)).toBe(true)
      expect(w.humidity).toBeGreaterThanOrEqual(w.rainMm ? 50 : 30)
      expect(w.humidity).toBeLessThanOrEqual(w.rainMm ? 98 : 80)
      if (w.seeds) expect(w.rainMm === 0 && w.maxC >= 18).toBe(true)
      // Fifteen millimetres within three days of one month.
      const before = [1, 2].map((n) => years[i - n])
      if (before.every((b) => b && b.day.slice(0, 7) === w.day.slice(0, 7)))
        expect(w.mud).toBe(w.rainMm + before[0]!.rainMm + before[1]!.rainMm >= 15)
    }
    const summer = years.filter((w) => ['06', '07', '08'].includes(w.day.slice(5, 7)))
    expect(summer.filter((w) => w.rainMm === 0 && w.maxC >= 18).every((w) => w.seeds)).toBe(true)
    // The south has the north’s months half a year on.
    const south = Array.from({ length: 365 }, (_, d) => inventedWeather(addDays('2026-01-01', d), 'south'))
    const warm = (month: string) => {
      const days = south.filter((w) => w.day.slice(5, 7) === month)
      return days.reduce((sum, w) => sum + w.maxC, 0) / days.length
    }
    expect(warm('01')).toBeGreaterThan(warm('07') + 10)
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
    const takes = (more: object) => weatherDaySchema.safeParse({ ...day, ...more }).success
    expect([takes({ rainMm: 500 }), takes({ rainMm: 501 }), takes({ rainMm: -1 })]).toEqual([
      true,
      false,
      false,
    ])
    expect([takes({ maxC: 60 }), takes({ maxC: 61 }), takes({ maxC: -60 }), takes({ maxC: -61 })]).toEqual([
      true,
      false,
      true,
      false,
    ])
    expect([
      takes({ humidity: 0 }),
      takes({ humidity: 100 }),
      takes({ humidity: 101 }),
      takes({ humidity: -1 }),
    ]).toEqual([true, true, false, false])
    const file = (n: number) =>
      weatherFileSchema.safeParse({ days: Array.from({ length: n }, () => day) }).success
    expect([file(800), file(801)]).toEqual([true, false])
  })
})
