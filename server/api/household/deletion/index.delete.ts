import { route } from '../../../access/route'
import { aHousehold, keepAfterAll } from '../../../services/deletion'

export default route('DELETE /api/household/deletion', async ({ visitor }) => {
  await keepAfterAll(aHousehold(visitor.householdId))
  return { ok: true }
})
