import { colleagueBody } from '../../../../shared/api'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { askIn } from '../../../services/colleagues'

export default route(
  'POST /api/room/invitations',
  async ({ visitor, body }) => {
    const made = await askIn(visitor, body)
    if (!made) throw refuse(409, 'That invitation was made before, and is used or withdrawn.')
    return made
  },
  colleagueBody,
)
