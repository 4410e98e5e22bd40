import { bearer } from '../../../access/bearer'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { workIn } from '../../../services/colleagues'

export default route('POST /api/room/invitation', async ({ event, visitor }) => {
  const token = bearer(event)
  if (!token || !(await workIn(visitor, token)))
    throw refuse(404, 'This invitation was used, withdrawn, or has run out.')
  return { ok: true }
})
