import { bodySurfaceArea } from '../../coat/size'
import type { CoatId } from '../../coat/coat-types'
import type { Coat } from '../../record/coat'

/** Diluted shampoo for a 10 kg dog at 15 mm, ml (judgement). */
const SHAMPOO_ML = 250
const AT_MM = 15
/** Conditioner made up, of the shampoo's amount (judgement): less, and most of it where it tangles. */
const CONDITIONER_SHARE = 2 / 3
/** Where the label is not at hand (judgement): common label ratios. */
export const USUAL_RATIO = { shampoo: 10, conditioner: 8 } as const

/** Mean length over the coat, by area, mm. */
export function meanLength(coat: Pick<Coat, 'places'>): number {
  const area = coat.places.reduce((sum, p) => sum + p.region.area, 0)
  return coat.places.reduce((sum, p) => sum + p.region.area * p.mm, 0) / area
}

const toTen = (ml: number) => Math.max(10, Math.round(ml / 10) * 10)

/**
 * Shampoo and conditioner to make up, diluted, ml: by body surface and by 0.6 + 0.4 · length ÷ 15.
 * @param mm mean length of the coat, mm
 * @param share of the coat that is washed
 */
export function bathAmounts(kg: number, mm: number, share = 1): { shampooMl: number; conditionerMl: number } {
  const shampoo =
    share * SHAMPOO_ML * (bodySurfaceArea(kg) / bodySurfaceArea(10)) * (0.6 + (0.4 * mm) / AT_MM)
  return { shampooMl: toTen(shampoo), conditionerMl: toTen(shampoo * CONDITIONER_SHARE) }
}

/** Lukewarm, °C (memory): tested on one's own skin all the same. */
export const WATER_C = { from: 37, to: 38 } as const

/** Washing before the dryer is switched on, minutes: two washes, conditioner, rinsing, blotting (judgement). */
export const WASHING_MINUTES = 25
/** Dogs to be dry this long before bed, minutes (judgement). */
export const DRY_BEFORE_BED = 60

/** Coats that may be towelled and left to dry in the warm, brushed through. Common practice, no source. */
const DRIES_BY_ITSELF: readonly CoatId[] = ['double-short', 'smooth']
/** A coat that must not be left to dry by itself: it curls up and knots. */
export const mustBeDried = (coat: CoatId): boolean => !DRIES_BY_ITSELF.includes(coat)
