import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inHundred, sayCost, sayGap } from './hundred'

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
    expect(sayCost(-0.02, 2)).toBe('hardly fewer mats, +2 min')
    expect(sayCost(0.03, 0.3)).toBe('hardly more mats, no more min')
    expect(sayCost(0.002, -3)).toBe('no more mats, −3 min')
    expect(sayCost(0.002, 0.3)).toBe('costs nothing')
  })
  it('says how near the best a plan is, and never nearer than it is', () => {
    expect(sayGap(0.011, false)).toBe('Within 2 % of the best plan there is')
    expect(sayGap(0.001, false)).toBe('Within 1 % of the best plan there is')
    expect(sayGap(0, false)).toBe('The best plan there is')
    expect(sayGap(0.04, true)).toBe('Yours: within 4 % of the best plan there is')
    expect(sayGap(null, true)).toContain('more than a day has')
    expect(sayGap(undefined, true)).toContain('Weighing')
  })
})
