import { currentInstant } from '../clock'
import { and, asc, eq, isNull } from 'drizzle-orm'
import type { Attached } from '../../shared/api'
import type { Note } from '../../shared/answers'
import type { LinkHolder } from '../access/authorise'
import { refuse } from '../access/refuse'
import { db, inTransaction } from '../db/client'
import { notes } from '../db/schema'
import { mailNote } from './note-mail'

const ofDog = (householdId: string, dogId: string) =>
  and(eq(notes.householdId, householdId), eq(notes.dogId, dogId))

/** A note with the share it came by, if it came by one. */
export interface FiledNote extends Note {
  shareId: string | null
}
/** The whole thread of a dog, oldest first. */
export async function notesOf(householdId: string, dogId: string): Promise<FiledNote[]> {
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
    shareId: r.shareId,
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
  /** The groomer who writes it, where they have a room. */
  groomerId?: string
}
/** Sends a note, in the thread and by mail to the other side. Sending the same one twice changes nothing; the same id with other words is refused. */
export async function sendNote(note: NewNote) {
  const { attached = null, groomerId: _by, ...row } = note
  const added = await inTransaction(async (tx) => {
    const rows = await tx
      .insert(notes)
      .values({ ...row, attached })
      .onConflictDoNothing()
      .returning({ id: notes.id })
    // The note is not kept without its letters, nor they without it.
    if (rows.length) await mailNote(tx, note)
    return rows.length > 0
  })
  if (added) return
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
  by: { name: string; groomerId?: string },
  body: { id: string; body: string },
) =>
  sendNote({
    ...body,
    householdId,
    dogId,
    author: 'groomer',
    authorName: by.name,
    shareId,
    ...(by.groomerId ? { groomerId: by.groomerId } : {}),
  })

/** The owner has read what groomers wrote. */
export async function readByOwner(householdId: string, dogId: string) {
  await db()
    .update(notes)
    .set({ read: currentInstant() })
    .where(and(ofDog(householdId, dogId), eq(notes.author, 'groomer'), isNull(notes.read)))
}
