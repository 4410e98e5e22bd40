import { openDB } from 'idb'
import type { DBSchema, IDBPDatabase } from 'idb'
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

interface Device extends DBSchema {
  waiting: { key: string; value: Waiting }
  files: { key: string; value: DogFile }
  tables: { key: string; value: OpenTable }
  who: { key: 'me'; value: Me }
  ways: { key: 'table'; value: Ways }
  pictures: { key: string; value: Picture }
}

let opening: Promise<IDBPDatabase<Device>> | undefined
const device = () =>
  (opening ??= openDB<Device>('grumbo', 3, {
    upgrade(db, from) {
      if (from < 1) {
        db.createObjectStore('waiting', { keyPath: 'id' })
        db.createObjectStore('files', { keyPath: 'id' })
        db.createObjectStore('tables', { keyPath: 'dogId' })
        db.createObjectStore('who')
      }
      if (from < 2) db.createObjectStore('ways')
      if (from < 3) db.createObjectStore('pictures', { keyPath: 'id' })
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

export const keptFile = async (dogId: string) => (await device()).get('files', dogId)
export const keepFile = async (file: DogFile) => (await device()).put('files', plain(file))

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
  await Promise.all(
    (['waiting', 'files', 'tables', 'who', 'ways', 'pictures'] as const).map((store) => db.clear(store)),
  )
}
