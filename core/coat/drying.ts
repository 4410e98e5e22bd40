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

/** The same as a range, whole minutes; null with no dryer. @param times as many minutes as most such dogs, as learned */
export function dryingMinutes(
  dog: { coat: CoatId; kg: number; mm: number },
  dryer: Dryer,
  more: { watts?: number; cold?: boolean } = {},
  times = 1,
): { from: number; to: number } | null {
  const usual = usualDrying(dog, dryer, more)
  if (usual === null) return null
  const minutes = usual * times
  return { from: Math.round(minutes * (1 - SPREAD)), to: Math.round(minutes * (1 + SPREAD)) }
}
