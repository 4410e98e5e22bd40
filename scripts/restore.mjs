import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { databaseUrl, programs } from './lib/database.mjs'
import { giveUp, say } from './lib/say.mjs'
import { ask, run } from './lib/shell.mjs'

/**
 * Brings a backup back, in place of what is there: npm run restore -- FILE. All of it or none. Stop
 * the program first, so that nobody writes meanwhile.
 */
const file = process.argv[2] ? resolve(process.argv[2]) : ''
process.chdir(new URL('..', import.meta.url).pathname)
if (!file) giveUp('Say which backup: npm run restore -- FILE')
if (!existsSync(file)) giveUp(`There is no file ${file}.`)
const bin = programs()
if (ask(join(bin, 'pg_restore'), ['--list', file]) === null)
  giveUp(`${file} is not a backup of Grumbo’s, or is damaged. Nothing was changed.`)
const code = await run(join(bin, 'pg_restore'), [
  '--clean',
  '--if-exists',
  '--no-owner',
  '--no-privileges',
  '--single-transaction',
  `--dbname=${databaseUrl()}`,
  file,
])
if (code !== 0)
  giveUp('It could not be brought back, and nothing was changed. What PostgreSQL said stands above.')
say('brought back')
