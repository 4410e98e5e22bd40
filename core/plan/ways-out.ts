import type { Coat } from '../record/coat'
import type { Forecast } from './forecast'
import { longestThatFits, weeklyMinutes } from './weekly'

/** From this many mats on in a stretch, on average, the minutes do not keep the coat (judgement). */
const TOO_MANY_MATS = 2.5

export interface WaysOut {
  /** Minutes a week that would keep it. */
  minutes: number | null
  /** Body length, mm, that these minutes keep; null if none does. */
  mm: number | null
  /** Days to a visit by which fewer mats would have formed; null if it is too late already. */
  days: number | null
}

/** What an owner can do whose minutes cannot keep the coat; null while they can. */
export function waysOut(coat: Coat, forecast: Forecast): WaysOut | null {
  if (forecast.mats < TOO_MANY_MATS) return null
  const { profile } = coat
  const lengths = Object.fromEntries(coat.places.map((p) => [p.region.part, p.mm])) as Parameters<
    typeof weeklyMinutes
  >[2]
  const want = Math.ceil(weeklyMinutes(profile.coat, profile.weightKg, lengths) / 5) * 5
  const have = profile.minutes.reduce((sum, m) => sum + m, 0)
  const body = coat.places.find((p) => p.region.part === 'body')?.mm ?? 25
  const risky = forecast.before.findIndex((c) => c > 0.5)
  return {
    minutes: want > have ? want : null,
    mm: longestThatFits(profile.coat, profile.weightKg, body, have),
    days: risky > 0 ? risky : null,
  }
}
