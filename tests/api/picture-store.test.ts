import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { deleteDue } from '../../server/services/deletion'
import { removeLoosePictures } from '../../server/services/loose-pictures'
import { openBucket } from '../support/bucket'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, newDog, newOwner, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
// @ts-expect-error plain script
import { freePort } from '../../scripts/lib/shell.mjs'

/** Photographs in a folder, and in a bucket: one interface, and the same to whoever looks at them. */
const SECRET = 'a bucket’s own secret'
const folder = mkdtempSync(join(tmpdir(), 'grumbo-pictures-'))
let bucket: Awaited<ReturnType<typeof openBucket>>
let app: Awaited<ReturnType<typeof startApp>>
let inFolder: Running
let inBucket: Running
let client: pg.Client
let owner: Visitor
const dog = newDog()
const bucketEnv = () => ({
  GRUMBO_PHOTOGRAPHS: bucket.address,
  GRUMBO_PHOTOGRAPHS_KEY: 'us',
  GRUMBO_PHOTOGRAPHS_SECRET: SECRET,
})

const beside = async (env: Record<string, string>) => app.startOn((await freePort()) as number, env)
beforeAll(async () => {
  bucket = await openBucket(SECRET)
  app = await startApp()
  inFolder = await beside({ GRUMBO_PHOTOGRAPHS: folder })
  inBucket = await beside(bucketEnv())
  client = new pg.Client({ connectionString: app.databaseUrl })
  await client.connect()
  owner = await newOwner(app.running.address)
  await owner.call('POST', '/api/dogs', dog)
})
afterAll(async () => {
  await client?.end()
  await Promise.all([app?.running, inFolder, inBucket].map((r) => r?.stop()))
  await bucket?.close()
  rmSync(folder, { recursive: true, force: true })
})

/** The same owner, at another of the processes. */
const at = (running: Running) => Object.assign(owner.copy(), { address: running.address })
/** Says in the diary that there is a picture. @returns where it goes */
async function says(of = dog.id) {
  const photo = entry(daysAgo(1), { kind: 'photo', place: 'armpit' })
  await owner.call('POST', `/api/dogs/${of}/entries`, { entries: [photo] })
  return { id: photo.id, path: `/api/dogs/${of}/photographs/${photo.id}` }
}
const lying = async (id: string) =>
  (await client.query('select household_id, jpeg is null as elsewhere from photographs where id = $1', [id]))
    .rows[0] as { household_id: string; elsewhere: boolean } | undefined
const loose = async () =>
  (await client.query('select id from loose_pictures')).rows.map((r) => r.id as string)
const fileOf = (household: string, of: string, id: string) => join(folder, household, of, `${id}.jpg`)

describe.each([
  ['a folder', () => inFolder],
  ['a bucket', () => inBucket],
])('photographs in %s', (name, running) => {
  it('lie there and not in the database, and are shown as before; sent twice it stays the first', async () => {
    const { id, path } = await says()
    const there = at(running())
    expect((await there.call('PUT', path, await aPicture(50, 40))).status).toBe(200)
    expect((await there.call('PUT', path, await aPicture(90, 90))).status).toBe(200)
    const row = (await lying(id))!
    expect(row.elsewhere).toBe(true)
    const back = await there.call('GET', path)
    expect([back.status, back.headers.get('content-type')]).toEqual([200, 'image/jpeg'])
    const kept =
      name === 'a folder'
        ? readFileSync(fileOf(row.household_id, dog.id, id))
        : bucket.kept.get(`/pictures/${row.household_id}/${dog.id}/${id}.jpg`)!
    expect(back.bytes.equals(kept)).toBe(true)
    expect(await loose()).toEqual([])
  })
  it('show what lay in the database before', async () => {
    const { path } = await says()
    await owner.call('PUT', path, await aPicture(30, 30))
    const before = (await owner.call('GET', path)).bytes
    expect((await at(running()).call('GET', path)).bytes.equals(before)).toBe(true)
  })
})

it('a store that is away says so, nothing is lost, and the picture comes when it is sent again', async () => {
  const { id, path } = await says()
  const there = at(inBucket)
  bucket.setAway(true)
  const away = await there.call('PUT', path, await aPicture())
  expect(away.status).toBe(503)
  expect(away.json.message).toContain('try again')
  expect(await lying(id)).toBeUndefined()
  expect(await loose()).toEqual([id])
  bucket.setAway(false)
  expect((await there.call('PUT', path, await aPicture())).status).toBe(200)
  expect((await there.call('GET', path)).status).toBe(200)
  expect(await loose()).toEqual([])
})
it('a wrong secret is turned away by the bucket, and told as a store that cannot be reached', async () => {
  const wrong = await beside({ ...bucketEnv(), GRUMBO_PHOTOGRAPHS_SECRET: 'another' })
  const { path } = await says()
  expect((await at(wrong).call('PUT', path, await aPicture())).status).toBe(503)
  await wrong.stop()
  await client.query('delete from loose_pictures')
})
it('one the store has lost is not there, and the rest of what a household has comes all the same', async () => {
  const { id, path } = await says()
  const there = at(inFolder)
  await there.call('PUT', path, await aPicture())
  rmSync(fileOf((await lying(id))!.household_id, dog.id, id))
  expect((await there.call('GET', path)).status).toBe(404)
  const all = await there.call('GET', '/api/me/everything')
  expect([all.status, all.bytes.subarray(0, 2).toString()]).toEqual([200, 'PK'])
})
it('goes from the store with its dog, and when its row never came; what has a row or is on its way stays', async () => {
  const other = newDog({ name: 'Rowan' })
  await owner.call('POST', '/api/dogs', other)
  const there = at(inFolder)
  const [going, stays, never, onItsWay] = [await says(other.id), await says(), await says(), await says()]
  for (const { path } of [going, stays, never, onItsWay]) await there.call('PUT', path, await aPicture())
  const household = (await lying(stays.id))!.household_id
  const files = [
    fileOf(household, other.id, going.id),
    ...[stays, never, onItsWay].map(({ id }) => fileOf(household, dog.id, id)),
  ]
  expect(files.map((f) => existsSync(f))).toEqual([true, true, true, true])
  // Two whose rows never came, one of them long ago; one is written down though it has its row.
  await client.query('delete from photographs where id = any($1)', [[never.id, onItsWay.id]])
  await client.query(
    `insert into loose_pictures select $1, $2, id, now() - case when id = $3 then interval '5 minutes' else interval '3 hours' end
     from unnest($4::uuid[]) as id`,
    [household, dog.id, onItsWay.id, [stays.id, never.id, onItsWay.id]],
  )
  await client.query("update dogs set delete_after = now() - interval '1 minute' where id = $1", [other.id])
  // Its own jobs would look for them in the bucket.
  await inBucket.stop()
  Object.assign(process.env, { DATABASE_URL: app.databaseUrl, GRUMBO_PHOTOGRAPHS: folder })
  await deleteDue()
  await removeLoosePictures()
  expect(files.map((f) => existsSync(f))).toEqual([false, true, false, true])
  expect(await loose()).toEqual([onItsWay.id])
})
