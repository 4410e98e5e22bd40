import { describe, expect, it } from 'vitest'
import { earlyMinutes, lateMinutes } from '../due/care-units'
import { careCost, careMinutesOn, onCleanCoat } from './care-costs'
import type { CareTerm } from './care-costs'

const term = (more: Partial<CareTerm> = {}): CareTerm => ({
  since: 6,
  every: 10,
  hurts: 2,
  minutes: 8,
  firstMinutes: 4,
  drying: 0,
  refused: false,
  needs: [],
  wantsClean: false,
  ...more,
})

describe('what care costs by when it is done', () => {
  const dayAt = [0, 3, 5, 12]
  const nodes = 6
  const cost = (must: boolean[] = dayAt.map(() => false)) => {
    const table = careCost(term(), dayAt, 20, [8, 8, 7, 6], must)
    return (i: number, j: number) => table[j * nodes + i]!
  }
  it('its minutes, late past its days and too soon before them, from its last time and from one to the next', () => {
    const of = cost()
    // First done on day 3: nine days since, of ten.
    expect(of(0, 2)).toBeCloseTo(8 + earlyMinutes(9, 10), 12)
    // On day 12 after day 0, and on day 5 after it: early.
    expect(of(1, 4)).toBeCloseTo(6 + lateMinutes(12, 10, 2), 12)
    expect(of(1, 3)).toBeCloseTo(7 + earlyMinutes(5, 10), 12)
    expect(earlyMinutes(5, 10)).toBeGreaterThan(0)
    // Never done again: no minutes, nothing early, late by the end.
    expect(of(3, 5)).toBeCloseTo(lateMinutes(15, 10, 2), 12)
    expect(of(0, 5)).toBeCloseTo(lateMinutes(26, 10, 2), 12)
    expect(of(4, 5)).toBe(0)
    expect(of(3, 3)).toBe(Infinity)
  })
  it('what must be done on a day is not stepped over', () => {
    const of = cost([false, true, false, false])
    expect(of(0, 2)).toBeLessThan(Infinity)
    expect([of(0, 3), of(1, 4), of(0, 5)]).toEqual([Infinity, Infinity, Infinity])
    expect(of(2, 3)).toBeLessThan(Infinity)
  })
  it('a tidy is spared a fifth of its minutes while the coat is clean, and what does not ask for that nothing', () => {
    const minutes = Float64Array.from([8, 8, 10, 10])
    const clean = new Set([3, 5])
    expect([...onCleanCoat(term({ wantsClean: true }), dayAt, minutes, clean)]).toEqual([8, 6.4, 8, 10])
    expect([...onCleanCoat(term(), dayAt, minutes, clean)]).toEqual([...minutes])
  })
  it('the first time takes what waits, until half its days are over; half of what is combed is done in the drying', () => {
    expect([...careMinutesOn(term(), [0, 4, 5, 6], () => 0)]).toEqual([4, 4, 8, 8])
    expect([...careMinutesOn(term({ drying: 10 }), [5, 6], (k) => [4, 40][k]!)]).toEqual([6, 3])
  })
})
