import { route } from '../access/route'
import { refuse } from '../access/refuse'
import { connections } from '../db/client'
import { isUpToDate } from '../db/up-to-date'

/** A database that has not answered by then is not well, ms (judgement). */
const PATIENCE_MS = 2_000

/** We can be sent work: the database answers, and is as this program wants it. */
export default route('GET /api/ready', async () => {
  if (!isUpToDate()) throw refuse(503, 'Not ready: the database is being brought up to date.')
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Error('late')), PATIENCE_MS)
  })
  try {
    await Promise.race([connections().query('select 1'), late])
  } catch {
    throw refuse(503, 'Not ready: the database does not answer.')
  } finally {
    clearTimeout(timer)
  }
  return { ready: true }
})
