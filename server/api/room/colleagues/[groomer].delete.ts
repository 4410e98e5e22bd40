import { idOf, route } from '../../../access/route'
import { leaveRoomOf } from '../../../services/colleagues'

export default route('DELETE /api/room/colleagues/[groomer]', async ({ event, visitor }) => {
  await leaveRoomOf(visitor, idOf(event, 'groomer'))
  return { ok: true }
})
