import { and, asc, eq, isNull } from 'drizzle-orm'
import { addDays } from '../../core/record/day'
import type { Day } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { stretchStart } from '../../core/record/stretch-start'
import { profileOn } from '../../core/record/truths'
import type { Profile } from '../../core/record/profile'
import type { SharedDog } from '../../shared/answers'
import type { Scope } from '../../shared/limits'
import type { LinkHolder } from '../access/authorise'
import { db } from '../db/client'
import { accounts } from '../db/schema'
import { householdOf } from './accounts'
import { dogOf, entriesToldOf, visitsOf } from './dogs'
import { forecastOf, metBy } from './forecasts'
import { notesFor } from './thread'
import { todayIn } from './today-in'

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

/** The dog as it was when the running stretch began, for whoever is not told of before. */
const asOf = (began: Profile, told: readonly Entry[], from: Day): Profile => ({
  ...profileOn(began, told, addDays(from, -1)),
  since: from,
})

/** Who speaks for a household: its first owner. */
async function ownerOf(householdId: string): Promise<string> {
  const [row] = await db()
    .select({ name: accounts.name })
    .from(accounts)
    .where(and(eq(accounts.householdId, householdId), eq(accounts.role, 'owner'), isNull(accounts.removed)))
    .orderBy(asc(accounts.created))
    .limit(1)
  return row?.name ?? 'the owner'
}

/**
 * A dog as a share shows it. Forecasts rest on all of the record, so that they are the owner's own;
 * of the entries, scope `stretch` shows the running stretch, `history` all of them, and `note` only
 * what gives the lengths, beside the thread.
 * @param hands who works where it is read, beside whom it was shared with
 */
export async function sharedDog(holder: LinkHolder, hands: readonly string[] = []): Promise<SharedDog> {
  const { householdId, dogId, scope } = holder
  const [household, dog, visits, notes, owner] = await Promise.all([
    householdOf(householdId),
    dogOf(householdId, dogId),
    visitsOf(householdId, dogId),
    notesFor(holder),
    ownerOf(householdId),
  ])
  const today = todayIn(household.timeZone)
  const from = stretchStart({ profile: dog.profile, entries: visits }, today)
  const [entries, arrival] = await Promise.all([
    // When the owner has time is not the groomer's to read, so no plans.
    entriesToldOf(householdId, dogId, scope === 'history' ? null : from),
    scope === 'note' ? null : forecastOf({ householdId, dogId, day: today }),
  ])
  return {
    timeZone: household.timeZone,
    groomer: holder.groomer,
    owner,
    scope,
    expires: holder.expires.toISOString(),
    today,
    profile: profileFor(scope, scope === 'history' ? dog.profile : { ...dog.profile, since: from }),
    ...(dog.began && scope !== 'note'
      ? { began: scope === 'history' ? dog.began : asOf(dog.began, visits, from) }
      : {}),
    entries: scope === 'note' ? entries.filter((e) => e.what.kind === 'visit') : entries,
    notes,
    arrival: arrival && metBy(arrival, [holder.groomer, ...hands]),
  }
}
