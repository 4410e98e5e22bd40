import { expect, it } from 'vitest'
import { regionOf } from '../coat/regions'
import { UNDER } from '../learn/causes'
import { WorkingPlace } from './working-place'

it('knots met under one cause are counted together, of none not at all, and of a mixture each by itself', () => {
  const place = new WorkingPlace(regionOf('back'), { from: 20, sinceDay: 0, guessed: false }, 20)
  const met = () => place.seen.met
  place.base = [2, 0, 0]
  place.met(1, 1)
  expect([place.seen.count, place.seen.exposure, met()]).toEqual([1, 2, []])
  place.holds([0, 0, 0])
  place.comesUnder(UNDER.rain)
  place.base = [4, 0, 0]
  place.met(3, 1)
  expect(met()).toEqual([{ count: 3, born: [{ under: UNDER.rain, amount: 1 }] }])
  place.met(2, 0.5)
  expect(met()).toEqual([{ count: 4, born: [{ under: UNDER.rain, amount: 1 }] }])
  expect([place.seen.count, place.seen.exposure]).toEqual([5, 8])
  place.comesUnder(UNDER.swim)
  place.base = [8, 0, 0]
  place.met(1, 1)
  expect(met().at(-1)).toEqual({
    count: 1,
    born: [
      { under: UNDER.rain, amount: 4 },
      { under: UNDER.swim, amount: 4 },
    ],
  })
  // Nothing met adds nothing to what was met, and teaches all the same.
  place.met(0, 1)
  expect([met().length, place.seen.exposure]).toEqual([2, 24])
})
