import fc from 'fast-check'
import Qty from 'js-quantities'
import { describe, expect, it } from 'vitest'
import { celsius, fahrenheit, fromMl, KG_PER_LB, ML_PER, MM_PER_INCH, toMl } from '../../core/coat/units'
import type { VolumeUnit } from '../../core/coat/units'
import { BLADES, leaves } from '../../core/record/cutters'
import { dilute } from '../../core/care/bath/mix'
import { mistFor } from '../../core/care/bath/mist'

/** Against js-quantities, a reference library for units of measure. */
describe('units', () => {
  const NAMES: Partial<Record<VolumeUnit, string>> = {
    ml: 'ml',
    'fl oz (US)': 'floz',
    'fl oz (UK)': 'impfloz',
  }
  it.each(Object.entries(NAMES) as [VolumeUnit, string][])('%s', (unit, name) => {
    // The imperial fluid ounce by its own definition where the library has none: a gallon of 4.54609 l over 160.
    const reference = name === 'impfloz' ? 4546.09 / 160 : Qty(`1 ${name}`).to('ml').scalar
    // The library carries six figures.
    expect(ML_PER[unit]).toBeCloseTo(reference, 3)
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 5000, noNaN: true }), (n) => {
        expect(fromMl(toMl(n, unit), unit)).toBeCloseTo(n, 9)
      }),
    )
  })
  it('inches, pounds, degrees', () => {
    expect(MM_PER_INCH).toBeCloseTo(Qty('1 in').to('mm').scalar, 9)
    expect(KG_PER_LB).toBeCloseTo(Qty('1 lb').to('kg').scalar, 8)
    for (const c of [-10, 0, 37, 38, 100]) {
      expect(fahrenheit(c)).toBeCloseTo(Qty(`${c} tempC`).to('tempF').scalar, 6)
      expect(celsius(fahrenheit(c))).toBeCloseTo(c, 9)
    }
  })
})

/**
 * Parts by volume, worked by hand: common practice, no source. One part in ten parts of water is
 * eleven parts in all.
 */
describe('label ratios', () => {
  it.each([
    [1100, 10, 100],
    [550, 10, 50],
    [330, 32, 10],
    [500, 4, 100],
    [510, 50, 10],
    [17, 16, 1],
    [300, 0.5, 200],
  ])('%d ml at 1 to %d is %d ml of it', (total, parts, product) => {
    expect(dilute(total, parts).productMl).toBeCloseTo(product, 9)
    expect(dilute(total, parts).waterMl).toBeCloseTo(total - product, 9)
  })
  it('parts stay parts: water is n times the product, whatever is made up', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        (total, parts) => {
          const { productMl, waterMl } = dilute(total, parts)
          expect(productMl + waterMl).toBeCloseTo(total, 6)
          expect(waterMl / productMl).toBeCloseTo(parts, 6)
        },
      ),
    )
  })
  it('the mist of the handbook: 2 ml in 250, judgement', () => {
    expect(mistFor(250, false)?.conditionerMl).toBe(2)
  })
})

/** From memory, and so marked: makers differ by a tenth or two. The inches are held against the millimetres. */
describe('the blade chart', () => {
  const inches = (fraction: string) => {
    const [top, under] = fraction.split('/').map(Number)
    return Qty(`${top! / under!} in`).to('mm').scalar
  }
  it.each(BLADES.map((b) => [b.id, b.mm, b.inch] as const))('%s leaves %d mm, %s inch', (_id, mm, inch) => {
    expect(Math.abs(mm - inches(inch)) / mm).toBeLessThan(0.03)
  })
  it('against the lie it leaves a size less', () => {
    expect(leaves({ blade: '#7F', against: true })).toBe(leaves({ blade: '#9' }))
    expect(leaves({ blade: '#40', against: true })).toBe(0.25)
  })
})
