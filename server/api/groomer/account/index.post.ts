import { groomerBody } from '../../../../shared/api'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { enterRoom } from '../../../access/sign-in'
import { rememberDevice } from '../../../access/tries'
import { addGroomer } from '../../../services/groomers'

export default route(
  'POST /api/groomer/account',
  async ({ event, body }) => {
    const groomerId = await addGroomer(body)
    if (!groomerId)
      throw refuse(409, 'That address has a room already. Sign in instead.', {
        fields: { email: 'Has a room already.' },
      })
    await enterRoom(event, groomerId)
    await rememberDevice(event, 'room', body.email)
    return { ok: true }
  },
  groomerBody,
)
