import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { COAT_IDS } from '../coat/coat-types'
import { SETUP_MINUTES } from '../coat/minutes'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { keepingOf, layingOut, priceOf } from './keeping'
import type { Keeping } from './keeping'
import { PLACE_IDS } from '../coat/regions'

const DAY = '2026-09-01'
/** What a mat is worth, minutes. */
const WORTH = 90
/** Later than is looked, days. */
const LATER = 12 * 7 + 1
const kept = (mm: number, days = 56, more = {}) => keepingOf(coatOn(dog(more, mm), DAY), days, WORTH)

describe('what a length asks of its owner', () => {
  it('is what a plan that combs at that rhythm comes to: minutes and mats', () => {
    // Worth so much that all of it is combed every other day, or so little that it is combed seldom.
    for (const [worth, every] of [
      [1e6, 2],
      [0, 14],
    ] as const) {
      const coat = coatOn(dog({}, 25), DAY)
      const k = keepingOf(coat, 56, worth)
      expect(new Set(k.map((p) => p.every))).toEqual(new Set([every]))
      const rounds = Array.from({ length: Math.floor(55 / every) }, (_, i) => ({
        day: addDays(DAY, (i + 1) * every),
        places: [...PLACE_IDS],
        pinned: false,
      }))
      const f = forecastOf(coat, rounds, addDays(DAY, 56))
      const minutes = k.reduce((sum, p) => sum + p.minutes, 0)
      expect(minutes).toBeCloseTo(((f.minutes - rounds.length * SETUP_MINUTES) * 7) / 56, 6)
      expect(k.reduce((sum, p) => sum + p.rate.mean * p.formed[56]!, 0)).toBeCloseTo(f.mats, 6)
      expect(priceOf(k, 56).clear).toBeCloseTo(f.odds[0], 6)
    }
  })
  it('is more the longer it is left, minutes and mats at their worth together, and it lasts no longer but for a rhythm', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COAT_IDS),
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 21, max: 84 }),
        (coat, mm, longer, days) => {
          const [short, long] = [mm, mm + longer].map((l) => kept(l, days, { coat }))
          const cost = (k: Keeping[]) =>
            k.reduce((s, p) => s + (p.minutes * days) / 7 + WORTH * p.rate.mean * p.formed[days]!, 0)
          expect(cost(long!)).toBeGreaterThanOrEqual(cost(short!) * 0.999)
          // A longer coat may be worth combing oftener, and so last a week longer than one let be, for fewer minutes in all.
          const runsOut = (k: Keeping[]) => priceOf(k, days).runsOut ?? LATER
          expect(runsOut(long!)).toBeLessThanOrEqual(runsOut(short!) + 7)
        },
      ),
      { numRuns: 25 },
    )
  })
  it('of places apart adds up, and chances multiply', () => {
    const k = kept(25)
    const [legs, rest] = [k.slice(0, 9), k.slice(9)].map((some) => priceOf(some, 56))
    const all = priceOf(k, 56)
    expect(all.minutes).toBeCloseTo(legs!.minutes + rest!.minutes, 9)
    expect(all.clear).toBeCloseTo(legs!.clear * rest!.clear, 9)
    expect(all.runsOut!).toBeLessThanOrEqual(Math.min(legs!.runsOut ?? LATER, rest!.runsOut ?? LATER))
    expect(priceOf([], 56)).toEqual({ minutes: 0, clear: 1, runsOut: null })
  })
  it('laying out is counted at the rhythm of what is combed most often; of nothing there is none', () => {
    const k = kept(25)
    expect(layingOut(k)).toBeCloseTo((SETUP_MINUTES * 7) / Math.min(...k.map((p) => p.every)), 9)
    expect(layingOut([])).toBe(0)
  })
  it('hot places are combed no seldomer than calm ones of their length', () => {
    const k = new Map(kept(30).map((p) => [p.id, p]))
    expect(k.get('armpit.left')!.every).toBeLessThanOrEqual(k.get('back')!.every)
  })
  it('leaves the coat as it was', () => {
    const coat = coatOn(dog({}, 20), DAY)
    const before = JSON.stringify(coat.state())
    keepingOf(coat, 56, 90)
    expect(JSON.stringify(coat.state())).toBe(before)
  })
})
