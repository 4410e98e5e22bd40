import { teaseMinutes } from '../coat/minutes'
import { placeRow, regionOf } from '../coat/regions'
import type { PlaceId, RegionId, Side } from '../coat/regions'
import { dayOf } from '../record/day'
import type { Day } from '../record/day'
import type { Coat } from '../record/coat'
import type { RegionState } from '../record/coat-state'
import { chanceOfAnyMat, expectedKnots, expectedMats } from '../record/odds'
import { daysUncombed } from '../record/unmet'
import { MINUTES_A_MAT_IS_WORTH } from './mat-worth'
import { offTheTable } from './off-the-table'
import { reasonFor } from './reason'
import type { Reason } from './reason'

/** A place as the day's list weighs it: what combing it today saves, for its minutes. */

export interface PlanItem {
  place: PlaceId
  regions: RegionId[]
  /** Combing and expected teasing. */
  minutes: number
  reason: Reason
  /** Chance of a mat by `TodayPlan.until` if it is left, and if it is combed today. */
  chanceIfLeft: number
  chanceIfDone: number
  hard: boolean
  easy: boolean
}

export type ByPlace = ReadonlyMap<PlaceId, readonly RegionState[]>
export function byPlace(coat: Coat): ByPlace {
  const groups = new Map<PlaceId, RegionState[]>()
  for (const p of coat.places) {
    const group = groups.get(p.region.place)
    if (group) group.push(p)
    else groups.set(p.region.place, [p])
  }
  return groups
}

/** The coat on a later day, left alone from now, and as if all of it were combed now. */
export interface Outlook {
  left: ByPlace
  done: ByPlace
}

export interface Candidate extends PlanItem {
  /** Minutes saved for each minute spent; the plan takes the dearest first. */
  worth: number
  due: boolean
}

export function candidate(
  coat: Coat,
  place: PlaceId,
  states: readonly RegionState[],
  next: Outlook,
  ahead: Outlook,
  only?: ReadonlySet<RegionId>,
): Candidate | null {
  const { profile } = coat
  const mine = states.filter((s) => !offTheTable(s) && (only?.has(s.id) ?? true))
  if (!mine.length) return null
  // A smooth coat does not knot: only what was found in it is worth a comb.
  if (profile.coat === 'smooth' && !states.some((s) => s.left.length)) return null
  const left = next.left.get(place) ?? []
  const done = next.done.get(place) ?? []
  const total = (list: readonly RegionState[], of: (s: RegionState) => number) =>
    list.reduce((sum, s) => sum + of(s), 0)
  const tease = (s: RegionState) => teaseMinutes(expectedKnots(s))
  const minutes = total(mine, (s) => coat.minutesOf({ region: regionOf(s.id), mm: s.mm }) + tease(s))
  const saved =
    MINUTES_A_MAT_IS_WORTH * (total(left, expectedMats) - total(done, expectedMats)) +
    total(left, tease) -
    total(done, tease)
  const at = dayOf(coat.today)
  const uncombed = Math.max(...states.map((s) => daysUncombed(s, profile, at)))
  const due = uncombed > coat.coat.ceilingDays && profile.coat !== 'smooth'
  const hard = profile.hard.includes(place) || states.some((s) => s.refusals > 0)
  const k = placeRow(place).class
  return {
    place,
    regions: inTurn(mine, profile.works?.find((w) => w.place === place)?.first).map((s) => s.id),
    minutes,
    reason: reasonFor(profile, states, at),
    chanceIfLeft: chanceOfAnyMat(ahead.left.get(place) ?? []),
    chanceIfDone: chanceOfAnyMat(ahead.done.get(place) ?? []),
    hard,
    easy: !hard && (k === 'calm' || k === 'moving' || place === 'beard'),
    worth: saved / minutes,
    due,
  }
}

/** Left before right, unless this dog is known to want the other first. */
const inTurn = (sides: readonly RegionState[], first: Side | undefined) =>
  first === 'right' ? [...sides].reverse() : sides

/** Places refused two sessions running rest for one (common practice, no source). */
const REST_AFTER_REFUSALS = 2
export const refusedJustNow = (states: readonly RegionState[], at: Day) =>
  states.some((s) => s.refusals >= REST_AFTER_REFUSALS && s.last?.day === at)

/** Combed today and dry since: what is left in waits for another day, and too much combing burns. */
export const doneToday = (states: readonly RegionState[], at: Day) =>
  states.every((s) => s.last?.day === at && s.last.finding !== 'refused' && !s.wetTo)
