import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { Entry } from '#core/record/entries'
import type { DogFile } from '#shared/answers'

const fileOf = (entries: readonly Entry[], mark = '1'): DogFile =>
  ({
    id: 'a-dog',
    profile: dog().profile,
    entries: [...entries],
    version: 1,
    mark,
  }) as DogFile
const check = (day: string) => entry(day, { kind: 'check', region: 'beard', finding: 'glides' })
const idsOf = (file: DogFile | undefined) => file?.entries.map((e) => e.id).sort()
const ids = (entries: readonly Entry[]) => entries.map((e) => e.id).sort()

/** A page of this device: each has its own memory of what the device has. */
async function newPage() {
  vi.resetModules()
  return import('./device')
}
/** How many rows the device has of it. */
async function bundles() {
  const db = await openDB('grumbo')
  const n = await db.count('bundles')
  db.close()
  return n
}

beforeEach(() => vi.stubGlobal('indexedDB', new IDBFactory()))

describe('a dog kept on the device', () => {
  it('is read back with what came since, which alone was written', async () => {
    const page = await newPage()
    expect(await page.keptFile('a-dog')).toBeUndefined()
    const first = Array.from({ length: 9 }, () => check('2026-05-04'))
    await page.keepFile(fileOf(first))
    const more = check('2026-05-05')
    await page.keepFile(fileOf([...first, more], '2'))
    const db = await openDB('grumbo')
    const rows = (await db.getAll('bundles')) as { entries: Entry[] }[]
    db.close()
    expect(rows.map((r) => r.entries.length).sort()).toEqual([1, 9])
    const kept = await (await newPage()).keptFile('a-dog')
    expect(kept).not.toHaveProperty('made')
    expect(kept?.mark).toBe('2')
    expect(idsOf(kept)).toEqual(ids([...first, more]))
  })

  it('loses what the server no longer has', async () => {
    const page = await newPage()
    const [stays, goes] = [check('2026-05-04'), check('2026-05-05')]
    await page.keepFile(fileOf([stays, goes]))
    await page.keepFile(fileOf([stays], '2'))
    expect(idsOf(await (await newPage()).keptFile('a-dog'))).toEqual([stays.id])
  })

  it('is whole though two pages write it in turns, one of them anew', async () => {
    const [one, other] = [await newPage(), await newPage()]
    const [first, a, b, c] = ['04', '05', '06', '07'].map((d) => check(`2026-05-${d}`)) as [
      Entry,
      Entry,
      Entry,
      Entry,
    ]
    await one.keepFile(fileOf([first]))
    await other.keptFile('a-dog')
    await one.keepFile(fileOf([first, a], '2'))
    await other.keepFile(fileOf([first, b], '2'))
    expect(idsOf(await (await newPage()).keptFile('a-dog'))).toEqual(ids([first, a, b]))
    // The other knows nothing of `a`, and writes from the ground up: the first must not rest on what it had.
    await other.keepFile(fileOf([b], '3'))
    await one.keepFile(fileOf([first, a, b, c], '4'))
    expect(idsOf(await (await newPage()).keptFile('a-dog'))).toEqual(ids([first, a, b, c]))
  })

  it('is asked to keep the next before the last is kept', async () => {
    const page = await newPage()
    const all = Array.from({ length: 5 }, () => check('2026-05-04'))
    await Promise.all(all.map((_, n) => page.keepFile(fileOf(all.slice(0, n + 1), String(n)))))
    const kept = await (await newPage()).keptFile('a-dog')
    expect(idsOf(kept)).toEqual(ids(all))
    expect(kept?.mark).toBe('4')
  })

  it('does not come apart into ever more rows', async () => {
    const page = await newPage()
    const all = Array.from({ length: 70 }, () => check('2026-05-04'))
    for (let n = 1; n <= all.length; n++) await page.keepFile(fileOf(all.slice(0, n)))
    expect(await bundles()).toBe(70)
    await (await newPage()).keptFile('a-dog')
    await vi.waitFor(async () => expect(await bundles()).toBe(1))
    expect(idsOf(await (await newPage()).keptFile('a-dog'))).toEqual(ids(all))
  })

  it('is there as the version before kept it', async () => {
    const all = [check('2026-05-04'), check('2026-05-05')]
    const db = await openDB('grumbo', 3, {
      upgrade(old) {
        old.createObjectStore('waiting', { keyPath: 'id' })
        old.createObjectStore('files', { keyPath: 'id' })
        old.createObjectStore('tables', { keyPath: 'dogId' })
        for (const name of ['who', 'ways']) old.createObjectStore(name)
        old.createObjectStore('pictures', { keyPath: 'id' })
      },
    })
    await db.put('files', fileOf(all, '7'))
    db.close()
    const kept = await (await newPage()).keptFile('a-dog')
    expect(idsOf(kept)).toEqual(ids(all))
    expect(kept?.mark).toBe('7')
  })

  it('that found no room is written whole the next time', async () => {
    const page = await newPage()
    const all = [check('2026-05-04'), check('2026-05-05')]
    await page.keepFile(fileOf(all.slice(0, 1)))
    // What cannot be cloned is refused as a full device refuses.
    await expect(page.keepFile({ ...fileOf(all), profile: 1n as never })).rejects.toThrow()
    await page.keepFile(fileOf(all))
    expect(idsOf(await (await newPage()).keptFile('a-dog'))).toEqual(ids(all))
  })

  it('is forgotten with all else at sign-out', async () => {
    const page = await newPage()
    await page.keepFile(fileOf([check('2026-05-04')]))
    await page.keepWaiting([{ id: 'one', dogId: 'a-dog', entry: check('2026-05-06') }])
    await page.forgetAll()
    const fresh = await newPage()
    expect(await fresh.keptFile('a-dog')).toBeUndefined()
    expect(await fresh.allWaiting()).toEqual([])
    expect(await bundles()).toBe(0)
  })
})
