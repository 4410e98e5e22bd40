import { route } from '../../../../access/route'
import { aDog, keepAfterAll } from '../../../../services/deletion'

export default route('DELETE /api/dogs/[dog]/deletion', async ({ visitor, dogId }) => {
  await keepAfterAll(aDog(visitor.householdId, dogId))
  return { ok: true }
})
