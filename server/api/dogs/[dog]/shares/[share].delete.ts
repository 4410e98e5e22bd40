import { refuse } from '../../../../access/refuse'
import { idOf, route } from '../../../../access/route'
import { revokeShare } from '../../../../services/shares'

export default route('DELETE /api/dogs/[dog]/shares/[share]', async ({ event, visitor, dogId }) => {
  const closed = await revokeShare(visitor, dogId, idOf(event, 'share'))
  if (!closed) throw refuse(404, 'There is nothing here.')
  return { ok: true }
})
