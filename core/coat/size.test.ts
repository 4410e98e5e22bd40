import { expect, it } from 'vitest'
import { bodySurfaceArea, sizeFactor } from './size'

it('refuses what no dog weighs', () => {
  for (const kg of [0, -3, 0.4, 400, NaN]) expect(() => bodySurfaceArea(kg)).toThrow(RangeError)
})
it('grows with weight, and is 1 as a size for 10 kg', () => {
  expect(sizeFactor(10)).toBe(1)
  expect(sizeFactor(30)).toBeGreaterThan(sizeFactor(20))
})
