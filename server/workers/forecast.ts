import { arrivalOf } from '../../core/care/note/arrival'
import type { Arrival } from '../../core/care/note/arrival'
import { db } from '../db/client'
import { arrivals } from '../db/schema'
import { dogFile } from '../services/dogs'

export interface ForecastAsked {
  householdId: string
  dogId: string
  day: string
}

/** Works a forecast out from the record as it stands and keeps it, for a thread of its own. */
export default async function workOut({ householdId, dogId, day }: ForecastAsked): Promise<Arrival> {
  const { profile, began, entries, version } = await dogFile(householdId, dogId)
  const arrival = arrivalOf({ profile, began, entries }, day)
  const set = { day, arrival, version, takenUntil: null }
  await db()
    .insert(arrivals)
    .values({ householdId, dogId, ...set })
    .onConflictDoUpdate({ target: [arrivals.householdId, arrivals.dogId], set })
  return arrival
}
