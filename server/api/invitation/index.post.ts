import { joinBody } from '../../../shared/api'
import { bearer } from '../../access/bearer'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { rememberDevice } from '../../access/tries'
import { join } from '../../services/members'

export default route(
  'POST /api/invitation',
  async ({ event, body }) => {
    const token = bearer(event)
    const who = token ? await join(token, body) : null
    if (!who) throw refuse(404, 'This invitation was used, withdrawn, or has run out.')
    if (who === 'taken')
      throw refuse(409, 'That address has an account already. Join with another address.', {
        fields: { email: 'Has an account already.' },
      })
    await signIn(event, who)
    await rememberDevice(event, 'household', body.email)
    return { ok: true }
  },
  joinBody,
)
