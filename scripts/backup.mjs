import { join, resolve } from 'node:path'
import { keep, namedNow } from './lib/keep.mjs'
import { giveUp, say } from './lib/say.mjs'

/**
 * Keeps everything, photographs too, in one file: npm run backup -- [FILE]. It may run while the
 * program does: what it keeps is one moment's state.
 */
process.chdir(new URL('..', import.meta.url).pathname)
const file = resolve(process.argv[2] ?? join('.data', 'backups', namedNow()))
if (!(await keep(file))) giveUp('The backup failed, and nothing was kept. What PostgreSQL said stands above.')
say(`kept in ${file}`)
say(`npm run restore -- ${file}   brings it back`)
