import { and, eq, inArray, isNull } from 'drizzle-orm'
import type { Note } from '../../shared/answers'
import type { LinkHolder } from '../access/authorise'
import { currentInstant } from '../clock'
import { db } from '../db/client'
import { notes, shares } from '../db/schema'
import { notesOf } from './notes'
import type { FiledNote } from './notes'
import { noteOpened } from './shares'

/**
 * What of a dog's thread the holder of a share reads. A groomer's notes are between that groomer and the
 * owner: another, at the same time or later, reads none of them.
 */
export interface SharedWith {
  id: string
  groomer: string
  groomerId: string | null
  email: string | null
  created: Date
  expires: Date
  revoked: Date | null
}

/** Two shares of one dog with the same groomer, by their room, their address or the name the owner gave. */
const same = (a: SharedWith, b: SharedWith) =>
  a.id === b.id ||
  (a.groomerId !== null && a.groomerId === b.groomerId) ||
  (a.email !== null && a.email === b.email) ||
  a.groomer.toLowerCase() === b.groomer.toLowerCase()

const openAt = (s: SharedWith, at: Date) =>
  s.created <= at && at < s.expires && (s.revoked === null || at < s.revoked)

/**
 * Whether the holder of a share reads a note: of the owner's, those written while it was shared with them,
 * or while it was shared with nobody; of groomers', their own.
 */
export function readsNote(
  mine: SharedWith,
  all: readonly SharedWith[],
  note: { author: Note['author']; authorName: string; shareId: string | null; sent: Date },
): boolean {
  const open = all.filter((s) => openAt(s, note.sent))
  if (note.author === 'owner') return !open.length || open.some((s) => same(s, mine))
  const by = all.find((s) => s.id === note.shareId)
  return by ? same(by, mine) : note.authorName.toLowerCase() === mine.groomer.toLowerCase()
}

/** Every share of these dogs, open or not. */
export const sharesOfDogs = (households: readonly string[], dogIds: readonly string[]) =>
  db()
    .select({
      householdId: shares.householdId,
      dogId: shares.dogId,
      id: shares.id,
      groomer: shares.groomer,
      groomerId: shares.groomerId,
      email: shares.email,
      created: shares.created,
      expires: shares.expires,
      revoked: shares.revoked,
    })
    .from(shares)
    .where(and(inArray(shares.householdId, [...households]), inArray(shares.dogId, [...dogIds])))

/** The thread as the holder of a share reads it, oldest first. */
export async function notesFor({ householdId, dogId, shareId }: LinkHolder): Promise<Note[]> {
  const [all, filed] = await Promise.all([sharesOfDogs([householdId], [dogId]), notesOf(householdId, dogId)])
  const mine = all.find((s) => s.id === shareId)
  const mayRead = (n: FiledNote) => !!mine && readsNote(mine, all, { ...n, sent: new Date(n.sent) })
  return filed.filter(mayRead).map(({ shareId: _s, ...note }) => note)
}

/** Somebody has the thread before their eyes: what the owner wrote to them is read. */
export async function readByGroomer(holder: LinkHolder) {
  const { householdId, dogId } = holder
  const unread = (await notesFor(holder)).filter((n) => n.author === 'owner' && !n.read).map((n) => n.id)
  await noteOpened(holder)
  if (!unread.length) return
  await db()
    .update(notes)
    .set({ read: currentInstant() })
    .where(
      and(
        eq(notes.householdId, householdId),
        eq(notes.dogId, dogId),
        inArray(notes.id, unread),
        isNull(notes.read),
      ),
    )
}
