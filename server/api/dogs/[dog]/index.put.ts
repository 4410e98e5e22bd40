import { profileBody } from '../../../../shared/api'
import { route } from '../../../access/route'
import { changeProfile } from '../../../services/dogs'

export default route(
  'PUT /api/dogs/[dog]',
  async ({ visitor, dogId, body }) => {
    await changeProfile(visitor.householdId, dogId, body.profile)
    return { ok: true }
  },
  profileBody,
)
