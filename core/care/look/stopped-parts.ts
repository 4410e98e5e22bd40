import { carePart, partsHere, workedAt } from '../../record/care-parts'
import type { CarePartId } from '../../record/care-parts'
import type { RegionId } from '../../coat/regions'
import type { TidyId } from '../../record/tidies'
import type { Concern } from './look-over'

/** A concern open where a kind of care is worked; null where there is none. */
export const concernAt = (tidy: TidyId, concerns: readonly Concern[]): Concern | null =>
  concerns.find((c) => workedAt(tidy).includes(c.what.where)) ?? null

/** The parts of a tidy an open concern stops; the rest goes on. */
export const stoppedParts = (
  tidy: TidyId,
  concerns: readonly Concern[],
  absent: readonly RegionId[] = [],
): CarePartId[] =>
  partsHere(tidy, absent).filter((part) => concerns.some((c) => carePart(part).at.includes(c.what.where)))

/** A concern that leaves nothing of a kind of care to be done; null while some part of it goes on. */
export const stopsAll = (
  tidy: TidyId,
  concerns: readonly Concern[],
  absent: readonly RegionId[] = [],
): Concern | null =>
  stoppedParts(tidy, concerns, absent).length < partsHere(tidy, absent).length
    ? null
    : concernAt(tidy, concerns)
