import { existsSync, readFileSync } from 'node:fs'
import { binaries } from './postgres.mjs'
import { giveUp } from './say.mjs'

/** The database to keep or bring back: `DATABASE_URL`, or the demo's own while it runs. */
export function databaseUrl() {
  if (process.env.DATABASE_URL) return process.env.DATABASE_URL
  const pid = '.data/demo/data/postmaster.pid'
  if (!existsSync(pid))
    giveUp(
      'Set DATABASE_URL, or start the demo (npm run demo) in another terminal: its database is then used.',
    )
  const port = readFileSync(pid, 'utf8').split('\n')[3].trim()
  return `postgres://grumbo@127.0.0.1:${port}/grumbo`
}

/** Where PostgreSQL's own programs are. */
export const programs = () =>
  binaries() ?? giveUp('PostgreSQL’s programs are not here: install the package postgresql-client.')
