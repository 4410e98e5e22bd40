import { existsSync, readdirSync, rmSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { setTimeout as rest } from 'node:timers/promises'
import { keep, namedNow } from './lib/keep.mjs'
import { giveUp, say } from './lib/say.mjs'

/**
 * Backups on a schedule: npm run backups -- FOLDER. One every GRUMBO_BACKUP_HOURS (24), of which the newest
 * GRUMBO_BACKUP_KEEP (14) are kept; `--once` makes one and ends. One that fails costs no other, and is tried again
 * sooner.
 */
process.chdir(new URL('..', import.meta.url).pathname)
const folder = resolve(process.argv.slice(2).find((a) => !a.startsWith('--')) ?? join('.data', 'backups'))
const once = process.argv.includes('--once')
const hours = Number(process.env.GRUMBO_BACKUP_HOURS ?? 24)
const many = Number(process.env.GRUMBO_BACKUP_KEEP ?? 14)
if (!(hours > 0 && Number.isInteger(many) && many > 0))
  giveUp('GRUMBO_BACKUP_HOURS is a number of hours, GRUMBO_BACKUP_KEEP a whole number of backups.')
/** After one that failed, hours (judgement). */
const SOONER = Math.min(1, hours)
const MS_AN_HOUR = 3_600_000
/** Ours alone: what else lies there is let be. */
const OURS = /^grumbo-\d{4}(-\d\d){5}\.dump$/

for (;;) {
  const file = join(folder, namedNow())
  const kept = await keep(file)
  if (kept) {
    say(`kept in ${file}`)
    const ours = existsSync(folder)
      ? readdirSync(folder)
          .filter((f) => OURS.test(f))
          .sort()
      : []
    for (const old of ours.slice(0, -many)) rmSync(join(folder, old))
  } else if (once) giveUp('The backup failed, and nothing was kept. What PostgreSQL said stands above.')
  else say('That backup failed; those before it are as they were. The next try is soon.')
  if (once) break
  await rest((kept ? hours : SOONER) * MS_AN_HOUR)
}
