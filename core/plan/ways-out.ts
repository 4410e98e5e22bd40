import { SETUP_MINUTES } from '../coat/minutes'
import type { CareUnit } from '../due/care-units'
import { leftToVisit } from '../due/due'
import type { Coat } from '../record/coat'
import { dayOf } from '../record/day'
import type { PlannedCare } from '../record/entries'
import type { Forecast } from './forecast'
import { longestThatFits, weeklyMinutes } from './weekly'

/** From this many mats on in a stretch, on average, the minutes do not keep the coat (judgement). */
const TOO_MANY_MATS = 2.5
/** Minutes a week are said to the next so many. */
const SAID_TO = 5

export interface WaysOut {
  /** Mats that are likely, in all, where they are too many. */
  mats: number | null
  /** Minutes a week that are missing; 0 where they would be enough, were they on other days. */
  short: number
  /** Minutes a week that would keep it, care counted. */
  minutes: number
  /** Body length, mm, that these minutes keep; null if none does. */
  mm: number | null
  /** Days to a visit by which fewer mats would have formed; null if it is too late already. */
  days: number | null
}
/** What comes round for the dog, and what of it the plan has found a day for. */
export interface CareAhead {
  units: readonly CareUnit[]
  planned?: readonly PlannedCare[] | undefined
}

/**
 * What an owner can do whose minutes cannot hold it all: the coat mats, or care that is due finds no day. Null
 * while they can.
 */
export function waysOut(coat: Coat, forecast: Forecast, care: CareAhead): WaysOut | null {
  const matted = forecast.mats >= TOO_MANY_MATS
  if (!matted && !crowdedOut(coat, care)) return null
  const { profile } = coat
  const lengths = Object.fromEntries(coat.places.map((p) => [p.region.part, p.mm])) as Parameters<
    typeof weeklyMinutes
  >[2]
  const beside = care.units.reduce((sum, u) => sum + (u.minutes * 7) / u.every, 0)
  const want = weeklyMinutes(profile.coat, profile.weightKg, lengths) + beside
  const have = profile.minutes.reduce((sum, m) => sum + m, 0)
  const body = coat.places.find((p) => p.region.part === 'body')?.mm ?? 25
  const risky = forecast.before.findIndex((c) => c > 0.5)
  return {
    mats: matted ? forecast.mats : null,
    short: Math.max(0, toNext(want - have)),
    minutes: toNext(want),
    mm: longestThatFits(profile.coat, profile.weightKg, body, have - beside),
    days: risky > 0 ? risky : null,
  }
}
const toNext = (minutes: number) => Math.ceil(minutes / SAID_TO) * SAID_TO

/** Something is due and would fit into a day beside the laying out, and yet has none. */
function crowdedOut(coat: Coat, { units, planned }: CareAhead): boolean {
  if (!planned) return false
  const { minutes, nextVisit } = coat.profile
  const at = dayOf(coat.today)
  const longest = Math.min(Math.max(...minutes) - SETUP_MINUTES, coat.bears)
  return units.some(
    (u) =>
      u.due <= at &&
      !u.refused &&
      u.firstMinutes <= longest &&
      !leftToVisit(u.care, nextVisit, at) &&
      !planned.some((p) => p.unit === u.unit && p.day >= at),
  )
}
