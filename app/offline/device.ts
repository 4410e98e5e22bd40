import { openDB } from 'idb'
import type { DBSchema, IDBPDatabase } from 'idb'
import type { Entry } from '#core/record/entries'
import type { DogFile, Me } from '#shared/api'

/** What the device keeps by itself, so that a session needs no signal and a reload loses nothing. */
export interface Waiting {
  id: string
  dogId: string
  entry: Entry
  /** The server would not have it, and why. It stays here until the owner has seen that. */
  refused?: string
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
}

interface Device extends DBSchema {
  waiting: { key: string; value: Waiting }
  files: { key: string; value: DogFile }
  tables: { key: string; value: OpenTable }
  who: { key: 'me'; value: Me }
}

let opening: Promise<IDBPDatabase<Device>> | undefined
const device = () =>
  (opening ??= openDB<Device>('grumbo', 1, {
    upgrade(db) {
      db.createObjectStore('waiting', { keyPath: 'id' })
      db.createObjectStore('files', { keyPath: 'id' })
      db.createObjectStore('tables', { keyPath: 'dogId' })
      db.createObjectStore('who')
    },
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

export const keptTable = async (dogId: string) => (await device()).get('tables', dogId)
export const keepTable = async (table: OpenTable) => (await device()).put('tables', plain(table))
export const dropTable = async (dogId: string) => (await device()).delete('tables', dogId)

export const keptMe = async () => (await device()).get('who', 'me')
export const keepMe = async (me: Me) => (await device()).put('who', plain(me), 'me')

/** Everything of this person's off the device, at sign-out. */
export async function forgetAll() {
  const db = await device()
  await Promise.all([db.clear('waiting'), db.clear('files'), db.clear('tables'), db.clear('who')])
}
