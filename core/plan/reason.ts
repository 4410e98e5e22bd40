import { COATS } from '../coat/coat-types'
import { regionOf } from '../coat/regions'
import { daysBetween, monthOf } from '../record/day'
import { garmentHours } from '../record/garments'
import type { Day } from '../record/day'
import type { Finding } from '../record/findings'
import type { RegionState } from '../record/coat-state'
import type { Profile } from '../record/profile'

/** What makes a place due, strongest first. Data, so that a screen can say it in words. */
export type Reason =
  | { why: 'left-in'; finding: Finding; day: Day }
  | { why: 'refused'; day: Day; daysUncombed: number | null }
  | { why: 'wet'; by: NonNullable<RegionState['wetBy']> }
  | { why: 'found'; finding: Finding; day: Day }
  | { why: 'harness'; hours: number }
  | { why: 'garment'; hours: number }
  | { why: 'collar' }
  | { why: 'ceiling'; daysUncombed: number }
  | { why: 'hot'; daysUncombed: number | null }
  | { why: 'long'; mm: number }
  | { why: 'days'; daysUncombed: number | null }

/** Days before a knot found in a place stops being the reason to go back there (judgement). */
const FOUND_LATELY_DAYS = 14

export const daysSince = (from: Day | null, at: Day) => (from ? daysBetween(from, at) : null)

/** Why a place is due, the strongest of what makes it so. */
export function reasonFor(profile: Profile, states: readonly RegionState[], at: Day): Reason {
  const oldest = states.reduce((a, b) => ((a.clearOn ?? '') <= (b.clearOn ?? '') ? a : b))
  const daysUncombed = daysSince(oldest.clearOn, at)
  for (const s of states) {
    if (s.left.length && s.last && s.last.finding !== 'snag')
      return { why: 'left-in', finding: s.last.finding, day: s.last.day }
  }
  for (const s of states) if (s.refusals && s.last) return { why: 'refused', day: s.last.day, daysUncombed }
  for (const s of states) if (s.wetTo && s.wetTo >= at && s.wetBy) return { why: 'wet', by: s.wetBy }
  for (const s of states) {
    const recent = s.last && daysBetween(s.last.day, at) <= FOUND_LATELY_DAYS
    if (s.last && recent && s.last.finding !== 'glides' && s.last.finding !== 'refused')
      return { why: 'found', finding: s.last.finding, day: s.last.day }
  }
  const region = regionOf(oldest.id)
  if (profile.harnessHours > 0 && region.covers.includes('harness'))
    return { why: 'harness', hours: profile.harnessHours }
  const hours = region.covers.includes('coat') ? garmentHours(profile, monthOf(at)) : 0
  if (hours > 0) return { why: 'garment', hours }
  if (profile.collarAllDay && region.covers.includes('collar')) return { why: 'collar' }
  if (daysUncombed !== null && daysUncombed > COATS[profile.coat].ceilingDays)
    return { why: 'ceiling', daysUncombed }
  if (region.class === 'hot') return { why: 'hot', daysUncombed }
  if (oldest.mm >= 1.5 * 25) return { why: 'long', mm: oldest.mm }
  return { why: 'days', daysUncombed }
}
