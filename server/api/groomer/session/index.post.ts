import { signInBody } from '../../../../shared/api'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { signIn } from '../../../access/sign-in'
import { tryToSignIn } from '../../../access/tries'
import { checkGroomer } from '../../../services/groomers'

export default route(
  'POST /api/groomer/session',
  async ({ event, body }) => {
    const groomerId = await tryToSignIn(event, 'room', body.email, () => checkGroomer(body))
    if (!groomerId) throw refuse(401, 'That address and password do not go together.')
    await signIn(event, { realm: 'room', groomerId }, body.email)
    return { ok: true }
  },
  signInBody,
)
