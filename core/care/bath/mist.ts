/** Parts of water to one of conditioner: to begin with, and for a dry coat (judgement). */
const MIST_PARTS = { usual: 125, dry: 50 } as const
const LEAST_ML = 20
const MOST_ML = 2000

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
