import { route } from '../../../../access/route'
import { noteSeenBy } from '../../../../services/shares'
import { readByGroomer } from '../../../../services/thread'

export default route('POST /api/room/dogs/[share]/read', async ({ visitor, share }) => {
  await Promise.all([readByGroomer(share), noteSeenBy(share, visitor)])
  return { ok: true }
})
