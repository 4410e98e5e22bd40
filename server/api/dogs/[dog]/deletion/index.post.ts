import { route } from '../../../../access/route'
import { aDog, askDeletion } from '../../../../services/deletion'

export default route('POST /api/dogs/[dog]/deletion', async ({ visitor, dogId }) => ({
  deleteAfter: await askDeletion(aDog(visitor.householdId, dogId)),
}))
