import { once } from 'node:events'
import { PassThrough } from 'node:stream'
import { and, asc, eq } from 'drizzle-orm'
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { writeRecordFile } from '../../shared/record-file'
import type { Groomer, Member } from '../access/authorise'
import { whoseIs } from '../access/whose'
import { currentInstant } from '../clock'
import { db } from '../db/client'
import { mails, photographs } from '../db/schema'
import { dogFile, dogsOf } from './dogs'
import { householdView } from './members'
import { notesOf } from './notes'
import { passkeysOf } from './passkeys'
import { pictureOf } from './photographs'
import { roomOf } from './room'
import { sessionsOf } from './sessions'
import { keptBy, sharesOf } from './shares'
import { notesFor } from './thread'

/** A file at a time: what is made next waits until the last has gone. */
interface Archive {
  json: (name: string, what: unknown) => Promise<void>
  text: (name: string, what: string) => Promise<void>
  picture: (name: string, what: Uint8Array) => Promise<void>
}
/** Writes a zip as it is gathered, so that a household of a thousand pictures fits into little. */
function zipped(gather: (archive: Archive) => Promise<void>): PassThrough {
  const out = new PassThrough()
  const zip = new Zip((error, bytes, last) => {
    if (error) out.destroy(error)
    else if (last) out.end(bytes)
    else out.write(bytes)
  })
  const put = async (file: ZipDeflate | ZipPassThrough, bytes: Uint8Array) => {
    if (out.destroyed) throw new Error('Nobody waits for it any more.')
    zip.add(file)
    file.push(bytes, true)
    if (out.writableNeedDrain) await once(out, 'drain')
  }
  const text = (name: string, what: string) => put(new ZipDeflate(name), strToU8(what))
  gather({
    text,
    json: (name, what) => text(name, JSON.stringify(what, null, 2)),
    picture: (name, what) => put(new ZipPassThrough(name), what),
  })
    .then(() => zip.end())
    .catch((error: unknown) => out.destroy(error instanceof Error ? error : new Error('unknown')))
  return out
}

/** Letters that went, were given up or wait on somebody's behalf: to whom and when, for their words are kept no longer. */
const lettersOf = (mine: ReturnType<typeof eq>) =>
  db()
    .select({
      kind: mails.kind,
      to: mails.recipient,
      written: mails.written,
      sent: mails.sent,
      givenUp: mails.givenUp,
    })
    .from(mails)
    .where(mine)
    .orderBy(asc(mails.written))

async function accountOf(visitor: Member | Groomer) {
  const whose = whoseIs(visitor)
  const { name, email } = visitor
  return {
    name,
    email,
    signedIn: await sessionsOf(whose, visitor.sessionId),
    passkeys: await passkeysOf(whose),
  }
}

/** All that is kept of a member and, where they own it, of the household: people, letters, and of each dog everything. */
export const everythingOf = (member: Member) =>
  zipped(async ({ json, text, picture }) => {
    const { householdId } = member
    await json('account.json', { ...(await accountOf(member)), role: member.role })
    await json('household.json', await householdView(member))
    if (member.role !== 'owner') return
    await json('letters.json', await lettersOf(eq(mails.householdId, householdId)))
    for (const { id, profile } of await dogsOf(householdId)) {
      const folder = `dogs/${profile.name.replace(/[^\p{L}\p{N} -]/gu, '') || 'dog'}-${id.slice(-6)}`
      const { began, entries } = await dogFile(householdId, id)
      await text(
        `${folder}/record.json`,
        writeRecordFile({ id, profile: began ?? profile }, entries, currentInstant()),
      )
      await json(`${folder}/notes.json`, await notesOf(householdId, id))
      await json(`${folder}/shares.json`, await sharesOf(householdId, id))
      const pictures = await db()
        .select({ id: photographs.id })
        .from(photographs)
        .where(and(eq(photographs.householdId, householdId), eq(photographs.dogId, id)))
      for (const p of pictures) {
        const jpeg = await pictureOf(householdId, id, p.id)
        if (jpeg) await picture(`${folder}/photographs/${p.id}.jpg`, jpeg)
      }
    }
  })

/** All that is kept of a groomer: the room, its letters, and the threads they read. What is of a dog is its owner's. */
export const everythingOfGroomer = (groomer: Groomer) =>
  zipped(async ({ json }) => {
    await json('account.json', await accountOf(groomer))
    const { dogs, ...room } = await roomOf(groomer)
    await json('room.json', room)
    await json('letters.json', await lettersOf(eq(mails.groomerId, groomer.groomerId)))
    for (const share of await keptBy(groomer.roomId)) {
      const name = dogs.find((d) => d.share === share.shareId)?.name ?? 'dog'
      await json(`dogs/${share.shareId}.json`, {
        dog: name,
        scope: share.scope,
        expires: share.expires,
        notes: await notesFor(share),
      })
    }
  })
