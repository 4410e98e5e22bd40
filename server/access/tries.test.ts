import { expect, it } from 'vitest'
import { waitAfter } from './tries'

it('a few failures cost nothing, then each twice the one before, to a quarter of an hour', () => {
  expect([0, 1, 4].map(waitAfter)).toEqual([0, 0, 0])
  expect([5, 6, 7, 8].map(waitAfter)).toEqual([15, 30, 60, 120])
  expect([12, 40, 400].map(waitAfter)).toEqual([900, 900, 900])
})
