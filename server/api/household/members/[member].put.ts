import { roleBody } from '../../../../shared/api'
import { idOf, route } from '../../../access/route'
import { setRole } from '../../../services/members'

export default route(
  'PUT /api/household/members/[member]',
  async ({ event, visitor, body }) => {
    await setRole(visitor.householdId, idOf(event, 'member'), body.role)
    return { ok: true }
  },
  roleBody,
)
