import { databaseCode } from '../db/client'
import { upToDate } from '../db/up-to-date'
import { deleteDue } from '../services/deletion'
import { stopThreads } from '../services/threads'
import { forgetOldLetters } from '../services/letters'
import { sendMail } from '../services/mail'
import { remind } from '../services/reminders'

/** How often there is a look for mail, and for reminders and deletions, ms (judgement). */
const MAIL_MS = 1_000
const REST_MS = 30_000

/** Work that nobody waits for. Each piece is claimed in the database, so that two processes share it. */
export default defineNitroPlugin((nitro) => {
  const stops = [
    every(MAIL_MS, sendMail),
    every(REST_MS, remind),
    every(REST_MS, deleteDue),
    every(REST_MS, forgetOldLetters),
  ]
  nitro.hooks.hook('close', async () => {
    stops.forEach((stop) => stop())
    await stopThreads()
  })
})

/** Does it again a while after it is done; what goes wrong is told and tried again. */
function every(ms: number, job: () => Promise<unknown>): () => void {
  let timer: ReturnType<typeof setTimeout>
  const go = () => {
    timer = setTimeout(async () => {
      await upToDate()
        .then(job)
        .catch((error: unknown) =>
          // A code and no more: the database's own words hold addresses.
          console.error(
            `A job failed: ${databaseCode(error) ?? (error instanceof Error ? error.name : 'unknown')}`,
          ),
        )
      go()
    }, ms)
    timer.unref()
  }
  go()
  return () => clearTimeout(timer)
}
