import { expect, it } from 'vitest'
import { CONDITIONS, goLow, longestFor } from './condition'

it('the shortest of what a dog’s ailments ask for, minutes (judgement); no leg lifted of one that is sore or weak', () => {
  expect(longestFor()).toBe(Infinity)
  expect(CONDITIONS.map((c) => longestFor([c]))).toEqual([10, 15, Infinity, 15, Infinity, Infinity])
  expect(longestFor(['weak-behind', 'tires-soon'])).toBe(10)
  expect(CONDITIONS.filter((c) => goLow([c]))).toEqual(['sore-to-lift', 'weak-behind'])
  expect([goLow(), goLow(['does-not-see', 'weak-behind'])]).toEqual([false, true])
})
