import fc from 'fast-check'
import { expect, it } from 'vitest'
import { COATS, COAT_IDS } from '../../coat/coat-types'
import { mistFor, squirtsASide } from './mist'

it('squirts for a side: more for a larger dog and a coat that wants it, none for one that does not (judgement)', () => {
  expect(squirtsASide('well', 10)).toBe(8)
  expect(squirtsASide('lightly', 10)).toBe(4)
  expect(squirtsASide('none', 40)).toBe(0)
  // However small the dog, one squirt: a coat that wants mist is not brushed dry.
  expect(squirtsASide('lightly', 0.6)).toBe(1)
  for (const coat of COAT_IDS)
    expect(squirtsASide(COATS[coat].mist, 25)).toBeGreaterThanOrEqual(squirtsASide(COATS[coat].mist, 5))
})

it('2 ml in a bottle of 250, 5 ml for a dry coat (judgement)', () => {
  expect(mistFor(250, false)).toEqual({ conditionerMl: 2, waterMl: 248 })
  expect(mistFor(250, true)).toEqual({ conditionerMl: 5, waterMl: 245 })
  expect(mistFor(20, false)).toEqual({ conditionerMl: 0.5, waterMl: 19.5 })
  expect(mistFor(200, false)).toEqual({ conditionerMl: 1.5, waterMl: 198.5 })
})
it('fills the bottle and no more; there is none for a bottle nobody has', () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 2000 }), fc.boolean(), (ml, dry) => {
      const mix = mistFor(ml, dry)!
      expect(mix.conditionerMl + mix.waterMl).toBe(ml)
      expect(mix.conditionerMl).toBeLessThan(mix.waterMl)
    }),
  )
  for (const ml of [0, -5, 19, 2001, Number.NaN, Infinity]) expect(mistFor(ml, false)).toBeNull()
})
