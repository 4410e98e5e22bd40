import { route } from '../../../access/route'
import { aGroomer, askDeletion } from '../../../services/deletion'

export default route('POST /api/room/deletion', async ({ visitor }) => ({
  deleteAfter: await askDeletion(aGroomer(visitor.groomerId)),
}))
