import { mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { databaseUrl, programs } from './database.mjs'
import { run } from './shell.mjs'

/** Keeps one moment's state of the database in a file, photographs too. @returns whether it was kept: all of it or nothing */
export async function keep(file) {
  mkdirSync(dirname(file), { recursive: true })
  // Its final name is only a whole one's.
  const part = `${file}.part`
  const args = ['--format=custom', '--no-owner', '--no-privileges', `--file=${part}`, databaseUrl()]
  const kept = (await run(join(programs(), 'pg_dump'), args)) === 0
  if (kept) renameSync(part, file)
  else rmSync(part, { force: true })
  return kept
}

/** What a backup made now is called: by its instant, so that names stand in the order they were made. */
export const namedNow = (now = new Date()) =>
  `grumbo-${now.toISOString().slice(0, 19).replace(/[:T]/g, '-')}.dump`
