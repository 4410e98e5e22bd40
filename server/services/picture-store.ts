import { dirname, basename } from 'node:path/posix'
import { createStorage } from 'unstorage'
import type { Driver } from 'unstorage'
import fsDriver from 'unstorage/drivers/fs-lite'
import s3Driver from 'unstorage/drivers/s3'
import { refuse } from '../access/refuse'
import { codeOf, log } from '../log'

/**
 * Where photographs lie when not in the database: `GRUMBO_PHOTOGRAPHS` names a folder, or a bucket of an S3-like
 * store by its address, with `…_KEY`, `…_SECRET` and `…_REGION`. Each lies under household, dog and its own id, and
 * is never written a second time otherwise.
 */
export interface PictureStore {
  put: (name: PictureName, jpeg: Buffer) => Promise<void>
  /** Nothing where there is none. */
  get: (name: PictureName) => Promise<Buffer | null>
  remove: (name: PictureName) => Promise<void>
}
export interface PictureName {
  householdId: string
  dogId: string
  id: string
}
const keyOf = ({ householdId, dogId, id }: PictureName) => `${householdId}:${dogId}:${id}.jpg`

/** Longer than this no store is waited for, ms (judgement). */
const PATIENCE_MS = 15_000
/** @throws 503 when the store does not answer, or not in time: nothing was lost, and it may be tried again */
async function inTime<T>(work: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => fail(new Error('late')), PATIENCE_MS)
  })
  try {
    return await Promise.race([work, late])
  } catch (error) {
    log.error({ code: codeOf(error) }, 'photographs cannot be reached')
    throw refuse(503, 'Photographs cannot be reached just now. Nothing is lost; try again in a while.')
  } finally {
    clearTimeout(timer)
  }
}

function driverFor(where: string): Driver {
  if (!/^https?:\/\//.test(where)) return fsDriver({ base: where })
  const { pathname, origin } = new URL(where)
  const path = pathname.replace(/\/$/, '')
  return s3Driver({
    endpoint: origin + dirname(path).replace(/^\/$/, ''),
    bucket: basename(path),
    accessKeyId: process.env.GRUMBO_PHOTOGRAPHS_KEY ?? '',
    secretAccessKey: process.env.GRUMBO_PHOTOGRAPHS_SECRET ?? '',
    // What stores that have none are told.
    region: process.env.GRUMBO_PHOTOGRAPHS_REGION ?? 'us-east-1',
  })
}

function open(where: string): PictureStore {
  const storage = createStorage<Buffer>({ driver: driverFor(where) })
  return {
    put: (name, jpeg) => inTime(storage.setItemRaw(keyOf(name), jpeg)),
    get: async (name) => {
      const found = await inTime(storage.getItemRaw<Uint8Array | ArrayBuffer>(keyOf(name)))
      return found && Buffer.from(found instanceof ArrayBuffer ? new Uint8Array(found) : found)
    },
    remove: (name) => inTime(storage.removeItem(keyOf(name))),
  }
}

let store: PictureStore | undefined
/** The store that is named, or none: photographs lie in the database then. */
export function pictureStore(): PictureStore | undefined {
  const where = process.env.GRUMBO_PHOTOGRAPHS
  return where ? (store ??= open(where)) : undefined
}
