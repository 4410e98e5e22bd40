import { route } from '../../../../access/route'
import { closeFeed } from '../../../../services/feeds'

export default route('DELETE /api/dogs/[dog]/feed', async ({ visitor, dogId }) => {
  await closeFeed(visitor.householdId, dogId)
  return { ok: true }
})
