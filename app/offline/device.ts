import { openDB } from 'idb'
import type { DBSchema, IDBPDatabase } from 'idb'
import { v7 as uuid } from 'uuid'
import { withoutOldPlans } from '#core/plan/standing'
import type { Entry } from '#core/record/entries'
import type { DogFile, Me } from '#shared/answers'

/** What the device keeps by itself, so that a session needs no signal and a reload loses nothing. */
export interface Waiting {
  id: string
  dogId: string
  entry: Entry
  /** The server would not have it, and why. It stays here until the owner has seen that. */
  refused?: string
  /** Its day has not come by the server's clock: this device's is ahead. */
  ahead?: true
}
/** A session at the table in progress. */
export interface OpenTable {
  dogId: string
  day: string
  startedAt: number
  /** Milliseconds the table was paused. */
  paused: number
  regions: string[]
  done: { region: string; entryId: string }[]
  skipped: string[]
  /** When anything was last done: a table left longer than a break was not worked at. */
  touched?: number
  /** What was found and is not yet dealt with: it came after this entry. */
  follow?: string | null
  /** Milliseconds at the table when the last break ended. */
  restedAt?: number
  /** Places another device has combed meanwhile. */
  elsewhere?: string[]
  /** Two are at it: this one goes on from the far end. */
  fromEnd?: boolean
}
/** How this person likes the table laid on this device. */
export interface Ways {
  /** Things seen to before a session, as last ticked. */
  ready: string[]
  spoken: boolean
}

/** A photograph as this device has it: taken here, or fetched once. */
export interface Picture {
  id: string
  dogId: string
  jpeg: Blob
  /** The server has it. */
  sent: boolean
}

/**
 * Some of a dog's kept entries: those that came at one time. Ten years of them written anew at every
 * press would stand in the way of the next; two pages add beside each other, and neither undoes the other.
 */
interface Bundle {
  dogId: string
  n: string
  entries: Entry[]
}

interface Device extends DBSchema {
  waiting: { key: string; value: Waiting }
  /** A dog without its entries; and which making of its bundles from the ground up these are. */
  files: { key: string; value: Omit<DogFile, 'entries'> & { made?: string } }
  bundles: { key: [string, string]; value: Bundle }
  tables: { key: string; value: OpenTable }
  who: { key: 'me'; value: Me }
  ways: { key: 'table'; value: Ways }
  pictures: { key: string; value: Picture }
}

let opening: Promise<IDBPDatabase<Device>> | undefined
const device = () =>
  (opening ??= openDB<Device>('grumbo', 4, {
    async upgrade(db, from, _to, tx) {
      if (from < 1) {
        db.createObjectStore('waiting', { keyPath: 'id' })
        db.createObjectStore('files', { keyPath: 'id' })
        db.createObjectStore('tables', { keyPath: 'dogId' })
        db.createObjectStore('who')
      }
      if (from < 2) db.createObjectStore('ways')
      if (from < 3) db.createObjectStore('pictures', { keyPath: 'id' })
      if (from < 4) {
        const bundles = db.createObjectStore('bundles', { keyPath: ['dogId', 'n'] })
        const files = tx.objectStore('files')
        for (const whole of (await files.getAll()) as DogFile[]) {
          const { entries, ...file } = whole
          void bundles.put({ dogId: file.id, n: uuid(), entries })
          void files.put(file)
        }
      }
    },
    // A page of an older version lets go, so that a newer one can open.
    blocking: (_now, _next, event) => (event.target as IDBDatabase).close(),
  }))

/** Plain data only: what the stores hold is wrapped for watching, and cannot be stored as it is. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

export const allWaiting = async () => (await device()).getAll('waiting')
export async function keepWaiting(items: Waiting[]) {
  const tx = (await device()).transaction('waiting', 'readwrite')
  await Promise.all([...items.map((i) => tx.store.put(plain(i))), tx.done])
}
export async function dropWaiting(ids: string[]) {
  const tx = (await device()).transaction('waiting', 'readwrite')
  await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
}

/** Bundles of one dog before they are made into one again (judgement). */
const MOST_BUNDLES = 64
const bundlesOf = (dogId: string) => IDBKeyRange.bound([dogId], [dogId, []])
/** Entries this page knows the device to have, by dog, and whether each is a plan: what it has is not written again. */
const onDevice = new Map<string, { made: string | undefined; ids: Map<string, boolean> }>()
const known = (entries: readonly Entry[]) => new Map(entries.map((e) => [e.id, e.what.kind === 'plan']))

/** Of bundles two pages may have written, each entry once. */
function unpacked(bundles: readonly Bundle[]): Entry[] {
  const byId = new Map<string, Entry>()
  for (const b of bundles) for (const e of b.entries) if (!byId.has(e.id)) byId.set(e.id, e)
  return [...byId.values()]
}

export async function keptFile(dogId: string): Promise<DogFile | undefined> {
  const tx = (await device()).transaction(['files', 'bundles'])
  const [file, bundles] = await Promise.all([
    tx.objectStore('files').get(dogId),
    tx.objectStore('bundles').getAll(bundlesOf(dogId)),
  ])
  const all = unpacked(bundles)
  onDevice.set(dogId, { made: file?.made, ids: known(all) })
  if (bundles.length > MOST_BUNDLES) void bundleAnew(dogId).catch(() => undefined)
  if (!file) return undefined
  const { made: _made, ...rest } = file
  return { ...rest, entries: withoutOldPlans(all) }
}
async function bundleAnew(dogId: string) {
  const tx = (await device()).transaction('bundles', 'readwrite')
  const all = unpacked(await tx.store.getAll(bundlesOf(dogId)))
  void tx.store.delete(bundlesOf(dogId))
  await tx.store.put({ dogId, n: uuid(), entries: withoutOldPlans(all) })
  return tx.done
}

/** The dog and its entries at once, or neither: only what is new of them is written. */
export async function keepFile({ entries, ...file }: DogFile) {
  const dogId = file.id
  const had = onDevice.get(dogId)
  const now = { made: had?.made, ids: known(entries) }
  // What was here and is no more, plans that were followed by another let be: then all is written anew.
  const gone = !had || [...had.ids].some(([id, isPlan]) => !isPlan && !now.ids.has(id))
  // Before it is done: what comes meanwhile need not write it too.
  onDevice.set(dogId, now)
  try {
    const tx = (await device()).transaction(['files', 'bundles'], 'readwrite')
    const bundles = tx.objectStore('bundles')
    const there = await tx.objectStore('files').get(dogId)
    // Another page has written all anew, and knew less.
    const anew = gone || there?.made !== had?.made
    now.made = anew ? uuid() : there?.made
    if (anew) void bundles.delete(bundlesOf(dogId))
    const fresh = anew ? entries : entries.filter((e) => !had?.ids.has(e.id))
    if (fresh.length) void bundles.put({ dogId, n: uuid(), entries: plain(fresh) })
    await tx.objectStore('files').put({ ...plain(file), made: now.made })
    await tx.done
  } catch (error) {
    onDevice.delete(dogId)
    throw error
  }
}

/** The table in hand, for a device that has no room or keeps nothing: then it lasts as long as the page. */
const inHand = new Map<string, OpenTable>()
let roomless = false
export async function keptTable(dogId: string): Promise<OpenTable | undefined> {
  if (!roomless)
    try {
      return await (await device()).get('tables', dogId)
    } catch {
      roomless = true
    }
  return inHand.get(dogId)
}
/** @returns whether the device keeps it */
export async function keepTable(table: OpenTable): Promise<boolean> {
  inHand.set(table.dogId, plain(table))
  try {
    await (await device()).put('tables', plain(table))
    roomless = false
  } catch {
    roomless = true
  }
  return !roomless
}
export async function dropTable(dogId: string) {
  inHand.delete(dogId)
  await (await device()).delete('tables', dogId).catch(() => undefined)
}

/** Pictures that found no room: they last as long as the page. */
const picturesInHand = new Map<string, Picture>()
export async function keptPicture(id: string): Promise<Picture | undefined> {
  return picturesInHand.get(id) ?? (await (await device()).get('pictures', id).catch(() => undefined))
}
/** @returns whether the device keeps it */
export async function keepPicture(picture: Picture): Promise<boolean> {
  try {
    await (await device()).put('pictures', picture)
    picturesInHand.delete(picture.id)
    return true
  } catch {
    picturesInHand.set(picture.id, picture)
    return false
  }
}
/** What has not gone up. */
export async function picturesWaiting(): Promise<Picture[]> {
  const kept = await (await device()).getAll('pictures').catch(() => [])
  return [...kept, ...picturesInHand.values()].filter((p) => !p.sent)
}

export const keptWays = async () => (await device()).get('ways', 'table')
export const keepWays = async (ways: Ways) => (await device()).put('ways', plain(ways), 'table')

export const keptMe = async () => (await device()).get('who', 'me')
export const keepMe = async (me: Me) => (await device()).put('who', plain(me), 'me')

/** Everything of this person's off the device, at sign-out. */
export async function forgetAll() {
  const db = await device()
  picturesInHand.clear()
  onDevice.clear()
  await Promise.all(
    (['waiting', 'files', 'bundles', 'tables', 'who', 'ways', 'pictures'] as const).map((store) =>
      db.clear(store),
    ),
  )
}
