import { keyBody } from '../../../shared/api'
import { whoseKey } from '../../access/passkey'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { addressOf } from '../../services/own-account'

/** In by a key: it says by itself whose it is. */
export default route(
  'POST /api/passkey',
  async ({ event, body }) => {
    const whose = await whoseKey(event, body.response)
    const email = await addressOf(whose)
    if (!email) throw refuse(401, 'That account is no longer there.')
    await signIn(event, whose, email)
    return { of: whose.realm }
  },
  keyBody,
)
