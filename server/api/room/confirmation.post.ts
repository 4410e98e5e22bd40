import { route } from '../../access/route'
import { whoseIs } from '../../access/whose'
import { db } from '../../db/client'
import { askToConfirm } from '../../services/letters'

export default route('POST /api/room/confirmation', async ({ visitor }) => ({
  posted: await askToConfirm(db(), whoseIs(visitor), visitor.email),
}))
