import fc from 'fast-check'
import { expect, it } from 'vitest'
import { shownMinutes } from './shown-minutes'

const shown = (...minutes: number[]) => shownMinutes(minutes.map((m) => ({ minutes: m })))

it('halves that add up to the nearest half of the sum, what is left going to the largest remainders', () => {
  expect(shown(1.2, 1.2, 1.2)).toEqual([1.5, 1, 1])
  expect(shown(1.1, 1.4, 1.3)).toEqual([1, 1.5, 1.5])
  expect(shown(2, 3.5)).toEqual([2, 3.5])
  expect(shown()).toEqual([])
})
it('never less than a half each, and else the sum to the nearest half', () => {
  expect(shown(0.1, 0.1)).toEqual([0.5, 0.5])
  fc.assert(
    fc.property(fc.array(fc.double({ min: 0.5, max: 20, noNaN: true }), { maxLength: 12 }), (minutes) => {
      const halves = shown(...minutes)
      const sum = (list: number[]) => list.reduce((a, b) => a + b, 0)
      expect(sum(halves)).toBeCloseTo(Math.round(sum(minutes) * 2) / 2, 9)
      for (const [i, h] of halves.entries()) expect(Math.abs(h - minutes[i]!)).toBeLessThanOrEqual(0.5)
    }),
  )
})
