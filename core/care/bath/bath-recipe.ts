import { bodySurfaceArea } from '../../coat/size'
import type { CoatId } from '../../coat/coat-types'
import type { Coat } from '../../record/coat'
import type { Dryer } from '../../record/habits'

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
 */
export function bathAmounts(kg: number, mm: number): { shampooMl: number; conditionerMl: number } {
  const shampoo = SHAMPOO_ML * (bodySurfaceArea(kg) / bodySurfaceArea(10)) * (0.6 + (0.4 * mm) / AT_MM)
  return { shampooMl: toTen(shampoo), conditionerMl: toTen(shampoo * CONDITIONER_SHARE) }
}

/** Lukewarm, °C (memory): tested on one's own skin all the same. */
export const WATER_C = { from: 37, to: 38 } as const

/** How much water a coat holds for its length, against a double coat's (judgement). */
const HOLDS: Record<CoatId, number> = {
  wool: 0.9,
  'wool-cross': 0.8,
  drop: 0.5,
  feathered: 0.6,
  wire: 0.6,
  'double-long': 1,
  'double-short': 0.9,
  smooth: 0.2,
}

/** A household dryer as commonly sold, W (judgement); another dries in proportion to its power. */
export const USUAL_WATTS = 1800
const LEAST_WATTS = 300
const MOST_WATTS = 4000

/** What is wrong with a dryer of this power; null when nothing is. */
export function dryerProblem(watts: number): string | null {
  if (!Number.isFinite(watts) || watts <= 0)
    return 'A dryer with no power dries nothing: look at its label, or say there is none.'
  if (watts < LEAST_WATTS) return `${watts} W will not dry a dog. Look at the label again.`
  return watts > MOST_WATTS ? `No dryer for a home draws ${watts} W. Look at the label again.` : null
}

/**
 * Minutes a dm² of a double coat at its usual length takes under forced air in warm weather, so that
 * a 25 kg one takes about 25; half of it whatever the length, half with the water held (judgement).
 */
const FORCED_MIN_PER_DM2 = 0.29
const USUAL_DOUBLE_MM = 40
/** A household dryer evaporates what forced air pushes out: an hour only got that coat to damp. */
const HOUSEHOLD_TIMES = 3.2
/** In cold or damp weather (judgement), and how far dogs of a kind differ either way (judgement). */
const COLD_TIMES = 1.3
const SPREAD = 0.2

/**
 * Minutes to dry to the skin after blotting, as a range; null with no dryer.
 * @param mm mean length of the coat, mm
 */
export function dryingMinutes(
  { coat, kg, mm }: { coat: CoatId; kg: number; mm: number },
  dryer: Dryer,
  { watts = USUAL_WATTS, cold = false }: { watts?: number; cold?: boolean } = {},
): { from: number; to: number } | null {
  if (dryer === 'none') return null
  const held = (HOLDS[coat] * mm) / USUAL_DOUBLE_MM
  const forced = 100 * bodySurfaceArea(kg) * FORCED_MIN_PER_DM2 * (0.5 + 0.5 * held)
  const times = dryer === 'forced' ? 1 : HOUSEHOLD_TIMES * (USUAL_WATTS / watts)
  const minutes = forced * times * (cold ? COLD_TIMES : 1)
  return { from: Math.round(minutes * (1 - SPREAD)), to: Math.round(minutes * (1 + SPREAD)) }
}

/** Washing before the dryer is switched on, minutes: two washes, conditioner, rinsing, blotting (judgement). */
export const WASHING_MINUTES = 25
/** Dogs to be dry this long before bed, minutes (judgement). */
export const DRY_BEFORE_BED = 60

/** Coats that may be towelled and left to dry in the warm, brushed through. Common practice, no source. */
const DRIES_BY_ITSELF: readonly CoatId[] = ['double-short', 'smooth']
/** A coat that must not be left to dry by itself: it curls up and knots. */
export const mustBeDried = (coat: CoatId): boolean => !DRIES_BY_ITSELF.includes(coat)
