import type { CoatType } from './coat-types'
import type { PartId } from './regions'

/** How fast each part of a coat grows, mm a day. */
export type GrowthPerDay = Readonly<Record<PartId, number>>

/**
 * Length of hair, mm, `days` after it was `fromMm` long: grows evenly, then stops at `maxMm`.
 * A length already past the stop stays as it is.
 */
export function lengthAfter(fromMm: number, mmPerDay: number, days: number, maxMm: number): number {
  return Math.max(fromMm, Math.min(maxMm, fromMm + mmPerDay * days))
}

/** Where a part of this coat stops growing, mm; Infinity where it grows on. */
export function maxLength(coat: CoatType, part: PartId): number {
  const times = coat.stopsAt[part]
  return times === undefined ? Infinity : times * coat.usualMm[part]
}
