import { signUpBody } from '../../../shared/api'
import { rationAddress } from '../../access/ration'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { signUp } from '../../services/accounts'
import { mustHold } from '../../services/own-account'

/** Whoever signs up is not told whether the address has an account: they have one of their own now. */
export default route(
  'POST /api/account',
  async ({ event, body }) => {
    mustHold(body.password, [body.name, body.email])
    await rationAddress('household', body.email, event)
    await signIn(event, await signUp(body), body.email)
    return { ok: true }
  },
  signUpBody,
)
