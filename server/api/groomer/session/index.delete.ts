import { route } from '../../../access/route'
import { leaveRoom } from '../../../access/sign-in'

export default route('DELETE /api/groomer/session', async ({ event, visitor }) => {
  await leaveRoom(event, visitor)
  return { ok: true }
})
