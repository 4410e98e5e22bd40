import fc from 'fast-check'
import { expect, it } from 'vitest'
import { standClear } from './stand-clear'

it('leaves marks that have room where they are', () => {
  expect(standClear([40, 120, 200], [20, 20, 20], 300)).toEqual([40, 120, 200])
})
it('moves two of one day aside alike, and none off the paper', () => {
  const [left, right] = standClear([100, 100], [20, 20], 300) as [number, number]
  expect([left, right].map(Math.round)).toEqual([80, 120])
  const [one, other] = standClear([295, 295], [20, 20], 300) as [number, number]
  expect(other).toBeLessThanOrEqual(280)
  expect(other - one).toBeGreaterThan(39.99)
})
it('keeps their order, and those that fit stand clear of each other', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 600 }), { minLength: 1, maxLength: 8 }), (days) => {
      const at = days.sort((a, b) => a - b)
      const stand = standClear(
        at,
        at.map(() => 12),
        600,
      )
      for (let n = 1; n < stand.length; n++) expect(stand[n]! - stand[n - 1]!).toBeGreaterThan(23.99)
      for (const x of stand) expect(x >= 12 && x <= 588).toBe(true)
    }),
  )
})
