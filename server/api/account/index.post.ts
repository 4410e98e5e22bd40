import { signUpBody } from '../../../shared/api'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { rememberDevice } from '../../access/tries'
import { signUp } from '../../services/accounts'

export default route(
  'POST /api/account',
  async ({ event, body }) => {
    const who = await signUp(body)
    if (!who)
      throw refuse(409, 'That address has an account already. Sign in instead.', {
        fields: { email: 'Has an account already.' },
      })
    await signIn(event, who)
    await rememberDevice(event, 'household', body.email)
    return { ok: true }
  },
  signUpBody,
)
