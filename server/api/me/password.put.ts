import { newPasswordBody } from '../../../shared/api'
import { route } from '../../access/route'
import { changePassword } from '../../services/own-account'

export default route(
  'PUT /api/me/password',
  async ({ visitor, body }) => {
    await changePassword(visitor, body.password)
    return { ok: true }
  },
  newPasswordBody,
)
