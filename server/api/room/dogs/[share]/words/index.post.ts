import { groomersWordsBody } from '../../../../../../shared/api'
import { route } from '../../../../../access/route'
import { enterWords } from '../../../../../services/visits'

export default route(
  'POST /api/room/dogs/[share]/words',
  async ({ visitor, share, body }) => {
    await enterWords(visitor, share, body)
    return { ok: true }
  },
  groomersWordsBody,
)
