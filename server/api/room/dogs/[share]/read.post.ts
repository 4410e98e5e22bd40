import { route } from '../../../../access/route'
import { readByGroomer } from '../../../../services/thread'

export default route('POST /api/room/dogs/[share]/read', async ({ share }) => {
  await readByGroomer(share)
  return { ok: true }
})
