import { PLACES, placeRow, REGION_IDS } from '../core/coat/regions'
import type { PlaceId, RegionId, Side } from '../core/coat/regions'

/** Patches that are drawn by another name than the map's: the throat is the collar line. */
const OTHER_NAMES: Record<string, RegionId> = { throat: 'collar-line' }

/** The region a patch shows, given which side is drawn; null for paper that is no region. */
export function regionOfPatch(patch: string, side: Side): RegionId | null {
  const other = OTHER_NAMES[patch]
  if (other) return other
  if (patch in PLACES) {
    const place = patch as PlaceId
    return placeRow(place).pair ? `${place}.${side}` : place
  }
  return (REGION_IDS as string[]).includes(patch) ? (patch as RegionId) : null
}
