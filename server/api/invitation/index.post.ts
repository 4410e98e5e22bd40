import { joinBody } from '../../../shared/api'
import { bearer } from '../../access/bearer'
import { rationAddress } from '../../access/ration'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { signIn } from '../../access/sign-in'
import { join } from '../../services/members'
import { mustHold } from '../../services/own-account'

export default route(
  'POST /api/invitation',
  async ({ event, body }) => {
    mustHold(body.password, [body.name, body.email])
    await rationAddress('household', body.email, event)
    const token = bearer(event)
    const who = token ? await join(token, body) : null
    if (!who) throw refuse(404, 'This invitation was used, withdrawn, or has run out.')
    if (who === 'taken')
      throw refuse(
        409,
        'You have an account with that address and password already. Join with another of the two.',
        {
          fields: { email: 'Is yours in another household.' },
        },
      )
    await signIn(event, who, body.email)
    return { ok: true }
  },
  joinBody,
)
