import { shareBody } from '../../../../../shared/api'
import { refuse } from '../../../../access/refuse'
import { route } from '../../../../access/route'
import { makeShare } from '../../../../services/shares'

export default route(
  'POST /api/dogs/[dog]/shares',
  async ({ visitor, dogId, body }) => {
    const share = await makeShare(visitor, dogId, body)
    if (!share) throw refuse(409, 'That link was made already, and its address is shown only once.')
    return share
  },
  shareBody,
)
