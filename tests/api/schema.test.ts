import { execFile } from 'node:child_process'
import { mkdtemp, readFile, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { generateDrizzleJson, generateMigration } from 'drizzle-kit/api'
import pg from 'pg'
import { afterAll, beforeAll, expect, it } from 'vitest'
import * as schema from '../../server/db/schema'
import { startApp } from '../support/server'
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
