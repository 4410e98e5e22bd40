import { changePasswordBody } from '../../../shared/api'
import { mustKnow } from '../../access/again'
import { route } from '../../access/route'
import { changePassword } from '../../services/own-account'

export default route(
  'PUT /api/room/password',
  async ({ event, visitor, body }) => {
    await mustKnow(event, visitor, body.now, 'now')
    await changePassword(visitor, body.password)
    return { ok: true }
  },
  changePasswordBody,
)
