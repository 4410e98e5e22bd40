import { SETUP_MINUTES, teaseMinutes } from '../coat/minutes'
import type { PlaceId, RegionId } from '../coat/regions'
import { dayOf } from '../record/day'
import type { Day } from '../record/day'
import type { Planned, PlannedCare } from '../record/entries'
import type { Coat } from '../record/coat'
import { chanceOfAnyMat, expectedKnots, howMany, likelyChance } from '../record/odds'
import type { HowMany } from '../record/odds'
import { offTheTable } from './off-the-table'

/** What is to be expected of the days to a plan's end, its sessions kept and the comb going through. */
export interface Forecast {
  from: Day
  /** Chance of a mat on each day after that day's session, from the first day to the last. */
  chances: number[]
  /** The same before the session. */
  before: number[]
  /** Minutes of each session, teasing and laying out included, and those of teasing. */
  sessions: { day: Day; minutes: number; tease: number; places: readonly PlaceId[] }[]
  /** Mats that form in all, on average, and the minutes at the table. */
  mats: number
  minutes: number
  /** Chances that none forms, one, or more. */
  odds: HowMany
}

/**
 * Plays a plan forward from a coat, which is left as it was. Exact by the coat's own arithmetic, and
 * quick enough to answer a drag.
 */
export function forecastOf(from: Coat, planned: readonly Planned[], to: Day): Forecast {
  const coat = from.copy()
  const byDay = new Map(planned.map((s) => [s.day, s]))
  const formed = new Map(coat.places.map((p) => [p.id, 0]))
  const sessions: Forecast['sessions'] = []
  const chances: number[] = []
  const before: number[] = []
  const standing = new Map(coat.places.map((p) => [p.id, p.unseen[2]]))
  for (;;) {
    const day = dayOf(coat.today)
    const risk = chanceOfAnyMat(coat.places)
    before.push(risk)
    const session = byDay.get(day)
    if (session?.places.length && day < to) {
      let minutes = SETUP_MINUTES
      let tease = 0
      const ids: RegionId[] = []
      for (const p of coat.places) {
        if (!session.places.includes(p.region.place) || offTheTable(p)) continue
        const here = teaseMinutes(expectedKnots(p))
        minutes += coat.minutesOf(p) + here
        tease += here
        formed.set(p.id, formed.get(p.id)! + p.unseen[2] - standing.get(p.id)!)
        ids.push(p.id)
      }
      coat.combThrough(ids)
      for (const p of coat.places) if (ids.includes(p.id)) standing.set(p.id, p.unseen[2])
      sessions.push({ day, minutes, tease, places: session.places })
      chances.push(chanceOfAnyMat(coat.places))
    } else chances.push(risk)
    if (day >= to) break
    coat.passDay()
  }
  const ends = coat.places.map((p) => ({
    rate: p.rate,
    expected: formed.get(p.id)! + p.unseen[2] - standing.get(p.id)!,
  }))
  return {
    from: dayOf(from.today),
    chances,
    before,
    sessions,
    mats: ends.reduce((sum, e) => sum + e.rate.mean * e.expected, 0),
    minutes: sessions.reduce((sum, s) => sum + s.minutes, 0),
    odds: howMany(ends),
  }
}

/** What the chance of a mat is likely to be on each day, from the first to `to`, before that day's session: four times in five. */
export function likelyAhead(from: Coat, planned: readonly Planned[], to: Day): [number, number][] {
  const coat = from.copy()
  const byDay = new Map(planned.map((s) => [s.day, s]))
  const likely: [number, number][] = []
  for (;;) {
    const day = dayOf(coat.today)
    likely.push(likelyChance(coat.places))
    if (day >= to) return likely
    const session = byDay.get(day)
    if (session)
      coat.combThrough(
        coat.places
          .filter((p) => session.places.includes(p.region.place) && !offTheTable(p))
          .map((p) => p.id),
      )
    coat.passDay()
  }
}

/** A session put on another day; joined to what is there if there is one, and pinned. */
export function movedTo(planned: readonly Planned[], from: Day, to: Day): Planned[] {
  const moving = planned.find((s) => s.day === from)
  if (!moving || from === to) return [...planned]
  const there = planned.find((s) => s.day === to)
  const places = [...new Set([...(there?.places ?? []), ...moving.places])]
  return [...planned.filter((s) => s.day !== from && s.day !== to), { day: to, places, pinned: true }].sort(
    (a, b) => (a.day < b.day ? -1 : 1),
  )
}

/** The care of a day put on another, and pinned there; what is there already stays. */
export const careMovedTo = (care: readonly PlannedCare[], from: Day, to: Day): PlannedCare[] =>
  from === to
    ? [...care]
    : care
        .filter((c) => c.day !== from || !care.some((o) => o.day === to && o.unit === c.unit))
        .map((c) => (c.day === from ? { ...c, day: to, pinned: true } : c))
