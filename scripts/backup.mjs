import { mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { databaseUrl, programs } from './lib/database.mjs'
import { giveUp, say } from './lib/say.mjs'
import { run } from './lib/shell.mjs'

/**
 * Keeps everything, photographs too, in one file: npm run backup -- [FILE]. It may run while the
 * program does: what it keeps is one moment's state.
 */
process.chdir(new URL('..', import.meta.url).pathname)
const stamp = new Date().toISOString().slice(0, 16).replace(/[:T]/g, '-')
const file = resolve(process.argv[2] ?? join('.data', 'backups', `grumbo-${stamp}.dump`))
mkdirSync(dirname(file), { recursive: true })
// Its final name is only a whole one's.
const part = `${file}.part`
const code = await run(join(programs(), 'pg_dump'), [
  '--format=custom',
  '--no-owner',
  '--no-privileges',
  `--file=${part}`,
  databaseUrl(),
])
if (code !== 0) {
  rmSync(part, { force: true })
  giveUp('The backup failed, and nothing was kept. What PostgreSQL said stands above.')
}
renameSync(part, file)
say(`kept in ${file}`)
say(`npm run restore -- ${file}   brings it back`)
