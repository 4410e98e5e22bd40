import { bodySurfaceArea } from '../../coat/size'

/** Parts of water to one of conditioner: to begin with, and for a dry coat (judgement). */
const MIST_PARTS = { usual: 125, dry: 50 } as const
const LEAST_ML = 20
const MOST_ML = 2000

/** A squirt of a usual bottle, ml; and what dampens a coat and does not wet it, ml a dm² (judgement). */
const SQUIRT_ML = 1
const DAMPENS = { well: 0.35, lightly: 0.15, none: 0 } as const
/** Squirts for one side of a dog; none for a coat that wants no mist. */
export const squirtsASide = (mist: keyof typeof DAMPENS, kg: number): number =>
  DAMPENS[mist] ? Math.max(1, Math.round((DAMPENS[mist] * 100 * bodySurfaceArea(kg)) / 2 / SQUIRT_ML)) : 0

/**
 * A detangling mist: dog conditioner in water, by the size of the bottle.
 * @param bottleMl what the bottle holds, ml
 * @returns ml of each, to a half; null for no bottle anybody has
 */
export function mistFor(bottleMl: number, dry: boolean): { conditionerMl: number; waterMl: number } | null {
  if (!(bottleMl >= LEAST_ML && bottleMl <= MOST_ML)) return null
  const conditionerMl = Math.max(0.5, Math.round((bottleMl / MIST_PARTS[dry ? 'dry' : 'usual']) * 2) / 2)
  return { conditionerMl, waterMl: bottleMl - conditionerMl }
}
