import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { and, eq, isNull, lt, or } from 'drizzle-orm'
import { Piscina } from 'piscina'
import { arrivalOf } from '../../core/plan/arrival'
import type { Arrival } from '../../core/plan/arrival'
import type { DogRecord } from '../../core/record/fold'
import { currentInstant } from '../clock'
import { db } from '../db/client'
import { arrivals } from '../db/schema'

/**
 * How a dog should arrive, as links and rooms show it. It is worked out away from the loop that answers, a
 * few at a time, and kept by the version of the record it is of, where every process finds it.
 */

/** Threads at once; the loop that answers has a processor left where there is more than one (judgement). */
const THREADS = Math.max(1, Math.min(2, availableParallelism() - 1))
/** Beside the built server; where there is none, as in a test of a service by itself, it is worked out here. */
const WORKER = fileURLToPath(new URL('./forecast.mjs', import.meta.url))
let pool: Piscina | undefined
const workOut = (record: DogRecord, day: string): Promise<Arrival> => {
  if (!existsSync(WORKER)) return Promise.resolve(arrivalOf(record, day))
  pool ??= new Piscina({ filename: WORKER, minThreads: 1, maxThreads: THREADS })
  return pool.run({ record, day }) as Promise<Arrival>
}
export const stopForecasts = () => pool?.destroy()

const ofDog = (householdId: string, dogId: string) =>
  and(eq(arrivals.householdId, householdId), eq(arrivals.dogId, dogId))

/** The forecast of a record on a day: the one that is kept, or worked out now. */
export async function forecastOf(
  householdId: string,
  dogId: string,
  file: DogRecord & { version: number },
  day: string,
): Promise<Arrival> {
  const [kept] = await db()
    .select()
    .from(arrivals)
    .where(and(ofDog(householdId, dogId), eq(arrivals.day, day), eq(arrivals.version, file.version)))
  if (kept?.arrival) return kept.arrival
  const arrival = await workOut({ profile: file.profile, entries: file.entries }, day)
  const set = { day, arrival, version: file.version, takenUntil: null }
  await db()
    .insert(arrivals)
    .values({ householdId, dogId, ...set })
    .onConflictDoUpdate({ target: [arrivals.householdId, arrivals.dogId], set })
  return arrival
}

/** A forecast taken up and not done is another's to take up after so long, ms (judgement). */
const TAKEN_MS = 60_000
/** Takes up a forecast to work out. @returns false where another process is at it */
export async function takeUpForecast(householdId: string, dogId: string): Promise<boolean> {
  const now = currentInstant()
  const takenUntil = new Date(now.getTime() + TAKEN_MS)
  const rows = await db()
    .insert(arrivals)
    .values({ householdId, dogId, takenUntil })
    .onConflictDoUpdate({
      target: [arrivals.householdId, arrivals.dogId],
      set: { takenUntil },
      setWhere: or(isNull(arrivals.takenUntil), lt(arrivals.takenUntil, now)),
    })
    .returning({ dogId: arrivals.dogId })
  return rows.length > 0
}

/** A list draws shades; the chances behind them are for the dog's own page, and open places need no word. */
export const forList = (arrival: Arrival): Arrival => ({
  ...arrival,
  chance: {},
  shades: Object.fromEntries(Object.entries(arrival.shades).filter(([, shade]) => shade)),
})
