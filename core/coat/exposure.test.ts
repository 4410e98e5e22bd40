import { describe, expect, it } from 'vitest'
import { COATS, COAT_IDS } from './coat-types'
import { changesCoat, exposureOf, garmentFactor, harnessFactor, shedsIn, WET_DAYS } from './exposure'
import type { DayExposure } from './exposure'
import { lengthAfter, maxLength } from './growth'
import { regionOf } from './regions'

const quiet: DayExposure = {
  harnessHours: 0,
  collar: false,
  coatHours: 0,
  wet: false,
  shedding: false,
  puppyChange: false,
}

describe('what makes a place knot faster', () => {
  it('a harness counts by the hour, to three times at most, where it lies', () => {
    expect(harnessFactor(4)).toBe(2)
    expect(harnessFactor(20)).toBe(3)
    expect(exposureOf(regionOf('girth'), { ...quiet, harnessHours: 4 })).toBe(2)
    expect(exposureOf(regionOf('tail'), { ...quiet, harnessHours: 4 })).toBe(1)
  })
  it('factors multiply', () => {
    const all = { ...quiet, harnessHours: 4, coatHours: 8, wet: true, puppyChange: true }
    expect(exposureOf(regionOf('armpit.left'), all)).toBe(2 * 2 * 3 * 2)
    expect(exposureOf(regionOf('collar-line'), { ...quiet, collar: true })).toBe(1.5)
  })
  it('double coats shed in spring and autumn, not at the equator', () => {
    expect(shedsIn(COATS['double-long'], 4, 'north')).toBe(true)
    expect(shedsIn(COATS['double-long'], 10, 'south')).toBe(true)
    expect(shedsIn(COATS['double-long'], 7, 'north')).toBe(false)
    expect(shedsIn(COATS['double-long'], 4, 'none')).toBe(false)
    expect(shedsIn(COATS.wool, 4, 'north')).toBe(false)
  })
  it('three months in spring, three in autumn', () => {
    const months = Array.from({ length: 12 }, (_, m) => m + 1)
    expect(months.filter((m) => shedsIn(COATS['double-short'], m, 'north'))).toEqual([3, 4, 5, 9, 10, 11])
    expect(COAT_IDS.filter((id) => shedsIn(COATS[id], 4, 'north'))).toEqual(['double-long', 'double-short'])
    expect(COAT_IDS.filter((id) => changesCoat(COATS[id], 8))).toEqual(['wool', 'wool-cross'])
  })
  it('a garment by its hours, a full day’s from eight on; water three times, shedding nearly twice', () => {
    expect([0, 2, 4, 8, 24].map(garmentFactor)).toEqual([1, 1.25, 1.5, 2, 2])
    const back = (more: Partial<DayExposure>) => exposureOf(regionOf('back'), { ...quiet, ...more })
    expect(back({ coatHours: 4 })).toBe(1.5)
    expect([back({ wet: true }), back({ shedding: true }), back({ puppyChange: true })]).toEqual([3, 1.8, 2])
    expect(WET_DAYS).toBe(2)
    // A collar rubs where it lies alone.
    expect(back({ collar: true })).toBe(1)
  })
  it('wool changes from puppy to adult between 6 and 14 months', () => {
    expect([5, 6, 14, 15].map((m) => changesCoat(COATS['wool-cross'], m))).toEqual([false, true, true, false])
    expect(changesCoat(COATS['wool-cross'], null)).toBe(false)
    expect(changesCoat(COATS.drop, 8)).toBe(false)
  })
})

describe('growth', () => {
  it('stops where the coat stops, and does not shrink what is longer', () => {
    expect(lengthAfter(20, 0.35, 10, Infinity)).toBeCloseTo(23.5)
    expect(lengthAfter(20, 0.35, 100, 30)).toBe(30)
    expect(lengthAfter(40, 0.35, 100, 30)).toBe(40)
  })
  it('has no stop for coats that grow on', () => {
    expect(maxLength(COATS.wool, 'body')).toBe(Infinity)
    expect(maxLength(COATS['double-long'], 'tail')).toBeCloseTo(91)
    expect(maxLength(COATS.feathered, 'body')).toBeCloseTo(14.4)
    expect(maxLength(COATS.feathered, 'ears')).toBe(Infinity)
  })
})
