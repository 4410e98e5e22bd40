import { mePrefsBody } from '../../shared/api'
import { route } from '../access/route'
import { changePrefs } from '../services/accounts'

export default route(
  'PUT /api/me',
  async ({ visitor, body }) => {
    await changePrefs(visitor.householdId, visitor.accountId, body)
    return { ok: true }
  },
  mePrefsBody,
)
