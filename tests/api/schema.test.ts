import { execFile } from 'node:child_process'
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { generateDrizzleJson, generateMigration } from 'drizzle-kit/api'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, expect, it } from 'vitest'
import * as schema from '../../server/db/schema'
import { newDog, newGroomer, newOwner, startApp } from '../support/server'
import type { Running } from '../support/server'

let running: Running
let url: string
let pool: pg.Pool
beforeAll(async () => {
  const app = await startApp()
  ;({ running, databaseUrl: url } = app)
  pool = new pg.Pool({ connectionString: url, max: 1 })
})
afterAll(async () => {
  await pool?.end()
  await running?.stop()
})

/** A database as drizzle-kit reads it, without the program's own list of what was done to it. */
async function asFound() {
  const out = await mkdtemp(join(tmpdir(), 'grumbo-schema-'))
  try {
    const args = ['drizzle-kit', 'pull', '--dialect', 'postgresql', '--url', url, '--out', out]
    await promisify(execFile)('npx', args)
    const found = JSON.parse(await readFile(join(out, 'meta/0000_snapshot.json'), 'utf8'))
    delete found.tables['public.migrations']
    // It reads the classes of an index's columns in the wrong order; none here is but the usual.
    for (const table of Object.values<{ indexes: Record<string, { columns: { opclass?: string }[] }> }>(
      found.tables,
    ))
      for (const index of Object.values(table.indexes)) for (const c of index.columns) delete c.opclass
    return found
  } finally {
    await rm(out, { recursive: true, force: true })
  }
}
/** What would have to be done to the database to make it as the schema says. */
const lacks = async () => generateMigration(await asFound(), generateDrizzleJson({ ...schema }))

it('a database from before has doors to all it had: links, codes, rooms, invitations, calendars, addresses', async () => {
  const owner = await newOwner(running.address)
  const groomer = await newGroomer(running.address)
  const dog = newDog()
  await owner.call('POST', '/api/dogs', dog)
  const share = () => ({ id: uuid(), groomer: 'Imke', scope: 'note', days: 9 })
  const [kept] = await Promise.all(
    [share(), share()].map((s) => owner.call('POST', `/api/dogs/${dog.id}/shares`, s)),
  )
  await groomer.call('POST', '/api/room/dogs', { token: kept!.json.token })
  await owner.call('POST', `/api/dogs/${dog.id}/feed`)
  await owner.call('POST', '/api/household/invitations', { id: uuid(), name: 'Di', role: 'helper' })
  const all = async () => {
    const { rows } = await pool.query<{ door: string }>(
      `select concat_ws(' ', encode(key, 'hex'), household_id, dog_id, id) as door from doors order by 1`,
    )
    return rows.map((r) => r.door)
  }
  const before = await all()
  expect(before.length).toBeGreaterThanOrEqual(7)
  await pool.query('delete from doors')
  const folder = 'server/db/migrations'
  const file = (await readdir(folder)).find((f) => f.endsWith('_doors.sql'))!
  await pool.query((await readFile(join(folder, file), 'utf8')).split('--> statement-breakpoint').at(-1)!)
  expect(await all()).toEqual(before)
})
it('the database the migrations make is the one the schema says, table, key, check and index', async () => {
  expect(await lacks()).toEqual([])
})
it('and a difference would be seen', async () => {
  await pool.query('alter table notes drop constraint notes_body_check')
  await pool.query('drop index entries_by_day')
  await pool.query('alter table dogs alter column version drop not null')
  const missing = (await lacks()).join('\n')
  for (const word of ['notes_body_check', 'entries_by_day', '"version" SET NOT NULL'])
    expect(missing).toContain(word)
})
