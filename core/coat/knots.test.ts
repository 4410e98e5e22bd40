import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { COATS } from './coat-types'
import type { CoatId } from './coat-types'
import { lengthAfter } from './growth'
import { CLEAR, keep, KEPT, knotRate, lengthFactor, stepStages, tightenByWash } from './knots'
import type { Stages } from './knots'
import { combMinutes } from './minutes'
import { sizeFactor } from './size'
import { KNOT_WEIGHT, REGIONS, regionOf, TOTAL_WEIGHT } from './regions'

const sum = (n: Stages) => n[0] + n[1] + n[2]
const stages = fc.tuple(fc.double(nums(50)), fc.double(nums(50)), fc.double(nums(50)))
function nums(max: number) {
  return { min: 0, max, noNaN: true }
}

describe('the coat map', () => {
  it('has forty-one regions whose weights sum to 81', () => {
    expect(REGIONS).toHaveLength(41)
    expect(TOTAL_WEIGHT).toBe(81)
    const of = (k: string) => REGIONS.filter((r) => r.class === k).length
    expect([of('hot'), of('rubbing'), of('moving'), of('calm')]).toEqual([7, 11, 17, 6])
  })
  it('shares out the whole area', () => {
    expect(REGIONS.reduce((s, r) => s + r.area, 0)).toBeCloseTo(1, 12)
  })
  it('gets everything but the crown wet in a swim', () => {
    expect(REGIONS.filter((r) => !r.covers.includes('swim')).map((r) => r.id)).toEqual(['crown'])
  })
})

describe('how readily hair knots by its length', () => {
  it('is nothing at 5 mm, 1 at 25 mm, and towards 2', () => {
    expect(lengthFactor(5)).toBe(0)
    expect(lengthFactor(25)).toBeCloseTo(1, 12)
    expect(lengthFactor(400)).toBeGreaterThan(1.99)
    expect(lengthFactor(400)).toBeLessThan(2)
  })
})

describe('what an act leaves', () => {
  it('the comb a fiftieth of all; a brush to the skin two in five loose and most tight; over the top hardly less (judgement)', () => {
    expect(keep([100, 100, 100], KEPT.combed)).toEqual([2, 2, 2])
    expect(keep([100, 100, 100], KEPT.brushed)).toEqual([40, 80, 100])
    expect(keep([100, 100, 100], KEPT.surface)).toEqual([96, 100, 100])
  })
  it('a wash not combed out mats three in ten of the tight, and every tangle is a knot (judgement)', () => {
    expect(tightenByWash([10, 20, 3])).toEqual([0, 24, 9])
  })
})

describe('the three stages', () => {
  it('stepped daily for 60 days equal the closed form to 1e-9', () => {
    const born = 0.03
    for (const mu of [1 / 7, 1 / 8, 1 / 9, 1 / 10]) {
      let n: Stages = CLEAR
      for (let t = 1; t <= 60; t++) {
        n = stepStages(n, born, mu)
        const x = mu * t
        const e = Math.exp(-x)
        expect(Math.abs(n[0] - (born / mu) * (1 - e))).toBeLessThan(1e-9)
        expect(Math.abs(n[1] - (born / mu) * (1 - e * (1 + x)))).toBeLessThan(1e-9)
        expect(Math.abs(n[2] - (born / mu) * (x - 2 + e * (2 + x)))).toBeLessThan(1e-9)
      }
    }
  })
  it('does not depend on how the days are cut up', () => {
    fc.assert(
      fc.property(stages, fc.double(nums(2)), fc.double(nums(20)), fc.double(nums(20)), (n, born, a, b) => {
        const once = stepStages(n, born, 1 / 7, a + b)
        const twice = stepStages(stepStages(n, born, 1 / 7, a), born, 1 / 7, b)
        once.forEach((v, i) => expect(Math.abs(v - twice[i]!)).toBeLessThan(1e-9 * (1 + sum(n))))
      }),
    )
  })
  it('with the cleared ones always sum to the births', () => {
    const act = fc.constantFrom('none', 'combed', 'brushed', 'surface', 'wash')
    fc.assert(
      fc.property(fc.array(fc.tuple(act, fc.double(nums(1))), { maxLength: 80 }), (days) => {
        let n: Stages = CLEAR
        let born = 0
        let cleared = 0
        for (const [what, rate] of days) {
          const before = sum(n)
          if (what === 'wash') n = tightenByWash(n)
          else if (what !== 'none') n = keep(n, KEPT[what as keyof typeof KEPT])
          cleared += before - sum(n)
          n = stepStages(n, rate, 1 / 9)
          born += rate
          expect(Math.min(...n)).toBeGreaterThanOrEqual(0)
        }
        expect(sum(n) + cleared).toBeCloseTo(born, 8)
      }),
    )
  })
  it('a wash moves knots up and loses none', () => {
    expect(tightenByWash([1, 2, 3])).toEqual([0, 2 - 0.6 + 1, 3.6])
  })
})

/**
 * A stretch as the model's table has it: all regions at one length, θ = 1, no exposures, clearing
 * that keeps nothing, and the last day's clearing left to the visit.
 */
function stretch(
  coat: CoatId,
  kg: number,
  cut: number,
  days: number,
  clears: (d: number, hot: boolean) => boolean,
) {
  const c = COATS[coat]
  let formed = 0
  let arrive = 0
  for (const r of REGIONS) {
    let n: Stages = CLEAR
    const often = r.class === 'hot' || r.class === 'rubbing'
    for (let d = 0; d < days; d++) {
      if (d > 0 && clears(d, often)) n = CLEAR
      const before = n[2]
      n = stepStages(
        n,
        knotRate(c, sizeFactor(kg), r, lengthAfter(cut, c.growthMmPerDay, d, Infinity)),
        c.tighteningPerDay,
      )
      formed += n[2] - before
    }
    arrive += n[2]
  }
  return [formed.toFixed(2), arrive.toFixed(2), Math.exp(-arrive).toFixed(3)]
}

describe('a stretch, to the digits of the table in docs/model.md', () => {
  const every7 = (d: number) => d % 7 === 0
  it.each([
    ['wool-cross', 12, 13, 42, () => false, ['8.17', '8.17', '0.000']],
    ['wool-cross', 12, 13, 42, every7, ['1.43', '0.36', '0.698']],
    [
      'wool-cross',
      12,
      13,
      42,
      (d: number, o: boolean) => every7(d) || (o && d % 3 === 0),
      ['0.55', '0.11', '0.894'],
    ],
    ['wool-cross', 12, 25, 84, every7, ['5.98', '0.59', '0.555']],
    ['wool', 6, 13, 42, every7, ['0.83', '0.21', '0.811']],
  ] as const)('%s, %d kg, cut to %d mm, %d days', (coat, kg, cut, days, clears, want) => {
    expect(stretch(coat, kg, cut, days, clears)).toEqual(want)
  })
})

describe('minutes', () => {
  it('come to about 40 for a 12 kg wool-cross at 25 mm', () => {
    const all = REGIONS.reduce((s, r) => s + combMinutes(COATS['wool-cross'], 12, r, 25), 0)
    expect(all).toBeGreaterThan(38)
    expect(all).toBeLessThan(42)
  })
  it('grow with length', () => {
    const at = (mm: number) => combMinutes(COATS.wool, 8, regionOf('belly'), mm)
    expect(at(30)).toBeGreaterThan(at(13))
  })
})

it('hot places knot twenty times as readily as calm ones', () => {
  expect(KNOT_WEIGHT.hot / KNOT_WEIGHT.calm).toBe(20)
})
