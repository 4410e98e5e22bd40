import { householdBody } from '../../../shared/api'
import { route } from '../../access/route'
import { changeHousehold } from '../../services/members'

export default route(
  'PUT /api/household',
  async ({ visitor, body }) => {
    await changeHousehold(visitor.householdId, body)
    return { ok: true }
  },
  householdBody,
)
