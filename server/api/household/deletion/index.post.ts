import { route } from '../../../access/route'
import { askDeletion } from '../../../services/members'

export default route('POST /api/household/deletion', async ({ visitor }) => ({
  deleteAfter: await askDeletion(visitor.householdId),
}))
