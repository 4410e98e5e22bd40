import { SETUP_MINUTES, teaseMinutes } from '../coat/minutes'
import type { PlaceId, RegionId } from '../coat/regions'
import type { Coat } from '../record/coat'
import { addDays, dayOf } from '../record/day'
import type { Day } from '../record/day'
import type { Choices } from '../record/entries'
import { habitsOf } from '../record/habits'
import { expectedKnots } from '../record/odds'
import { hotFirst, isToMeet, isUnmet } from '../record/unmet'
import { offTheTable } from './off-the-table'
import { minutesFor } from './standing'
import { inWorkingOrder } from './working-order'

/** One sitting of a first going-over: all its places once, in working order. */
interface Sitting {
  day: Day
  places: PlaceId[]
  regions: RegionId[]
  /** Combing and expected teasing, laying out left out. */
  minutes: number
}
/** A coat nobody knows, met once, place by place. */
export interface GoingOver {
  /** Those to come; the first may be today's. */
  sittings: Sitting[]
  /** Places still to be asked for. */
  left: number
  /** Places met so far, and of how many. */
  met: number
  of: number
}

/** Days a going-over is laid out for: past that the owner has no time for one (judgement). */
const FARTHEST = 42
/**
 * The sittings in which every place is met once: those that knot soonest first, as many at a time as the
 * day's minutes hold, hard ones later. Null once every place was asked for.
 * @param today minutes there are today, where they are not the week's
 */
export function goingOver(coat: Coat, choices: Choices, today?: number): GoingOver | null {
  const { profile } = coat
  const at = dayOf(coat.today)
  const byPlace = new Map<PlaceId, { regions: RegionId[]; minutes: number }>()
  for (const p of coat.places) {
    if (!isToMeet(p, profile) || offTheTable(p)) continue
    // A place that is there again, on a dog a groomer has had in hand: one more place, no coat nobody knows.
    if (coat.visitOn !== null && p.combedAbout === null) continue
    const here = byPlace.get(p.region.place) ?? { regions: [], minutes: 0 }
    here.regions.push(p.id)
    here.minutes += coat.minutesOf(p) + teaseMinutes(expectedKnots(p))
    byPlace.set(p.region.place, here)
  }
  if (!byPlace.size) return null
  const toMeet = [...byPlace.values()].reduce((sum, m) => sum + m.regions.length, 0)
  let left = [...byPlace]
    .map(([place, m]) => ({ place, ...m, hard: profile.hard.includes(place), easy: false }))
    .sort((a, b) => Number(a.hard) - Number(b.hard) || hotFirst(a, b))

  const sittings: Sitting[] = []
  const days = Array.from({ length: FARTHEST }, (_, n) => addDays(at, n))
  const room = (day: Day) =>
    (day === at && today !== undefined ? today : minutesFor(coat, choices, day)) - SETUP_MINUTES
  const longest = Math.max(...days.map(room))
  for (const day of days) {
    let free = room(day)
    if (free <= 0 || !left.length) continue
    // What fits no day is met on the longest, by itself.
    const fits = left.filter((p) => {
      const taken = p.minutes <= free || (free === longest && p.minutes > longest)
      if (taken) free -= p.minutes
      return taken
    })
    if (!fits.length) continue
    left = left.filter((p) => !fits.includes(p))
    const ordered = inWorkingOrder(fits, habitsOf(profile).lines)
    sittings.push({
      day,
      places: ordered.map((p) => p.place),
      regions: ordered.flatMap((p) => p.regions),
      minutes: ordered.reduce((sum, p) => sum + p.minutes, 0),
    })
  }
  return {
    sittings,
    left: toMeet,
    met: coat.places.filter((p) => !isUnmet(p)).length,
    of: coat.places.length,
  }
}
