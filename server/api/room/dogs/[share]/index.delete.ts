import { route } from '../../../../access/route'
import { dropShare } from '../../../../services/shares'

export default route('DELETE /api/room/dogs/[share]', async ({ visitor, share }) => {
  await dropShare(visitor.roomId, share.shareId)
  return { ok: true }
})
