import { REGIONS } from '../coat/regions'
import { daysBetween } from './day'
import type { Day } from './day'
import type { RegionState } from './coat-state'
import { chanceOfMat, shadeOf, UNMET_SHADE } from './odds'
import type { Shade } from './odds'
import type { Profile } from './profile'

/**
 * Nothing has been through a place to the skin since its record began: neither comb nor groomer. It is not
 * known to be clear, whatever its odds.
 */
export const isUnmet = (s: Pick<RegionState, 'clearOn'>): boolean => s.clearOn === null

/** Days a place has gone uncombed: since the comb went through, as told where nobody wrote it, or since the record began. */
export const daysUncombed = (s: RegionState, { since }: Pick<Profile, 'since'>, at: Day): number =>
  daysBetween(s.clearOn ?? s.combedAbout ?? since, at)

/** Unmet and not yet asked for: the dog was not there to refuse it either. A short coat is not combed at all. */
export const isToMeet = (s: RegionState, { coat }: Pick<Profile, 'coat'>): boolean =>
  coat !== 'smooth' && isUnmet(s) && s.last === null

/**
 * How a place is drawn: pale until it is met, then by its chance of a mat.
 * @param chance the one to draw by, where it is not that of now
 */
export const shadeHere = (s: RegionState, { coat }: Pick<Profile, 'coat'>, chance = chanceOfMat(s)): Shade =>
  isUnmet(s) && coat !== 'smooth' ? UNMET_SHADE : shadeOf(chance)

const ORDER = ['hot', 'rubbing', 'moving', 'calm'] as const
const CLASS = new Map(REGIONS.map((r) => [r.place, ORDER.indexOf(r.class)]))
/** The places that knot soonest first. */
export const hotFirst = (a: { place: (typeof REGIONS)[number]['place'] }, b: typeof a): number =>
  CLASS.get(a.place)! - CLASS.get(b.place)!
