import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { COAT_IDS } from '../coat/coat-types'
import { addDays } from '../record/day'
import type { FactOf } from '../record/entries'
import { careDue, careInterval, leftToVisit } from './due'

const START = '2026-09-01'
const tidied = (day: string, was?: FactOf<'tidy'>['was']) =>
  entry(day, { kind: 'tidy', tidy: 'paws', ...(was ? { was } : {}) })

/** Common practice, no source. */
describe('care that falls due', () => {
  it('paws: three to four weeks on fast growers, six on slow', () => {
    expect(careInterval(dog({ coat: 'wool-cross' }), 'paws')!.now / 7).toBeCloseTo(3.5, 0)
    expect(careInterval(dog({ coat: 'double-short' }), 'paws')!.now / 7).toBeCloseTo(6, 0)
  })
  it('face runs out first of the tidies, and double coats want no sanitary tidy', () => {
    const due = careDue(dog({ coat: 'wool' }), START).map((d) => d.care)
    for (const later of ['paws', 'sanitary', 'ears'] as const)
      expect(due.indexOf('face')).toBeLessThan(due.indexOf(later))
    expect(careInterval(dog({ coat: 'double-long' }), 'sanitary')).toBe(null)
  })
  it('by growth: the closed form, millimetres over millimetres a day, whatever the growth', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 0.6, noNaN: true }), (growth) => {
        expect(careInterval(dog(), 'paws', growth)!.now).toBeCloseTo(8.5 / growth, 6)
        expect(careInterval(dog(), 'face', growth)!.now).toBeCloseTo(Math.min(21, 8 / growth), 6)
        expect(careInterval(dog(), 'ears', growth)!.now).toBeCloseTo(Math.min(42, 12 / growth), 6)
      }),
    )
  })
  it('double coats are bathed every six to eight weeks, curly and drop coats every three to six', () => {
    for (const coat of ['double-long', 'double-short'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(42)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(56)
    }
    for (const coat of ['wool', 'wool-cross', 'drop'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(21)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(42)
    }
  })
  it('has an answer for every coat, none in the past', () => {
    for (const coat of COAT_IDS)
      for (const d of careDue(dog({ coat, since: START }), addDays(START, 200)))
        expect(d.day >= addDays(START, 200)).toBe(true)
  })

  it('nothing told, the interval is the prior; told, it leans to what was told', () => {
    const bare = careInterval(dog(), 'paws')!
    expect(bare.now).toBeCloseTo(bare.prior, 9)
    expect(bare.seen).toBe(null)
    const told = (was: FactOf<'tidy'>['was']) =>
      careInterval(
        dog({}, 20, [tidied('2026-09-20'), tidied('2026-10-14', was), tidied('2026-11-07', was)]),
        'paws',
      )!
    expect(told('not-yet').now).toBeGreaterThan(bare.now)
    expect(told('overdue').now).toBeLessThan(bare.now)
    expect(told('right').now).toBeCloseTo(24, 0)
    expect(told('right').seen!.times).toBe(2)
  })

  it('just before a visit what the groomer does anyway is left to it, and looks are not', () => {
    expect(leftToVisit('paws', addDays(START, 4), START)).toBe(true)
    expect(leftToVisit('paws', addDays(START, 5), START)).toBe(false)
    expect(leftToVisit('look-over', addDays(START, 1), START)).toBe(false)
    expect(leftToVisit('paws', undefined, START)).toBe(false)
  })
})
