import { SETUP_MINUTES, teaseMinutes } from '../coat/minutes'
import type { PlaceId } from '../coat/regions'
import type { Coat } from '../record/coat'
import { addDays, dayOf, daysBetween, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Choices, Planned } from '../record/entries'
import { expectedKnots } from '../record/odds'
import { hotFirst } from '../record/unmet'
import { offTheTable } from './off-the-table'
import { byPlace } from './today-places'

/** Saturday and Sunday: of days as long as one another, all of it is left for one of these. */
const SATURDAY = 5

/** The habit a plan is held against: the whole coat on one day of the week, with all the week's minutes. */
export interface LongDays {
  planned: Planned[]
  /** The first of them. */
  first: Day
}
/**
 * All of it on the week's longest day: as much of the coat as the week's minutes hold, the places first that knot
 * first. The coat is left as it was.
 * @returns null where the week has but one day for the table: then the plan does the same
 */
export function allOnLongDays(from: Coat, choices: Choices, to: Day): LongDays | null {
  const { minutes } = from.profile
  const forTable = minutes.filter((m) => m > SETUP_MINUTES)
  if (forTable.length < 2) return null
  const longest = Math.max(...minutes)
  const on =
    minutes.findIndex((m, w) => m === longest && w >= SATURDAY) + 1 || minutes.lastIndexOf(longest) + 1
  const week = forTable.reduce((sum, m) => sum + m, 0)

  const coat = from.copy()
  const inOrder = [...byPlace(coat).keys()].map((place) => ({ place })).sort(hotFirst)
  const planned: Planned[] = []
  const begins = dayOf(coat.today)
  for (let n = 0; n < daysBetween(begins, to); n++, coat.passDay()) {
    const day = addDays(begins, n)
    if (weekday(day) !== on - 1 || choices.blocked.includes(day)) continue
    let room = week - SETUP_MINUTES
    const places: PlaceId[] = []
    const comb = coat.places.filter((p) => !offTheTable(p))
    for (const { place } of inOrder) {
      const takes = comb
        .filter((p) => p.region.place === place)
        .reduce((sum, p) => sum + coat.minutesOf(p) + teaseMinutes(expectedKnots(p)), 0)
      if (!takes || takes > room) continue
      room -= takes
      places.push(place)
    }
    if (!places.length) continue
    coat.combThrough(comb.filter((p) => places.includes(p.region.place)).map((p) => p.id))
    planned.push({ day, places, pinned: false })
  }
  return planned.length ? { planned, first: planned[0]!.day } : null
}
