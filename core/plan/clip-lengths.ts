import type { PlaceId } from '../coat/regions'
import { PLACE_IDS } from '../coat/regions'
import type { Coat } from '../record/coat'
import { addDays, dayOf, daysBetween } from '../record/day'
import type { Day } from '../record/day'
import { forecastOf } from './forecast'

/** What a length costs from here to the visit, combed through once a week: minutes a week, and mats in all. */
export interface LengthCosts {
  /** Length left, mm; null for the coat as it is. */
  mm: number | null
  minutes: number
  mats: number
}

/** Days between the comb-throughs it is counted by (judgement). */
const EVERY = 7
/**
 * The coat as it is, and clipped to each of these lengths today.
 * @param to the visit, or as far as is looked; at least a week on
 */
export function clipLengths(
  coat: Coat,
  places: readonly PlaceId[],
  mms: readonly number[],
  to: Day,
): LengthCosts[] {
  const today = dayOf(coat.today)
  const days = Math.max(EVERY, daysBetween(today, to))
  const rounds = Array.from({ length: Math.ceil(days / EVERY) }, (_, i) => ({
    day: addDays(today, (i + 1) * EVERY),
    places: [...PLACE_IDS],
    pinned: false,
  }))
  const costs = (of: Coat, mm: number | null): LengthCosts => {
    const { minutes, mats } = forecastOf(of, rounds, addDays(today, days))
    return { mm, minutes: (minutes / days) * 7, mats }
  }
  // The comb has been through before a blade comes, whichever length is chosen.
  const combed = coat.copy().combThrough()
  return [
    costs(combed, null),
    ...mms.map((mm) => {
      const clipped = combed.copy()
      clipped.apply({
        id: '',
        day: today,
        what: {
          kind: 'visit',
          home: true,
          lengths: {},
          found: [],
          except: places.flatMap((place) =>
            combed.places.some((p) => p.region.place === place && p.mm > mm) ? [{ place, mm }] : [],
          ),
        },
      })
      return costs(clipped, mm)
    }),
  ]
}
