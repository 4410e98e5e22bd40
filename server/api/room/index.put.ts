import { roomBody } from '../../../shared/api'
import { route } from '../../access/route'
import { changeRoom } from '../../services/groomers'

export default route(
  'PUT /api/room',
  async ({ visitor, body }) => {
    await changeRoom(visitor, body)
    return { ok: true }
  },
  roomBody,
)
