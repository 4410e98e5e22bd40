import type { CoatId } from './coat-types'
import { bodySurfaceArea } from './size'

/** What an owner may dry with. */
export const DRYERS = ['none', 'household', 'forced'] as const
export type Dryer = (typeof DRYERS)[number]

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

/**
 * Minutes a dm² of a double coat at its usual length takes under forced air in warm weather, so that
 * a 25 kg one takes about 25; half of it whatever the length, half with the water held (judgement).
 */
const FORCED_MIN_PER_DM2 = 0.29
const USUAL_DOUBLE_MM = 40
/** A household dryer evaporates what forced air pushes out: an hour only got that coat to damp. */
const HOUSEHOLD_TIMES = 3.2
/** In cold or damp weather (judgement). */
const COLD_TIMES = 1.3

/**
 * Minutes to dry to the skin after blotting a dog like most of its kind; null with no dryer.
 * @param mm mean length of the coat, mm
 */
export function usualDrying(
  { coat, kg, mm }: { coat: CoatId; kg: number; mm: number },
  dryer: Dryer,
  { watts = USUAL_WATTS, cold = false }: { watts?: number; cold?: boolean } = {},
): number | null {
  if (dryer === 'none') return null
  const held = (HOLDS[coat] * mm) / USUAL_DOUBLE_MM
  const forced = 100 * bodySurfaceArea(kg) * FORCED_MIN_PER_DM2 * (0.5 + 0.5 * held)
  const times = dryer === 'forced' ? 1 : HOUSEHOLD_TIMES * (USUAL_WATTS / watts)
  const minutes = forced * times * (cold ? COLD_TIMES : 1)
  return minutes
}
