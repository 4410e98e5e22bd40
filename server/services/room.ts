import { and, eq, inArray, isNull, sql } from 'drizzle-orm'
import type { Arrival } from '../../core/care/note/arrival'
import type { Day } from '../../core/record/day'
import type { Room, RoomDog } from '../../shared/answers'
import type { Groomer, LinkHolder } from '../access/authorise'
import { db } from '../db/client'
import { accounts, arrivals, dogs, households, notes } from '../db/schema'
import { peopleOf } from './colleagues'
import { roomPrefs } from './groomers'
import { sayStanding, standingOf } from './letters'
import { forList, metBy } from './forecasts'
import { isOld, keyOf, workOutAll } from './room-forecasts'
import type { Stale } from './room-forecasts'
import { keptBy } from './shares'
import { readsNote, sharesOfDogs } from './thread'
import { todayIn } from './today-in'

/** Longest the list is kept waiting for forecasts to be worked out, ms; the rest follow (judgement). */
const WAIT_MS = 250
/** A groomer's room: every dog shared with them, the next to come first. */
export async function roomOf(groomer: Groomer): Promise<Room> {
  const [kept, prefs, letters, people] = await Promise.all([
    keptBy(groomer.roomId),
    roomPrefs(groomer.groomerId),
    standingOf(db(), groomer.email),
    peopleOf(groomer),
  ])
  return {
    name: groomer.name,
    room: groomer.room,
    email: groomer.email,
    ...prefs,
    letters: sayStanding(letters, groomer.claimed),
    ...people,
    dogs: kept.length
      ? await linesOf(
          kept,
          people.people.map((p) => p.name),
        )
      : [],
  }
}

const of = <T = string>(key: string) => sql<T>`${dogs.profile} ->> ${key}`

async function linesOf(kept: readonly LinkHolder[], hands: readonly string[]): Promise<RoomDog[]> {
  const dogIds = kept.map((k) => k.dogId)
  const homes = [...new Set(kept.map((k) => k.householdId))]
  const [rows, owners, unread, shared] = await Promise.all([
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
        version: dogs.version,
        day: arrivals.day,
        // The chances are for the dog's own page.
        arrival: sql<Arrival | null>`${arrivals.arrival} - 'chance'`.as('arrival'),
        of: arrivals.version,
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
      .select({
        householdId: notes.householdId,
        dogId: notes.dogId,
        author: notes.author,
        authorName: notes.authorName,
        shareId: notes.shareId,
        sent: notes.sent,
      })
      .from(notes)
      .where(
        and(
          inArray(notes.householdId, homes),
          inArray(notes.dogId, dogIds),
          eq(notes.author, 'owner'),
          isNull(notes.read),
        ),
      ),
    sharesOfDogs(homes, dogIds),
  ])
  const byId = new Map(rows.map((r) => [keyOf(r), r]))
  const unreadBy = (k: LinkHolder) => {
    const all = shared.filter((s) => keyOf(s) === keyOf(k))
    const mine = all.find((s) => s.id === k.shareId)
    return mine ? unread.filter((n) => keyOf(n) === keyOf(k) && readsNote(mine, all, n)).length : 0
  }
  const ownerOf = new Map<string, string>()
  for (const o of [...owners].sort((a, b) => b.created.getTime() - a.created.getTime()))
    ownerOf.set(o.householdId, o.name)

  const stale: Stale[] = []
  const lines = kept.flatMap((k) => {
    const row = byId.get(keyOf(k))
    if (!row) return []
    const day = todayIn(row.timeZone)
    const visit = row.nextVisit && row.nextVisit >= day ? row.nextVisit : null
    const isStale = k.scope !== 'note' && (row.of !== row.version || isOld(row.day, day, visit))
    if (isStale) stale.push({ householdId: k.householdId, dogId: k.dogId, day })
    const line: RoomDog = {
      share: k.shareId,
      name: row.name,
      owner: ownerOf.get(k.householdId) ?? 'the owner',
      coat: row.coat,
      weightKg: row.weightKg,
      scope: k.scope,
      expires: k.expires.toISOString(),
      visit,
      arrival: k.scope === 'note' || !row.arrival ? null : forList(metBy(row.arrival, hands)),
      stale: isStale,
      unread: unreadBy(k),
    }
    return [{ key: keyOf(k), line }]
  })
  // What is soon worked out is in the answer; the rest goes on, and is there at the next look.
  const working = workOutAll(stale, (s, arrival) => {
    for (const { key, line } of lines)
      if (key === keyOf(s) && line.scope !== 'note')
        Object.assign(line, { arrival: forList(metBy(arrival, hands)), stale: false })
  })
  let timer: ReturnType<typeof setTimeout> | undefined
  await Promise.race([working, new Promise((go) => (timer = setTimeout(go, WAIT_MS)))])
  clearTimeout(timer)
  const when = (d: RoomDog) => d.visit ?? '9999'
  return lines
    .map((l) => l.line)
    .sort((a, b) => (when(a) !== when(b) ? (when(a) < when(b) ? -1 : 1) : a.name < b.name ? -1 : 1))
}
