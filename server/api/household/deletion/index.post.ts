import { route } from '../../../access/route'
import { aHousehold, askDeletion } from '../../../services/deletion'

export default route('POST /api/household/deletion', async ({ visitor }) => ({
  deleteAfter: await askDeletion(aHousehold(visitor.householdId)),
}))
