import { newPasswordBody } from '../../../shared/api'
import { bearer } from '../../access/bearer'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { setByLink } from '../../services/own-account'

export default route(
  'PUT /api/password',
  async ({ event, body }) => {
    const token = bearer(event)
    const whose = token ? await setByLink(token, body.password) : null
    if (!whose) throw refuse(404, 'This link was used, or its hour is over.')
    return { of: whose.realm }
  },
  newPasswordBody,
)
