import { groomerBody } from '../../../../shared/api'
import { rationAddress } from '../../../access/ration'
import { route } from '../../../access/route'
import { signIn } from '../../../access/sign-in'
import { addGroomer } from '../../../services/groomers'
import { mustHold } from '../../../services/own-account'

export default route(
  'POST /api/groomer/account',
  async ({ event, body }) => {
    mustHold(body.password, [body.name, body.email])
    await rationAddress('room', body.email, event)
    await signIn(event, { realm: 'room', groomerId: await addGroomer(body) }, body.email)
    return { ok: true }
  },
  groomerBody,
)
