import { and, count, eq, inArray, isNull, sql } from 'drizzle-orm'
import { daysBetween } from '../../core/record/day'
import type { Day } from '../../core/record/day'
import type { Room, RoomDog } from '../../shared/api'
import type { Groomer, LinkHolder } from '../access/authorise'
import { db } from '../db/client'
import { accounts, arrivals, dogs, households, notes } from '../db/schema'
import { dogFile } from './dogs'
import { roomPrefs } from './groomers'
import { forList, todayIn, workOutArrival } from './shared-dog'
import { keptBy } from './shares'

/** Longest the list is kept waiting for forecasts to be worked out, ms; the rest follow (judgement). */
const WAIT_MS = 40

/**
 * A forecast of a day gone by says nearly the same until something is written, so only those that
 * come soon are worked out anew each day; the others once a week (judgement).
 */
const SOON_DAYS = 14
const OLD_DAYS = 7
function isOld(day: Day | null, today: Day, visit: Day | null): boolean {
  if (!day) return true
  const soon = visit !== null && daysBetween(today, visit) <= SOON_DAYS
  return daysBetween(day, today) >= (soon ? 1 : OLD_DAYS)
}

interface Stale {
  householdId: string
  dogId: string
  day: string
}
async function workOut({ householdId, dogId, day }: Stale) {
  const file = await dogFile(householdId, dogId)
  return workOutArrival(householdId, dogId, file, day)
}

/** A dog's id is its household's own affair: two may have one of the same. */
const keyOf = ({ householdId, dogId }: Pick<Stale, 'householdId' | 'dogId'>) => `${householdId}/${dogId}`

/** What this process has still to work out, by dog: each once, however often its list is looked at. */
const queue = new Map<string, Stale>()
let working = false

/** Works these out one after another, letting go between them. */
async function workOutLater(stale: readonly Stale[]) {
  for (const s of stale) queue.set(keyOf(s), s)
  if (working) return
  working = true
  for (let next = queue.values().next().value; next; next = queue.values().next().value) {
    // The dog may be gone; if not, the next look tries again.
    await workOut(next).catch(() => undefined)
    queue.delete(keyOf(next))
    await new Promise((r) => setImmediate(r))
  }
  working = false
}

/** A groomer's room: every dog shared with them, the next to come first. */
export async function roomOf(groomer: Groomer): Promise<Room> {
  const [kept, mailNotes] = await Promise.all([keptBy(groomer.groomerId), roomPrefs(groomer.groomerId)])
  return {
    name: groomer.name,
    room: groomer.room,
    email: groomer.email,
    mailNotes,
    dogs: kept.length ? await linesOf(kept) : [],
  }
}

const of = <T = string>(key: string) => sql<T>`${dogs.profile} ->> ${key}`

async function linesOf(kept: readonly LinkHolder[]): Promise<RoomDog[]> {
  const dogIds = kept.map((k) => k.dogId)
  const homes = [...new Set(kept.map((k) => k.householdId))]
  const [rows, owners, unread] = await Promise.all([
    db()
      .select({
        householdId: dogs.householdId,
        dogId: dogs.id,
        // Of a profile a list needs little, and there are hundreds.
        name: of('name').as('name'),
        coat: of<RoomDog['coat']>('coat').as('coat'),
        weightKg: sql<number>`(${dogs.profile} ->> 'weightKg')::float`.as('kg'),
        nextVisit: of<Day | null>('nextVisit').as('next_visit'),
        timeZone: households.timeZone,
        day: arrivals.day,
        arrival: arrivals.arrival,
      })
      .from(dogs)
      .innerJoin(households, eq(households.id, dogs.householdId))
      .leftJoin(arrivals, and(eq(arrivals.householdId, dogs.householdId), eq(arrivals.dogId, dogs.id)))
      .where(and(inArray(dogs.householdId, homes), inArray(dogs.id, dogIds))),
    db()
      .select({ householdId: accounts.householdId, name: accounts.name, created: accounts.created })
      .from(accounts)
      .where(and(inArray(accounts.householdId, homes), eq(accounts.role, 'owner'), isNull(accounts.removed))),
    db()
      .select({ householdId: notes.householdId, dogId: notes.dogId, n: count() })
      .from(notes)
      .where(
        and(
          inArray(notes.householdId, homes),
          inArray(notes.dogId, dogIds),
          eq(notes.author, 'owner'),
          isNull(notes.read),
        ),
      )
      .groupBy(notes.householdId, notes.dogId),
  ])
  const byId = new Map(rows.map((r) => [keyOf(r), r]))
  const unreadOf = new Map(unread.map((u) => [keyOf(u), u.n]))
  const ownerOf = new Map<string, string>()
  for (const o of [...owners].sort((a, b) => b.created.getTime() - a.created.getTime()))
    ownerOf.set(o.householdId, o.name)

  const lines: RoomDog[] = []
  const stale: Stale[] = []
  const end = performance.now() + WAIT_MS
  for (const k of kept) {
    const row = byId.get(keyOf(k))
    if (!row) continue
    const day = todayIn(row.timeZone)
    let arrival = k.scope === 'note' ? null : row.arrival
    const visit = row.nextVisit && row.nextVisit >= day ? row.nextVisit : null
    let isStale = k.scope !== 'note' && isOld(row.day, day, visit)
    if (isStale) {
      const s = { householdId: k.householdId, dogId: k.dogId, day }
      if (performance.now() < end) {
        arrival = forList(await workOut(s))
        isStale = false
      } else stale.push(s)
    }
    lines.push({
      share: k.shareId,
      name: row.name,
      owner: ownerOf.get(k.householdId) ?? 'the owner',
      coat: row.coat,
      weightKg: row.weightKg,
      scope: k.scope,
      expires: k.expires.toISOString(),
      visit,
      arrival,
      stale: isStale,
      unread: unreadOf.get(keyOf(k)) ?? 0,
    })
  }
  void workOutLater(stale)
  const when = (d: RoomDog) => d.visit ?? '9999'
  return lines.sort((a, b) => (when(a) !== when(b) ? (when(a) < when(b) ? -1 : 1) : a.name < b.name ? -1 : 1))
}
