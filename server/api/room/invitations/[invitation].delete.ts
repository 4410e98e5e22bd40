import { idOf, route } from '../../../access/route'
import { withdrawAsking } from '../../../services/colleagues'

export default route('DELETE /api/room/invitations/[invitation]', async ({ event, visitor }) => {
  await withdrawAsking(visitor, idOf(event, 'invitation'))
  return { ok: true }
})
