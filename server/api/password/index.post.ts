import { forgottenBody } from '../../../shared/api'
import { route } from '../../access/route'
import { askForPassword } from '../../services/own-account'

/** The answer does not wait for the letter, so that it takes as long whether the address has an account or none. */
export default route(
  'POST /api/password',
  ({ event, body }) => {
    event.waitUntil(askForPassword(body.of, body.email))
    return { ok: true }
  },
  forgottenBody,
)
