import { upToDate } from '../db/up-to-date'
import { codeOf, log } from '../log'
import { countJob } from '../metrics'
import { forgetOldLinks } from '../services/account-links'
import { countCoats } from '../services/coats-like'
import { deleteDue } from '../services/deletion'
import { stopThreads } from '../services/threads'
import { removeLoosePictures } from '../services/loose-pictures'
import { forgetOldLetters } from '../services/letters'
import { sendMail } from '../services/mail'
import { remind } from '../services/reminders'

/** How often there is a look for mail, and for reminders and deletions, ms (judgement). */
const MAIL_MS = 1_000
const REST_MS = 30_000
/** How often it is counted anew what coats come to, ms (judgement). */
const COUNT_MS = 6 * 3_600_000

/** Work that nobody waits for. Each piece is claimed in the database, so that two processes share it. */
export default defineNitroPlugin((nitro) => {
  const stops = [
    every(MAIL_MS, 'mail', sendMail),
    every(REST_MS, 'reminders', remind),
    every(REST_MS, 'deletions', deleteDue),
    every(REST_MS, 'loose pictures', removeLoosePictures),
    every(REST_MS, 'old letters', forgetOldLetters),
    every(REST_MS, 'old links', forgetOldLinks),
    every(COUNT_MS, 'coats counted', countCoats),
  ]
  nitro.hooks.hook('close', async () => {
    stops.forEach((stop) => stop())
    await stopThreads()
  })
})

/** Does it again a while after it is done; what goes wrong is told and tried again. */
function every(ms: number, name: string, job: () => Promise<unknown>): () => void {
  let timer: ReturnType<typeof setTimeout>
  const go = () => {
    timer = setTimeout(async () => {
      try {
        await upToDate()
        await job()
        countJob(name, 'done')
      } catch (error) {
        log.error({ job: name, code: codeOf(error) }, 'job failed')
        countJob(name, 'failed')
      }
      go()
    }, ms)
    timer.unref()
  }
  go()
  return () => clearTimeout(timer)
}
