import { and, eq, isNull, lt, or } from 'drizzle-orm'
import type { Arrival } from '../../core/care/note/arrival'
import { currentInstant } from '../clock'
import { db } from '../db/client'
import { arrivals, dogs } from '../db/schema'
import workOutHere from '../workers/forecast'
import type { ForecastAsked } from '../workers/forecast'
import { inThread } from './threads'

/**
 * How a dog should arrive, as links and rooms show it. It is worked out away from the loop that answers, a
 * few at a time, and kept by the version of the record it is of, where every process finds it.
 */

const workOut = inThread<ForecastAsked, Arrival>('forecast', workOutHere)

const ofDog = (householdId: string, dogId: string) =>
  and(eq(arrivals.householdId, householdId), eq(arrivals.dogId, dogId))

/** The forecast of a dog on a day: the one that is kept of the record as it stands, or worked out now. */
export async function forecastOf(asked: ForecastAsked): Promise<Arrival> {
  const { householdId, dogId, day } = asked
  const [kept] = await db()
    .select({ arrival: arrivals.arrival })
    .from(arrivals)
    .innerJoin(dogs, and(eq(dogs.householdId, arrivals.householdId), eq(dogs.id, arrivals.dogId)))
    .where(and(ofDog(householdId, dogId), eq(arrivals.day, day), eq(arrivals.version, dogs.version)))
  return kept?.arrival ?? workOut(asked)
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

/** What visits met is between the owner and whoever did them: of others' it says nothing. @param names whose hands these are */
export const metBy = (arrival: Arrival, names: readonly string[]): Arrival => ({
  ...arrival,
  met: (arrival.met ?? []).filter((m) => m.by !== null && names.includes(m.by)),
})

/** A list draws shades; the chances behind them are for the dog's own page, and open places need no word. */
export const forList = (arrival: Arrival): Arrival => ({
  ...arrival,
  chance: {},
  wish: null,
  shades: Object.fromEntries(Object.entries(arrival.shades).filter(([, shade]) => shade)),
})
