import { currentInstant } from '../clock'
import { and, asc, eq, isNull } from 'drizzle-orm'
import type { Attached, Note } from '../../shared/api'
import type { LinkHolder } from '../access/authorise'
import { refuse } from '../access/refuse'
import { db } from '../db/client'
import { notes } from '../db/schema'
import { mailNote } from './note-mail'

const ofDog = (householdId: string, dogId: string) =>
  and(eq(notes.householdId, householdId), eq(notes.dogId, dogId))

/** The thread between owner and groomer, oldest first. */
export async function notesOf(householdId: string, dogId: string): Promise<Note[]> {
  const rows = await db()
    .select()
    .from(notes)
    .where(ofDog(householdId, dogId))
    .orderBy(asc(notes.sent), asc(notes.id))
  return rows.map((r) => ({
    id: r.id,
    author: r.author,
    authorName: r.authorName,
    body: r.body,
    sent: r.sent.toISOString(),
    read: r.read?.toISOString() ?? null,
    attached: r.attached,
  }))
}

export interface NewNote {
  householdId: string
  dogId: string
  id: string
  body: string
  author: Note['author']
  authorName: string
  shareId: string | null
  attached?: Attached | undefined
}
/** Sends a note, in the thread and by mail to the other side. Sending the same one twice changes nothing; the same id with other words is refused. */
export async function sendNote(note: NewNote) {
  const { attached = null } = note
  const [added] = await db()
    .insert(notes)
    .values({ ...note, attached })
    .onConflictDoNothing()
    .returning({ id: notes.id })
  if (added) return mailNote(note)
  const [there] = await db()
    .select()
    .from(notes)
    .where(and(ofDog(note.householdId, note.dogId), eq(notes.id, note.id)))
  if (there?.body !== note.body || there.author !== note.author)
    throw refuse(409, 'A different note already has that id.')
}

/** A note from whoever holds a share: by link, or from their room. */
export const sendGroomersNote = (
  { householdId, dogId, shareId }: LinkHolder,
  authorName: string,
  body: { id: string; body: string },
) => sendNote({ ...body, householdId, dogId, author: 'groomer', authorName, shareId })

/** Marks what the other side wrote as read. */
export async function markRead(householdId: string, dogId: string, reader: Note['author']) {
  const other = reader === 'owner' ? 'groomer' : 'owner'
  await db()
    .update(notes)
    .set({ read: currentInstant() })
    .where(and(ofDog(householdId, dogId), eq(notes.author, other), isNull(notes.read)))
}
