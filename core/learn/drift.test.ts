import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { heldOf } from './counts'
import { heldRoughly, leftAfter, NOT_LEFT, timesNow } from './drift'
import { learnRates } from './rate'

/** A Poisson count by inversion. */
function poisson(mean: number, random: () => number): number {
  let [n, p, sum] = [0, Math.exp(-mean), Math.exp(-mean)]
  for (const u = random(); u > sum && n < 200; sum += p) p *= mean / ++n
  return n
}

describe('a day’s count, roughly', () => {
  it('is what learning it whole comes to, to a part in ten', () => {
    const random = randomLcg(0.3)
    for (let n = 0; n < 40; n++) {
      const seen = Array.from({ length: 41 }, () => {
        const exposure = 3 * random()
        return { exposure, count: poisson(exposure * (0.5 + random()), random) }
      })
      const rates = learnRates(seen)
      const expected = seen.map(() => 0.3 * random())
      const whole = heldOf(rates.map((rate, i) => ({ rate, expected: expected[i]! })))
      const all = {
        count: seen.reduce((sum, s) => sum + s.count, 0),
        exposure: seen.reduce((sum, s) => sum + s.exposure, 0),
      }
      const rough = heldRoughly(
        all,
        seen.map((s, i) => ({ seen: s, expected: expected[i]! })),
      )
      expect(rough.mean / whole.mean).toBeGreaterThan(0.9)
      expect(rough.mean / whole.mean).toBeLessThan(1.1)
      expect(rough.variance / whole.variance).toBeGreaterThan(0.85)
      expect(rough.variance / whole.variance).toBeLessThan(1.15)
    }
  })
})

describe('a forecast that is left', () => {
  const held = { mean: 5, variance: 6 }
  const daysTo = (mean: number, seed: number, before = 0) => {
    const random = randomLcg(seed)
    let left = NOT_LEFT
    for (let d = 1; d <= 4000; d++) {
      left = leftAfter(left, poisson(d > before ? mean : held.mean, random), held)
      const times = timesNow(left)
      if (times !== null) return { days: d - before, times }
    }
    return { days: 4000, times: 1 }
  }
  const mean = (list: number[]) => list.reduce((s, x) => s + x, 0) / list.length
  const seeds = Array.from({ length: 60 }, (_, i) => (i + 1) / 61)
  it('is known in some days whenever it begins, and a right one goes on for hundreds', () => {
    expect(mean(seeds.map((s) => daysTo(5, s).days))).toBeGreaterThan(400)
    for (const before of [0, 100]) {
      const more = seeds.map((s) => daysTo(10, s, before))
      expect(mean(more.map((m) => m.days))).toBeLessThan(12)
      expect(Math.abs(mean(more.map((m) => m.times)) - 2)).toBeLessThan(0.35)
      const fewer = seeds.map((s) => daysTo(2.5, s, before))
      expect(mean(fewer.map((f) => f.days))).toBeLessThan(16)
      expect(Math.abs(mean(fewer.map((f) => f.times)) - 0.5)).toBeLessThan(0.15)
    }
  })
})
