import { keepBody } from '../../../../shared/api'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { keepShare } from '../../../services/shares'

export default route(
  'POST /api/room/dogs',
  async ({ visitor, body }) => {
    const share = await keepShare(visitor.roomId, body)
    if (!share)
      throw refuse(
        404,
        'Nothing opens with that: a code serves once and runs out. Ask the owner for a new one.',
      )
    return { share }
  },
  keepBody,
)
