import type { CoatsLike } from '../../shared/answers'
import { route } from '../access/route'
import { latestCount } from '../services/coats-like'

export default route('GET /api/coats-like', async (): Promise<CoatsLike> => {
  const last = await latestCount()
  return { last: last && { ...last, made: last.made.toISOString() } }
})
