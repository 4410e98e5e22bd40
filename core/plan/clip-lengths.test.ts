import { expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { PLACE_IDS } from '../coat/regions'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { clipLengths } from './clip-lengths'
import { forecastOf } from './forecast'

const AT = '2026-09-10'

it('is combed through once a week to the visit: minutes a week, mats in all, the coat combed first', () => {
  const coat = coatOn(dog({}, 30), AT)
  const [asIs, short] = clipLengths(coat, ['back', 'side'], [6], addDays(AT, 24))
  const rounds = [7, 14, 21, 28].map((n) => ({ day: addDays(AT, n), places: [...PLACE_IDS], pinned: false }))
  const combed = coat.copy().combThrough()
  const all = forecastOf(combed, rounds, addDays(AT, 24))
  expect(asIs).toEqual({
    mm: null,
    minutes: expect.closeTo((all.minutes / 24) * 7, 9),
    mats: expect.closeTo(all.mats, 9),
  })
  expect(short!.mm).toBe(6)
  expect(short!.minutes).toBeLessThan(asIs!.minutes)
  // Longer than it is, it stays as it is.
  const [, longer] = clipLengths(coat, ['back', 'side'], [200], addDays(AT, 24))
  expect(longer!.minutes).toBeCloseTo(asIs!.minutes, 9)
  // Looked at for a week at least.
  expect(clipLengths(coat, ['back'], [], addDays(AT, 2))).toEqual(
    clipLengths(coat, ['back'], [], addDays(AT, 7)),
  )
})
