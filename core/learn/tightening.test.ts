import fc from 'fast-check'
import { randomExponential, randomLcg, randomPoisson } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { NOTHING_TIGHTENED, tauOf, TAU_PRIOR, tightened } from './tightening'
import type { Stage, Tightening } from './tightening'
import { learnedTightening, likelyTau } from '../record/learned'

const ofHeld = (held: Tightening) => ({ mean: tauOf(held), likely: likelyTau(held) })
const told = (list: readonly [Stage, number, number][]) =>
  ofHeld(list.reduce((held, [stage, count, gap]) => tightened(held, stage, count, gap), NOTHING_TIGHTENED))

describe('how fast tangles tighten', () => {
  it('is as in coats like it while nothing was found', () => {
    expect(TAU_PRIOR).toBeCloseTo(1, 2)
    const [slow, fast] = likelyTau(NOTHING_TIGHTENED)
    expect(slow).toBeLessThan(0.6)
    expect(fast).toBeGreaterThan(1.4)
  })
  it('slower where all that is met after a week is loose, faster where mats are met after three days', () => {
    expect(told(Array.from({ length: 12 }, () => [0, 1, 1])).likely[1]).toBeLessThan(1)
    expect(told(Array.from({ length: 6 }, () => [2, 1, 3 / 7])).likely[0]).toBeGreaterThan(1)
  })
  it('is found again in counts drawn from the model at a known speed', () => {
    const random = randomLcg(0.4)
    const poisson = randomPoisson.source(random)(1.2)
    for (const tau of [0.5, 1, 1.8]) {
      const wait = randomExponential.source(random)(tau)
      let held = NOTHING_TIGHTENED
      for (let n = 0; n < 700; n++) {
        const gap = [0.5, 1, 1.6][n % 3]!
        const count = poisson()
        if (!count) continue
        let worst: Stage = 0
        for (let k = 0; k < count; k++) {
          const age = gap * random()
          const tight = wait()
          const stage: Stage = age < tight ? 0 : age < tight + wait() ? 1 : 2
          if (stage > worst) worst = stage
        }
        held = tightened(held, worst, count, gap)
      }
      const { mean, likely } = ofHeld(held)
      expect(Math.abs(mean / tau - 1)).toBeLessThan(0.15)
      expect(likely[0]).toBeLessThan(mean)
      expect(likely[1]).toBeGreaterThan(mean)
    }
  })
  it('has its mean within what is likely, whatever was found', () => {
    const check = fc.tuple(
      fc.constantFrom<Stage>(0, 1, 2),
      fc.integer({ min: 1, max: 9 }),
      fc.double({ min: 0.05, max: 6, noNaN: true }),
    )
    fc.assert(
      fc.property(fc.array(check, { maxLength: 30 }), (list) => {
        const { mean, likely } = told(list)
        expect(mean).toBeGreaterThan(0.15)
        expect(mean).toBeLessThan(4)
        expect(likely[0]).toBeLessThan(likely[1])
        // In whatever order they came.
        expect(told([...list].reverse()).mean).toBeCloseTo(mean, 9)
      }),
    )
  })
})

describe('in a record', () => {
  const START = '2026-09-01'
  const weekly = (finding: 'snag' | 'mat', more: ReturnType<typeof entry>[] = []) =>
    dog({ since: START }, 20, [
      ...more,
      ...Array.from({ length: 9 }, (_, w) =>
        entry(
          addDays(START, 7 * (w + 1)),
          { kind: 'check', region: 'belly', finding, count: 1, out: 1 },
          { time: '18:00' },
        ),
      ),
    ])
  const at = addDays(START, 70)
  const days = (record: ReturnType<typeof dog>) => learnedTightening(coatOn(record, at))
  it('is told in days, and mats are then to be expected sooner or later', () => {
    const [loose, matted] = [days(weekly('snag')), days(weekly('mat'))]
    expect(loose.prior).toBe(7)
    expect(loose.now).toBeGreaterThan(7)
    expect(matted.now).toBeLessThan(7)
    expect(matted.seen!.times).toBe(9)
    const share = (record: ReturnType<typeof dog>) => {
      const [a, b, c] = coatOn(record, at).places.find((p) => p.id === 'back')!.unseen
      return c / (a + b + c)
    }
    expect(share(weekly('mat'))).toBeGreaterThan(share(weekly('snag')))
  })
  it('learns nothing where a brush or a wash came between, or nobody knows since when', () => {
    const between = Array.from({ length: 9 }, (_, w) =>
      entry(addDays(START, 7 * w + 3), { kind: 'brush', depth: 'skin', regions: ['belly'] }),
    )
    expect(days(weekly('mat', between)).seen).toBeNull()
    const { profile } = dog({ since: START })
    const nobody = {
      profile,
      entries: [entry(addDays(START, 4), { kind: 'check', region: 'belly', finding: 'mat' })],
    }
    expect(days(nobody as ReturnType<typeof dog>).seen).toBeNull()
  })
})
