import type { Day } from './day'
import type { DogRecord } from './fold'
import { dayAndMonth } from './say-day'
import { timeline } from './timeline'

/** Visits a jacket is told of, the last of them. */
const VISITS_TOLD = 3
/** Coats whose texture and colour keep what was done to them (common practice, no source). */
const JACKETS: readonly string[] = ['wire', 'double-long', 'double-short']

/** How a jacket was last taken short: stripped it stays harsh, clipped it grows softer and paler. Empty for a coat that has none. */
export function jacketSaid({ profile, entries }: DogRecord, at: Day): string {
  if (!JACKETS.includes(profile.coat)) return ''
  const done = timeline(entries).flatMap(({ day, what }) => {
    if (day > at || what.kind !== 'visit') return []
    const stripped = what.did?.includes('strip')
    const clipped = what.did?.includes('clip') || what.ran?.length || what.home
    if (!stripped && !clipped) return []
    const how = stripped && clipped ? 'stripped and clipped' : stripped ? 'stripped' : 'clipped'
    return [`${how} ${dayAndMonth(day)}${what.home ? ' at home' : ''}`]
  })
  return done.slice(-VISITS_TOLD).join('; ')
}
