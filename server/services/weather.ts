import { currentInstant } from '../clock'
import { readFile } from 'node:fs/promises'
import { addDays } from '../../core/record/day'
import type { Profile } from '../../core/record/profile'
import { inventedWeather, weatherFileSchema } from '../../core/season/weather'
import type { FeedDay } from '../../core/season/weather'

/** Days shown: a little behind today, for a device elsewhere in the world, and ahead. */
const BEHIND = 2
const AHEAD = 12

/**
 * The weather feed: the stand-in that ships with the program, or, where `GRUMBO_WEATHER` names a file,
 * that file's days, with the stand-in's where it has none. A file that cannot be read is said once and
 * left out.
 */
export async function weatherFeed(
  hemisphere: Profile['hemisphere'],
  now = currentInstant(),
): Promise<FeedDay[]> {
  const today = now.toISOString().slice(0, 10)
  const path = process.env.GRUMBO_WEATHER
  const own = new Map<string, FeedDay>()
  if (path) {
    try {
      const read = weatherFileSchema.parse(JSON.parse(await readFile(path, 'utf8')))
      for (const d of read.days) own.set(d.day, { ...d, invented: false })
    } catch (error) {
      process.stderr.write(`The weather file could not be read: ${(error as Error).message}\n`)
    }
  }
  return Array.from({ length: BEHIND + AHEAD + 1 }, (_, i) => addDays(today, i - BEHIND)).map(
    (day) => own.get(day) ?? inventedWeather(day, hemisphere),
  )
}
