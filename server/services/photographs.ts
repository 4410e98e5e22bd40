import { and, eq } from 'drizzle-orm'
import { isError, setHeader } from 'h3'
import type { H3Event } from 'h3'
import sharp from 'sharp'
import { stretchStart } from '../../core/record/stretch-start'
import { timeline } from '../../core/record/timeline'
import {
  LONGEST_SIDE,
  MOST_PIXELS,
  MOST_SIDE,
  NOT_A_PICTURE,
  QUALITY,
  TOO_LARGE,
} from '../../shared/photographs'
import type { LinkHolder } from '../access/authorise'
import { refuse } from '../access/refuse'
import { currentInstant } from '../clock'
import { db, inTransaction } from '../db/client'
import { entries, loosePictures, photographs } from '../db/schema'
import { householdOf } from './accounts'
import { dogOf, entryWithCorrections, visitsOf } from './dogs'
import { ofPicture } from './loose-pictures'
import { pictureStore } from './picture-store'
import { notesFor } from './thread'
import { todayIn } from './today-in'

/** What is decoded; anything else, drawings that can carry script among them, is not a photograph. */
const READ = ['jpeg', 'png', 'webp']

/** Pictures decoded at once: the rest of the threads are for passwords and cookies. And how many may wait (judgement). */
const AT_ONCE = 2
const MOST_WAITING = 24
/** Longer than this no picture takes that fits the limits, s (judgement). */
const DECODE_SECONDS = 20
let decoding = 0
const waiting: (() => void)[] = []
/** @throws 503 when too many wait already */
async function oneOfFew<T>(work: () => Promise<T>): Promise<T> {
  if (decoding >= AT_ONCE) {
    if (waiting.length >= MOST_WAITING) throw refuse(503, 'Too many pictures at once: in a moment again.')
    // Whoever is done hands its place on.
    await new Promise<void>((go) => waiting.push(go))
  } else decoding += 1
  try {
    return await work()
  } finally {
    const next = waiting.shift()
    if (next) next()
    else decoding -= 1
  }
}

/**
 * Decodes a picture and writes it anew: upright, at most `MOST_SIDE` px, with nothing of what a camera
 * notes beside it. @throws 415 when it is not a picture, 413 when it is too large
 */
async function reEncode(bytes: Buffer) {
  if (!bytes.length) throw refuse(415, NOT_A_PICTURE)
  const picture = sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
  const {
    format,
    width = 0,
    height = 0,
    pages = 1,
  } = await picture.metadata().catch(() => {
    throw refuse(415, NOT_A_PICTURE)
  })
  if (!READ.includes(format ?? '') || pages > 1) throw refuse(415, NOT_A_PICTURE)
  if (width * height > MOST_PIXELS || Math.max(width, height) > LONGEST_SIDE) throw refuse(413, TOO_LARGE)
  const { data, info } = await oneOfFew(() =>
    picture
      .rotate()
      .resize(MOST_SIDE, MOST_SIDE, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .jpeg({ quality: QUALITY })
      .timeout({ seconds: DECODE_SECONDS })
      .toBuffer({ resolveWithObject: true }),
  ).catch((error: unknown) => {
    throw isError(error) ? error : refuse(415, NOT_A_PICTURE)
  })
  return { jpeg: data, width: info.width, height: info.height }
}

/** Keeps the picture of an entry that says there is one. Sending it twice changes nothing. */
export async function keepPhotograph(householdId: string, dogId: string, id: string, bytes: Buffer) {
  const [entry] = await db()
    .select({ kind: entries.kind })
    .from(entries)
    .where(and(eq(entries.householdId, householdId), eq(entries.dogId, dogId), eq(entries.id, id)))
  if (entry?.kind !== 'photo') throw refuse(409, 'The diary says of no such photograph.')
  const name = { householdId, dogId, id }
  const [there] = await db()
    .select({ id: photographs.id })
    .from(photographs)
    .where(ofPicture(name, photographs))
  if (there) return
  const { jpeg, ...size } = await reEncode(bytes)
  const store = pictureStore()
  if (!store) {
    await db()
      .insert(photographs)
      .values({ ...name, jpeg, ...size })
      .onConflictDoNothing()
    return
  }
  // Written down before it is there, so that one whose row never came is found and removed.
  const since = currentInstant()
  await db()
    .insert(loosePictures)
    .values({ ...name, since })
    .onConflictDoUpdate({
      target: [loosePictures.householdId, loosePictures.dogId, loosePictures.id],
      set: { since },
    })
  await store.put(name, jpeg)
  await inTransaction(async (tx) => {
    await tx
      .insert(photographs)
      .values({ ...name, ...size })
      .onConflictDoNothing()
    await tx.delete(loosePictures).where(ofPicture(name, loosePictures))
  })
}

/** The picture, wherever it lies; nothing where there is none, or where the store has lost it. */
export async function pictureOf(householdId: string, dogId: string, id: string): Promise<Buffer | null> {
  const name = { householdId, dogId, id }
  const [row] = await db()
    .select({ jpeg: photographs.jpeg })
    .from(photographs)
    .where(ofPicture(name, photographs))
  if (!row) return null
  return row.jpeg ?? (await pictureStore()?.get(name)) ?? null
}
/** @throws 404 where there is none */
export async function photographOf(householdId: string, dogId: string, id: string): Promise<Buffer> {
  const jpeg = await pictureOf(householdId, dogId, id)
  if (!jpeg) throw refuse(404, 'There is no picture here.')
  return jpeg
}

/**
 * A photograph of the diary as a share shows it: what the owner took back is not there, nor what lies
 * before a share's stretch, but for what was sent along with a note and goes on standing in the thread.
 */
async function sharedPhotograph(share: LinkHolder, id: string) {
  const { householdId, dogId, scope } = share
  const [dog, visits, told, household, thread] = await Promise.all([
    dogOf(householdId, dogId),
    visitsOf(householdId, dogId),
    entryWithCorrections(householdId, dogId, id),
    householdOf(householdId),
    notesFor(share),
  ])
  const record = { profile: dog.profile, entries: visits }
  const from = scope === 'history' ? '' : stretchStart(record, todayIn(household.timeZone))
  const sent = thread.some((n) => n.attached?.photographs?.includes(id))
  const entry = timeline(told).find((f) => f.id === id && f.what.kind === 'photo')
  if (!entry || !(sent || entry.day >= from)) throw refuse(404, 'There is no picture here.')
  return photographOf(householdId, dogId, id)
}

/** Answers with the picture. */
export async function sendPhotograph(event: H3Event, share: LinkHolder, id: string) {
  const jpeg = await sharedPhotograph(share, id)
  setHeader(event, 'content-type', 'image/jpeg')
  return jpeg
}
