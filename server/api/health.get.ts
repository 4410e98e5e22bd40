import { route } from '../access/route'
import { refuse } from '../access/refuse'
import { connections } from '../db/client'

/** A database that has not answered by then is not well, ms (judgement). */
const PATIENCE_MS = 2_000

export default route('GET /api/health', async () => {
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
  return { well: true }
})
