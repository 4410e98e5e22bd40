import type { RegionId } from '../../coat/regions'
import type { CoatId } from '../../coat/coat-types'
import type { Coat } from '../../record/coat'
import type { Day } from '../../record/day'

/** What forbids a blade today, whatever has been combed. */
export type NotToday = 'wet' | 'matted'

/**
 * What stands before any blade at these places, of a tidy and of a body clip alike: a wet coat jams it and dries shorter
 * than it looks, a mat stops it, and what the comb has not been through today goes first. Common practice, no source.
 */
export function cutGate(
  places: Coat['places'],
  today: Day,
  coat: CoatId,
): { against: NotToday | null; uncombed: RegionId[] } {
  const matted = (p: Coat['places'][number]) =>
    p.left.length > 0 && (p.last?.finding === 'mat' || p.last?.finding === 'felt')
  return {
    against: places.some((p) => p.wetTo && p.wetTo >= today) ? 'wet' : places.some(matted) ? 'matted' : null,
    uncombed: coat === 'smooth' ? [] : places.filter((p) => !p.clearOn || p.clearOn < today).map((p) => p.id),
  }
}
