import { route } from '../../access/route'
import { db } from '../../db/client'
import { askToConfirm } from '../../services/letters'

export default route('POST /api/room/confirmation', async ({ visitor }) => ({
  posted: await askToConfirm(db(), { groomerId: visitor.groomerId }, visitor.email),
}))
