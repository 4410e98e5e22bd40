import type { CoatType } from './coat-types'
import type { Region } from './regions'
import { bodySurfaceArea } from './size'

/** To lay out and put away, a session (common practice, no source). */
export const SETUP_MINUTES = 4
/** Expected teasing, an item (common practice, no source). A mat's minutes are the groomer's. */
export const TEASE_MINUTES = { tangle: 0.5, knot: 2, mat: 8 } as const

/** Minutes of teasing for so many expected tangles and knots. */
export const teaseMinutes = ({ tangles, knots }: { tangles: number; knots: number }) =>
  tangles * TEASE_MINUTES.tangle + knots * TEASE_MINUTES.knot

/** Longest a place is worked without a rest, against brush burn (judgement). */
export const restMinutes = (region: Pick<Region, 'tender'>) => (region.tender ? 1 : 2)

/** Long enough for most dogs at one go, and for a young one, minutes (judgement). */
export const SESSION_ENOUGH = { most: 15, young: 5 } as const
/** Younger than this a dog is young for that, months (judgement). */
export const YOUNG_MONTHS = 9

/**
 * Minutes to line-comb a region once: area in dm² × pace × (0.35 + 0.65·L/25).
 * A 12 kg wool-cross at 25 mm comes to about 40 for the whole coat.
 */
export function combMinutes(coat: CoatType, kg: number, region: Pick<Region, 'area'>, mm: number) {
  const dm2 = region.area * 100 * bodySurfaceArea(kg)
  return dm2 * coat.minutesPerDm2 * (0.35 + (0.65 * mm) / 25)
}
