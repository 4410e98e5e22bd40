import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { clock, inHalves, inOdds, plural, wholeMinutes } from './numbers'

describe('numbers as a person says them', () => {
  it.each([
    [0, 'next to none'],
    [0.004, '1 in 250'],
    [0.05, '1 in 20'],
    [0.25, '1 in 4'],
    [0.33, '1 in 3'],
    [0.6, '6 in 10'],
    [0.94, '9 in 10'],
    [1, 'almost certain'],
  ])('a chance of %d is %s', (chance, said) => {
    expect(inOdds(chance)).toBe(said)
  })
  it('odds never mislead by more than rounding', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.949, noNaN: true }), (chance) => {
        const [, a, b] = /^(\d+) in (\d+)$/.exec(inOdds(chance))!
        expect(Math.abs(Number(a) / Number(b) - chance)).toBeLessThan(Math.max(0.051, chance * 0.35))
      }),
    )
  })
  it('minutes come whole or in halves, and a clock in minutes and seconds', () => {
    expect([0.5, 1, 1.5, 13.5, 0].map(inHalves)).toEqual(['½', '1', '1½', '13½', '0'])
    expect([0.2, 1.4, 1.6].map(wholeMinutes)).toEqual([1, 1, 2])
    expect([0, 38_000, 61_500, -5].map(clock)).toEqual(['0:00', '0:38', '1:01', '0:00'])
  })
  it('counts are words up to twelve', () => {
    expect(plural(1, 'place')).toBe('one place')
    expect(plural(6, 'place')).toBe('six places')
    expect(plural(13, 'place')).toBe('13 places')
    expect(plural(2, 'place waits', 'places wait')).toBe('two places wait')
  })
})
