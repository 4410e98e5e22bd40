import { currentInstant } from '../clock'
import { and, asc, eq, isNull } from 'drizzle-orm'
import { stretchStart } from '../../core/record/stretch-start'
import { arrivalOf } from '../../core/plan/arrival'
import type { Arrival } from '../../core/plan/arrival'
import type { DogRecord } from '../../core/record/fold'
import type { Profile } from '../../core/record/profile'
import type { SharedDog } from '../../shared/api'
import type { Scope } from '../../shared/limits'
import type { LinkHolder } from '../access/authorise'
import { db } from '../db/client'
import { accounts, arrivals } from '../db/schema'
import { householdOf } from './accounts'
import { dogFile } from './dogs'
import { markRead, notesOf } from './notes'

/** Formats are dear to make, and there are few zones. */
const dayFormats = new Map<string, Intl.DateTimeFormat>()

/** What day it is in a time zone now. */
export function todayIn(timeZone: string, at = currentInstant()): string {
  let format = dayFormats.get(timeZone)
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    })
    dayFormats.set(timeZone, format)
  }
  return format.format(at)
}

/** What a share tells of the dog itself: with the notes alone neither the owner's week nor their ways. */
function profileFor(scope: Scope, profile: Profile): Profile {
  if (scope !== 'note') return profile
  const { name, sex, coat, weightKg, since, nextVisit, absent, hemisphere } = profile
  const nothing = { harnessHours: 0, collarAllDay: false, minutes: Array<number>(7).fill(0), hard: [] }
  return {
    name,
    sex,
    coat,
    weightKg,
    since,
    absent,
    hemisphere,
    ...nothing,
    ...(nextVisit ? { nextVisit } : {}),
  }
}

/** Who speaks for a household: its first owner. */
export async function ownerOf(householdId: string): Promise<string> {
  const [row] = await db()
    .select({ name: accounts.name })
    .from(accounts)
    .where(and(eq(accounts.householdId, householdId), eq(accounts.role, 'owner'), isNull(accounts.removed)))
    .orderBy(asc(accounts.created))
    .limit(1)
  return row?.name ?? 'the owner'
}

/** How the dog should arrive, worked out and kept for the room's list. */
export async function workOutArrival(
  householdId: string,
  dogId: string,
  record: DogRecord,
  day: string,
): Promise<Arrival> {
  const whole = arrivalOf(record, day)
  const arrival = forList(whole)
  await db()
    .insert(arrivals)
    .values({ householdId, dogId, day, arrival })
    .onConflictDoUpdate({ target: [arrivals.householdId, arrivals.dogId], set: { day, arrival } })
  return whole
}

/** A list draws shades; the chances behind them are for the dog's own page, and open places need no word. */
export const forList = (arrival: Arrival): Arrival => ({
  ...arrival,
  chance: {},
  shades: Object.fromEntries(Object.entries(arrival.shades).filter(([, shade]) => shade)),
})

/**
 * A dog as a share shows it. Forecasts rest on all of the record, so that they are the owner's own;
 * of the entries, scope `stretch` shows the running stretch, `history` all of them, and `note` only
 * what gives the lengths, beside the thread.
 */
export async function sharedDog(holder: LinkHolder): Promise<SharedDog> {
  const { householdId, dogId, scope } = holder
  const [household, file, notes, owner] = await Promise.all([
    householdOf(householdId),
    dogFile(householdId, dogId),
    notesOf(householdId, dogId),
    ownerOf(householdId),
  ])
  await markRead(householdId, dogId, 'groomer')
  const today = todayIn(household.timeZone)
  const from = stretchStart(file, today)
  // When the owner has time is not the groomer's to read.
  const told = file.entries.filter((e) => e.what.kind !== 'plan')
  const running = told.filter((e) => e.day >= from)
  return {
    groomer: holder.groomer,
    owner,
    scope,
    expires: holder.expires.toISOString(),
    today,
    profile: profileFor(scope, scope === 'history' ? file.profile : { ...file.profile, since: from }),
    entries: {
      history: told,
      stretch: running,
      note: running.filter((e) => e.what.kind === 'visit'),
    }[scope],
    notes,
    arrival: scope === 'note' ? null : await workOutArrival(householdId, dogId, file, today),
  }
}
