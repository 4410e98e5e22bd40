import { route } from '../../../access/route'
import { keepAfterAll } from '../../../services/members'

export default route('DELETE /api/household/deletion', async ({ visitor }) => {
  await keepAfterAll(visitor.householdId)
  return { ok: true }
})
