import type { RegionId } from '../coat/regions'
import { WET_DAYS, WET_FACTOR } from '../coat/exposure'
import { timesUnder, UNDER } from '../learn/causes'
import { dayNumber, dayOf } from '../record/day'
import type { Day } from '../record/day'
import type { Coat } from '../record/coat'
import type { Stages } from '../coat/knots'

/** One place of the map over the days to come, as numbers. Index 0 is the day it was made on. */
export interface PlaceOutlook {
  id: RegionId
  /** Knots born each day at θ = 1 while it is left as it is now, and once it was combed dry. */
  bornLeft: Float64Array
  bornDry: Float64Array
  /** Minutes to comb it once each day, nothing found. */
  comb: Float64Array
  /** Expected numbers now at θ = 1, and those known to be left in. */
  unseen: Stages
  left: Stages
}

/** How a coat will grow and knot as the dog usually lives. */
export interface Outlook {
  from: Day
  /** Days from `from` to the end; each array above has one more. */
  days: number
  /** How fast knots tighten, 1/day. */
  mu: number
  /** Share of what is there that this owner's comb leaves. */
  leaves: number
  places: PlaceOutlook[]
}

/**
 * The coat's days from its own to `to`. The coat is left as it was.
 * @param swims a week, not combed dry after; they wet what swimming wets for that share of the days
 */
export function outlookOf(from: Coat, to: Day, swims = 0): Outlook {
  const swim = WET_FACTOR * timesUnder(from.causes, UNDER.swim)
  const soaked = 1 + (swim - 1) * Math.min(1, (swims * WET_DAYS) / 7)
  const start = from.today
  const days = Math.max(0, dayNumber(to) - start)
  const coat = from.copy()
  const blank = () => new Float64Array(days + 1)
  const places = coat.places.map((p) => {
    const left: [number, number, number] = [0, 0, 0]
    for (const l of p.left) for (const k of [0, 1, 2] as const) left[k] += l.count * l.stages[k]
    return {
      id: p.id,
      bornLeft: blank(),
      bornDry: blank(),
      comb: blank(),
      unseen: p.unseen,
      left: left as Stages,
    }
  })
  for (let d = 0; d <= days; d++) {
    const wet = coat.bornToday()
    const dry = coat.bornToday([], true)
    coat.places.forEach((p, i) => {
      const place = places[i]!
      const more = p.region.covers.includes('swim') ? soaked : 1
      place.bornLeft[d] = more * wet[i]!
      place.bornDry[d] = more * dry[i]!
      place.comb[d] = coat.minutesOf(p)
    })
    coat.passDay()
  }
  return { from: dayOf(start), days, mu: from.tightening, leaves: 1 - from.taught.finds, places }
}
