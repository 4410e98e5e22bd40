import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inHundred, sayCost } from './hundred'

describe('a hundred stretches', () => {
  it('are a hundred, each within one of its share', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (a, b) => {
          const odds = [a, (1 - a) * b, (1 - a) * (1 - b)] as const
          const whole = inHundred(odds)
          expect(whole[0] + whole[1] + whole[2]).toBe(100)
          whole.forEach((n, i) => expect(Math.abs(n - odds[i]! * 100)).toBeLessThan(1.001))
        },
      ),
    )
  })
  it('says what a change costs', () => {
    expect(sayCost(0.31, -4.2)).toBe('+0.3 mats, −4 min')
    expect(sayCost(-0.02, 2)).toBe('no more mats, +2 min')
    expect(sayCost(0.01, 0.3)).toBe('costs nothing')
  })
})
