import { upToDate } from '../db/up-to-date'
import { codeOf, log } from '../log'

/** What says whether we live and are ready waits for nothing. */
const WITHOUT = new Set(['/api/health', '/api/ready'])

/** Brings the database up to date before the first request is answered. */
export default defineNitroPlugin((nitro) => {
  upToDate().catch((error: unknown) => {
    log.fatal(
      { code: codeOf(error), why: error instanceof Error ? error.message : undefined },
      'database not brought up to date',
    )
    process.exit(1)
  })
  nitro.hooks.hook('request', (event) => (WITHOUT.has(event.path) ? undefined : upToDate()))
})
