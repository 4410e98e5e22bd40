import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import type { FactOf } from '../../record/entries'
import { arrivalOf } from './arrival'
import { learnedKnotMinutes } from './knot-minutes'

const TODAY = '2026-10-20'
const FOUND: FactOf<'visit'>['found'] = [
  { region: 'armpit.left', finding: 'knot', count: 3 },
  { region: 'beard', finding: 'mat', count: 1 },
  { region: 'chest', finding: 'snag', count: 4 },
  { region: 'back', finding: 'glides' },
]
/** Three knots at 2, a mat at 8, four snags at a half: 16 minutes. */
const USUAL = 16
const visit = (knotMinutes?: number, day = '2026-10-01', found = FOUND) =>
  entry(day, {
    kind: 'visit',
    lengths: { body: 14 },
    found,
    ...(knotMinutes === undefined ? {} : { knotMinutes }),
  })
const times = (...visits: ReturnType<typeof visit>[]) => learnedKnotMinutes({ entries: visits }, TODAY)

describe('what knots take on this dog’s visits', () => {
  it('is as usual until it is told; told as usual it stays so', () => {
    expect(times().now).toBe(1)
    expect(times(visit()).seen).toBeNull()
    expect(times(visit(USUAL)).now).toBeCloseTo(1, 9)
    expect(times(visit(USUAL)).seen?.mean).toBeCloseTo(1, 9)
  })
  it('half is believed of what is seen once, more of what is seen again', () => {
    const [once, again] = [times(visit(2 * USUAL)), times(visit(2 * USUAL), visit(2 * USUAL, '2026-10-10'))]
    expect(once.now).toBeCloseTo(Math.SQRT2, 9)
    expect(again.now).toBeCloseTo(2 ** (2 / 3), 9)
    expect(once.interval[0]).toBeLessThan(once.now)
  })
  it('is not told by a visit to come, by one with next to nothing in it, nor out of all measure', () => {
    expect(times(visit(40, '2026-11-01')).seen).toBeNull()
    expect(times(visit(9, '2026-10-01', [{ region: 'beard', finding: 'snag', count: 2 }])).seen).toBeNull()
    expect(times(visit(600)).seen!.mean).toBeCloseTo(Math.exp(1.5), 9)
  })
  it('what the room allows is so much more', () => {
    const at = (minutes?: number) =>
      arrivalOf(dog({ nextVisit: '2026-11-20' }, 20, [visit(minutes)]), TODAY).minutes
    const [usual, slow] = [at(), at(2 * USUAL)]
    for (const key of ['usual', 'high'] as const) expect(slow[key] / usual[key]).toBeCloseTo(Math.SQRT2, 6)
  })
})
