import { signInBody } from '../../../shared/api'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { tryToSignIn } from '../../access/tries'
import { checkPassword } from '../../services/accounts'

export default route(
  'POST /api/session',
  async ({ event, body }) => {
    const who = await tryToSignIn(event, 'household', body.email, () => checkPassword(body))
    if (!who) throw refuse(401, 'That address and password do not go together.')
    await signIn(event, who, body.email)
    return { ok: true }
  },
  signInBody,
)
