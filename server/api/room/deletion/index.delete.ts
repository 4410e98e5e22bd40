import { route } from '../../../access/route'
import { aGroomer, keepAfterAll } from '../../../services/deletion'

export default route('DELETE /api/room/deletion', async ({ visitor }) => {
  await keepAfterAll(aGroomer(visitor.groomerId))
  return { ok: true }
})
