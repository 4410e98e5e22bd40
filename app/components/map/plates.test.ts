import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { PLACE_IDS } from '../../../core/coat/regions'
import { placePlates } from './plates'

const BOX = [25, 66, 937, 731] as const
const some = fc.uniqueArray(fc.constantFrom(...PLACE_IDS), { minLength: 1, maxLength: 7 }).chain((places) =>
  fc.tuple(
    ...places.map((place, i) =>
      fc.tuple(fc.integer({ min: 80, max: 900 }), fc.integer({ min: 100, max: 780 })).map((middle) => ({
        place,
        number: i + 1,
        label: place,
        middle: middle as readonly [number, number],
      })),
    ),
  ),
)

describe('the numbers by the dog', () => {
  it('keep their place, number and word', () => {
    fc.assert(
      fc.property(some, (plates) => {
        const placed = placePlates(plates, BOX, 'left', 1)
        expect(placed.map((p) => [p.number, p.place, p.from])).toEqual(
          plates.map((p) => [p.number, p.place, p.middle]),
        )
        for (const p of placed) expect(Number.isFinite(p.to[0] + p.to[1])).toBe(true)
      }),
    )
  })
  it('two in one spot are pushed apart', () => {
    const at = { middle: [400, 300] as const, label: 'side' }
    const [a, b] = placePlates(
      [
        { ...at, number: 1, place: 'girth' },
        { ...at, number: 2, place: 'side' },
      ],
      BOX,
      'left',
      1,
    )
    expect(Math.abs(a!.to[1] - b!.to[1])).toBeGreaterThanOrEqual(29)
  })
  it('the right side mirrors the left', () => {
    const plate = { number: 1, place: 'beard' as const, label: 'beard', middle: [400, 300] as const }
    const [left, right] = (['left', 'right'] as const).map((side) => placePlates([plate], BOX, side, 1)[0]!)
    expect(left!.to[0] - 400).toBe(-(right!.to[0] - 400))
    expect(left!.leftward).toBe(!right!.leftward)
  })
})
