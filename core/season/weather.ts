import { randomLcg } from 'd3-random'
import { z } from '../zod'
import { dayNumber, monthOf } from '../record/day'
import type { Day } from '../record/day'
import { daySchema } from '../record/profile'
import type { Profile } from '../record/profile'

/**
 * A day's weather, as far as a coat minds it. The same shape comes from the stand-in that ships with
 * the program and from a file of anybody's: `{"days": [{"day": "2026-11-25", "rainMm": 4, …}]}`.
 */
export const weatherDaySchema = z.strictObject({
  day: daySchema,
  rainMm: z.number().min(0, 'Rain starts at 0 mm.').max(500, 'More rain than falls in a day.'),
  maxC: z.number().min(-60, 'Colder than it gets.').max(60, 'Hotter than it gets.'),
  /** Relative humidity indoors and out, per cent. */
  humidity: z.number().min(0).max(100, 'Humidity is at most 100 %.'),
  mud: z.boolean(),
  /** Grass with awned seeds is ripe and dry. */
  seeds: z.boolean(),
})
export type WeatherDay = z.infer<typeof weatherDaySchema>
/** A day as it is handed out: from somebody's file, or the stand-in's own invention, which says so. */
export interface FeedDay extends WeatherDay {
  invented: boolean
}
export const weatherFileSchema = z.strictObject({ days: z.array(weatherDaySchema).max(800) })

/** From how many mm a walk is a wet one; when heat, and when dry air, is worth a word (judgement). */
const WET_MM = 3
const HOT_C = 26
const DRY_AIR = 35

const CHANCE_OF_RAIN = [0.55, 0.5, 0.45, 0.4, 0.35, 0.35, 0.3, 0.35, 0.4, 0.5, 0.55, 0.55]
const WARMEST_C = [6, 7, 10, 13, 17, 21, 23, 23, 19, 14, 9, 7]
const SEED_MONTHS = [6, 7, 8]

/** Month as the north has it. */
const northern = (month: number, hemisphere: Profile['hemisphere']) =>
  hemisphere === 'south' ? ((month + 5) % 12) + 1 : month

/** The stand-in's day: invented, the same for all who ask, mild and wet as a temperate coast is. */
export function inventedWeather(day: Day, hemisphere: Profile['hemisphere']): FeedDay {
  const at = (n: number) => {
    const random = randomLcg((((dayNumber(day) - n) * 2654435761) % 4294967296) / 4294967296)
    random()
    return { rains: random(), much: random(), warm: random(), damp: random() }
  }
  const m = northern(monthOf(day), hemisphere) - 1
  const { rains, much, warm, damp } = at(0)
  const rain = (n: number) => (at(n).rains < CHANCE_OF_RAIN[m]! ? Math.round(1 + at(n).much * 14) : 0)
  const rainMm = rains < CHANCE_OF_RAIN[m]! ? Math.round(1 + much * 14) : 0
  const maxC = Math.round(WARMEST_C[m]! + (warm - 0.5) * 10)
  return {
    day,
    rainMm,
    maxC,
    humidity: Math.round(Math.min(98, (rainMm ? 75 : 55) + (damp - 0.5) * 50)),
    mud: rain(0) + rain(1) + rain(2) >= 15,
    seeds: SEED_MONTHS.includes(m + 1) && rainMm === 0 && maxC >= 18,
    invented: true,
  }
}

export type Nudge =
  | { nudge: 'wet-walk'; rainMm: number }
  | { nudge: 'muddy' }
  | { nudge: 'heat'; maxC: number }
  | { nudge: 'dry-air'; humidity: number }
  | { nudge: 'seeds' }

/**
 * Whether the weather may move plan and drying: as the owner says; unsaid, a real feed may and an
 * invention may not.
 * @param said the owner's word, null where there is none
 */
export const mayMove = (said: boolean | null, day: Pick<FeedDay, 'invented'>): boolean =>
  said ?? !day.invented

/** What a day's weather is worth saying about, the one that knots first. */
export function nudgesOf(w: WeatherDay): Nudge[] {
  const list: Nudge[] = []
  if (w.rainMm >= WET_MM) list.push({ nudge: 'wet-walk', rainMm: w.rainMm })
  else if (w.mud) list.push({ nudge: 'muddy' })
  if (w.seeds) list.push({ nudge: 'seeds' })
  if (w.maxC >= HOT_C) list.push({ nudge: 'heat', maxC: w.maxC })
  if (w.humidity <= DRY_AIR) list.push({ nudge: 'dry-air', humidity: w.humidity })
  return list
}
/** Cold or damp enough that a coat dries slower. */
export const driesSlowly = (w: WeatherDay): boolean => w.maxC < 12 || w.humidity > 85
