import pg from 'pg'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { addDays } from '../../core/record/day'
import { LEAST_HOUSEHOLDS } from '../../core/learn/shared-counts'
import type { Entry } from '../../core/record/entries'
import { countCoats } from '../../server/services/coats-like'
import { combedWeekly, WORLD_BEGINS } from '../support/world'
import { daysAgo, newDog, newOwner, startApp } from '../support/server'
import type { Visitor } from '../support/server'
import { daysBetween } from '../../core/record/day'
import { entry } from '../support/dogs'

/** Counts that households share: what is made of them, from how many, and what taking back does. */
let app: Awaited<ReturnType<typeof startApp>>
let db: pg.Client
const WEEKS = 4
const owners: { owner: Visitor; name: string }[] = []
const share = ({ owner, name }: (typeof owners)[number], sharesCounts: boolean) =>
  owner.call('PUT', '/api/household', { name, timeZone: 'Europe/London', sharesCounts })
const last = async () => (await owners[0]!.owner.call('GET', '/api/coats-like')).json.last
/** A dog of a world in which such coats knot three times as readily at the hot places. */
function livedDog(seed: number) {
  const { record } = combedWeekly({ seed, causes: 0, classes: { hot: 3 } }, WEEKS)
  const by = daysBetween(WORLD_BEGINS, daysAgo(WEEKS * 7))
  const entries = record.entries.map((e) => entry(addDays(e.day, by), e.what)) as Entry[]
  const dog = newDog({ ...record.profile, since: daysAgo(WEEKS * 7) })
  return { dog: { ...dog, entries: entries.slice(0, 1) }, entries: entries.slice(1) }
}

beforeAll(async () => {
  app = await startApp()
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
  for (let n = 0; n < LEAST_HOUSEHOLDS; n++) {
    const owner = await newOwner(app.running.address, `Owner ${String(n)}`)
    owners.push({ owner, name: `House ${String(n)}` })
    const { dog, entries } = livedDog(n + 1)
    expect((await owner.call('POST', '/api/dogs', dog)).status).toBe(200)
    for (let i = 0; i < entries.length; i += 100)
      await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: entries.slice(i, i + 100) })
  }
  Object.assign(process.env, { DATABASE_URL: app.databaseUrl })
}, 120_000)
afterAll(async () => {
  const { connections } = await import('../../server/db/client')
  await connections().end()
  await db?.end()
  await app?.running.stop()
})

it('nobody shares until they say so, and of nineteen nothing is told', async () => {
  expect((await owners[0]!.owner.call('GET', '/api/household')).json.sharesCounts).toBeNull()
  await countCoats()
  for (const o of owners.slice(1)) expect((await share(o, true)).status).toBe(200)
  await countCoats()
  expect(await last()).toBeNull()
})
it('of twenty it is told what hot places come to, by coat and class, and of how many households', async () => {
  await share(owners[0]!, true)
  await countCoats()
  const told = (await last()) as {
    version: number
    households: number
    times: Record<string, Record<string, number>>
  }
  expect(told).toMatchObject({ version: 1, households: LEAST_HOUSEHOLDS })
  expect(Object.keys(told.times)).toEqual(['wool-cross'])
  const { hot, calm } = told.times['wool-cross']!
  expect(hot! / calm!).toBeGreaterThan(2)
  // Counted again it is the same, and no version comes of it.
  await countCoats()
  expect((await last()) as object).toMatchObject({ version: 1 })
  const { rows } = await db.query('select * from coats_like')
  expect(JSON.stringify(rows)).not.toMatch(/House|Owner|[0-9a-f]{8}-/)
})
it('taken back it is in no count after, and nineteen tell nothing again', async () => {
  await share(owners[3]!, false)
  await countCoats()
  expect((await last()) as object).toMatchObject({ version: 2, households: LEAST_HOUSEHOLDS - 1, times: {} })
})
