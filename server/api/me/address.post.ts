import { addressBody } from '../../../shared/api'
import { route } from '../../access/route'
import { askToMove } from '../../services/own-account'

export default route(
  'POST /api/me/address',
  async ({ visitor, body }) => ({ posted: await askToMove(visitor, body.email) }),
  addressBody,
)
