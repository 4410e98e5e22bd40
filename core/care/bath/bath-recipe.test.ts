import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog } from '../../../tests/support/dogs'
import { COAT_IDS } from '../../coat/coat-types'
import { coatOn } from '../../record/fold'
import { bathAmounts, DRY_BEFORE_BED, meanLength, USUAL_RATIO, WASHING_MINUTES, WATER_C } from './bath-recipe'
import { bodySurfaceArea } from '../../coat/size'
import { usualDrying } from '../../coat/drying'
import { dryerProblem, dryingMinutes } from './drying-told'
import { bottleProblem, dilute, ratioProblem } from './mix'

describe('what to make up', () => {
  it('250 ml for a 10 kg dog at 15 mm, more by surface and by length (judgement)', () => {
    expect(bathAmounts(10, 15).shampooMl).toBe(250)
    expect(bathAmounts(10, 30).shampooMl).toBe(350)
    expect(bathAmounts(80, 15).shampooMl).toBe(1000)
  })
  it('a third less conditioner, in tens, and never less than a cup’s ten (judgement)', () => {
    expect(bathAmounts(10, 15)).toEqual({ shampooMl: 250, conditionerMl: 170 })
    expect(bathAmounts(10, 15, 0.5)).toEqual({ shampooMl: 130, conditionerMl: 80 })
    expect(bathAmounts(1, 3, 0.01)).toEqual({ shampooMl: 10, conditionerMl: 10 })
  })
  it('lukewarm water, twenty-five minutes of washing, dry an hour before bed', () => {
    // The temperature from memory, the minutes by judgement.
    expect(WATER_C).toEqual({ from: 37, to: 38 })
    expect([WASHING_MINUTES, DRY_BEFORE_BED]).toEqual([25, 60])
    expect(USUAL_RATIO).toEqual({ shampoo: 10, conditioner: 8 })
  })
  it('a ratio of 1 to 0, and one that is nothing, are met with a sentence', () => {
    expect(ratioProblem(0)).toMatch(/no water in it/)
    expect(ratioProblem(NaN)).toMatch(/as its label does/)
    expect(ratioProblem(-3)).toMatch(/as its label does/)
    expect(ratioProblem(9999)).toMatch(/Look at the label/)
    expect(ratioProblem(10)).toBe(null)
    expect([ratioProblem(500), ratioProblem(501)]).toEqual([
      null,
      expect.stringContaining('nearly all water'),
    ])
    expect(() => dilute(100, 0)).toThrow(/no water/)
    expect(() => dilute(0, 10)).toThrow(/nothing to mix/)
    expect(dilute(1, 4)).toEqual({ productMl: 0.2, waterMl: 0.8 })
  })
  it('900 ml in a 500 ml bottle are made up in two goes', () => {
    expect(bottleProblem(900, 500)).toMatch(/900 ml do not go into a 500 ml bottle.* 2 goes/)
    expect(bottleProblem(500, 500)).toBe(null)
    expect(bottleProblem(100, 0)).toMatch(/A bottle holds/)
    expect([20, 5000].map((ml) => bottleProblem(10, ml))).toEqual([null, null])
    for (const ml of [19, 5001]) expect(bottleProblem(10, ml)).toMatch(/A bottle holds 20 to 5,000 ml/)
  })
  it('the mean length is by area', () => {
    const coat = coatOn(dog({}, 20), '2026-09-01')
    const lengths = coat.places.map((p) => p.mm)
    expect(meanLength(coat)).toBeGreaterThan(Math.min(...lengths))
    expect(meanLength(coat)).toBeLessThan(Math.max(...lengths))
    const [a, b] = [coat.places[0]!, coat.places[1]!]
    const places = [
      { ...a, mm: 10, region: { ...a.region, area: 3 } },
      { ...b, mm: 30, region: { ...b.region, area: 1 } },
    ]
    expect(meanLength({ places: places as never })).toBe(15)
  })
})

describe('drying', () => {
  const big = { coat: 'double-long', kg: 25, mm: 40 } as const
  /** Common practice, no source: 25 minutes with forced air on a warm day, an hour only to damp without. */
  it('a 25 kg double coat: about 25 minutes with forced air, more than twice that with a household dryer', () => {
    const forced = dryingMinutes(big, 'forced')!
    expect((forced.from + forced.to) / 2).toBeCloseTo(25, 0)
    const household = dryingMinutes(big, 'household')!
    expect(household.from).toBeGreaterThan(60)
    expect(household.from / forced.from).toBeGreaterThan(2)
  })
  it('half whatever the length, half with the water held; as long again by half the power, a third more in the cold', () => {
    const usual = usualDrying(big, 'forced')!
    // Judgement, as the table of coats and dryers has it.
    expect(usual).toBeCloseTo(100 * bodySurfaceArea(25) * 0.29, 9)
    expect(usualDrying({ ...big, mm: 80 }, 'forced')).toBeCloseTo(1.5 * usual, 9)
    expect(usualDrying({ ...big, mm: 0 }, 'forced')).toBeCloseTo(usual / 2, 9)
    expect(usualDrying(big, 'household')).toBeCloseTo(3.2 * usual, 9)
    expect(usualDrying(big, 'household', { watts: 900 })).toBeCloseTo(6.4 * usual, 9)
    // Forced air is what it is, whatever its label says.
    expect(usualDrying(big, 'forced', { watts: 900, cold: true })).toBeCloseTo(1.3 * usual, 9)
    const held = COAT_IDS.map((coat) => [coat, (2 * usualDrying({ ...big, coat }, 'forced')!) / usual - 1])
    for (const [coat, share] of held)
      expect(share, String(coat)).toBeCloseTo(
        {
          wool: 0.9,
          'wool-cross': 0.8,
          drop: 0.5,
          feathered: 0.6,
          wire: 0.6,
          'double-long': 1,
          'double-short': 0.9,
          smooth: 0.2,
        }[coat as (typeof COAT_IDS)[number]],
        9,
      )
    expect(dryingMinutes(big, 'forced', {}, 2)).toEqual({
      from: Math.round(1.6 * usual),
      to: Math.round(2.4 * usual),
    })
  })
  it('none without a dryer; one with no power is met with a sentence', () => {
    expect(dryingMinutes(big, 'none')).toBe(null)
    for (const watts of [0, -5, NaN]) expect(dryerProblem(watts)).toMatch(/no power/)
    expect(dryerProblem(20)).toMatch(/will not dry a dog/)
    expect(dryerProblem(9000)).toMatch(/No dryer for a home/)
    expect([300, 1800, 4000].map(dryerProblem)).toEqual([null, null, null])
    for (const watts of [299, 4001]) expect(dryerProblem(watts)).toMatch(/Look at the label again/)
  })
  it('takes longer for more dog, more hair, less power and cold air, always as a range', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COAT_IDS),
        fc.double({ min: 1, max: 80, noNaN: true }),
        fc.double({ min: 3, max: 120, noNaN: true }),
        (coat, kg, mm) => {
          const at = (k: number, l: number, watts = 1800, cold = false) =>
            dryingMinutes({ coat, kg: k, mm: l }, 'household', { watts, cold })!
          const one = at(kg, mm)
          expect(one.from).toBeLessThanOrEqual(one.to)
          expect(at(kg * 1.4, mm).to).toBeGreaterThanOrEqual(one.to)
          expect(at(kg, mm * 1.4).to).toBeGreaterThanOrEqual(one.to)
          expect(at(kg, mm, 900).to).toBeGreaterThanOrEqual(one.to)
          expect(at(kg, mm, 1800, true).to).toBeGreaterThanOrEqual(one.to)
        },
      ),
    )
  })
})
