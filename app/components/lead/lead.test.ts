import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { leadShape } from './lead'

const frame = { x0: 30, x1: 340, y: 20, thin: 3, thick: 26 }
describe('the lead', () => {
  it('is drawn whole for any chances, none and certainty among them', () => {
    const chance = fc.oneof(fc.constant(0), fc.constant(1), fc.double({ min: 0, max: 1, noNaN: true }))
    fc.assert(
      fc.property(
        fc.array(chance, { minLength: 1, maxLength: 90 }),
        fc.integer({ min: 0, max: 90 }),
        (list, upTo) => {
          const shape = leadShape(list, upTo, frame)
          for (const d of [shape.body, shape.edges, shape.past, shape.ahead, shape.tint])
            expect(d).not.toContain('NaN')
          expect(shape.x(0)).toBe(30)
        },
      ),
      { numRuns: 25 },
    )
  })
  it('is thicker where a mat is nearer, and paler ahead', () => {
    const rising = leadShape([0, 0.2, 0.5, 0.9], 1, frame)
    expect(rising.half(3)).toBeGreaterThan(rising.half(1))
    expect(rising.past).not.toBe('')
    expect(rising.ahead).not.toBe('')
  })
})
