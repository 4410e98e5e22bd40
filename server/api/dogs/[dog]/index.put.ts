import { profileBody } from '../../../../shared/api'
import { route } from '../../../access/route'
import { householdOf } from '../../../services/accounts'
import { changeProfile } from '../../../services/entries'
import { todayIn } from '../../../services/today-in'

export default route(
  'PUT /api/dogs/[dog]',
  async ({ visitor, dogId, body }) => {
    const { timeZone } = await householdOf(visitor.householdId)
    await changeProfile(visitor.householdId, dogId, visitor, todayIn(timeZone), body.profile)
    return { ok: true }
  },
  profileBody,
)
