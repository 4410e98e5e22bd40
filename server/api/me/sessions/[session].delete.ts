import { refuse } from '../../../access/refuse'
import { idOf, route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { endSession } from '../../../services/sessions'

export default route('DELETE /api/me/sessions/[session]', async ({ event, visitor }) => {
  if (!(await endSession(whoseIs(visitor), idOf(event, 'session'))))
    throw refuse(404, 'There is nothing here.')
  return { ok: true }
})
