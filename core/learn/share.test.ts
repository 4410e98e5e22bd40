import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chanceGreater } from './share'

const count = fc
  .integer({ min: 0, max: 30 })
  .chain((n) => fc.tuple(fc.integer({ min: 0, max: n }), fc.constant(n)))

describe('which of two shares is the greater', () => {
  it('is even where nothing is known, and where both are alike', () => {
    expect(chanceGreater([0, 0], [0, 0])).toBeCloseTo(0.5, 12)
    expect(chanceGreater([3, 7], [3, 7])).toBeCloseTo(0.5, 12)
  })
  it('of one against none in one each it is five in six', () => {
    // By hand: X with density 2x, Y with 2(1 − y): P(X > Y) = ∫ 2x (1 − (1 − x)²) dx = 4/3 − 1/2 = 5/6.
    expect(chanceGreater([1, 1], [0, 1])).toBeCloseTo(5 / 6, 12)
  })
  it('turned round it is what is left, and one more of it makes it likelier', () => {
    fc.assert(
      fc.property(count, count, (a, b) => {
        expect(chanceGreater(a, b) + chanceGreater(b, a)).toBeCloseTo(1, 9)
        const before = chanceGreater(a, b)
        // What is all but certain cannot be told to be likelier.
        if (a[0] < a[1] && before < 1 - 1e-9)
          expect(chanceGreater([a[0] + 1, a[1]], b)).toBeGreaterThan(before)
      }),
    )
  })
  it('comes out as numeric integration has it', () => {
    const density = ([k, n]: readonly [number, number], p: number) => p ** k * (1 - p) ** (n - k)
    const byGrid = (a: readonly [number, number], b: readonly [number, number]) => {
      const N = 2000
      let [below, sum, allA, allB] = [0, 0, 0, 0]
      for (let i = 0; i < N; i++) {
        const p = (i + 0.5) / N
        const [x, y] = [density(a, p), density(b, p)]
        sum += x * (below + y / 2)
        below += y
        allA += x
        allB += y
      }
      return sum / allA / allB
    }
    for (const [a, b] of [
      [
        [6, 8],
        [1, 9],
      ],
      [
        [0, 5],
        [4, 6],
      ],
      [
        [10, 30],
        [12, 25],
      ],
    ] as [[number, number], [number, number]][])
      expect(chanceGreater(a, b)).toBeCloseTo(byGrid(a, b), 4)
  })
})
