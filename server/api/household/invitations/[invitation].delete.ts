import { refuse } from '../../../access/refuse'
import { idOf, route } from '../../../access/route'
import { withdraw } from '../../../services/members'

export default route('DELETE /api/household/invitations/[invitation]', async ({ event, visitor }) => {
  if (!(await withdraw(visitor.householdId, idOf(event, 'invitation'))))
    throw refuse(404, 'There is nothing here.')
  return { ok: true }
})
