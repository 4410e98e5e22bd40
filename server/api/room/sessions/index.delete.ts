import { route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { db } from '../../../db/client'
import { endSessions } from '../../../services/sessions'

/** Everywhere else is signed out. */
export default route('DELETE /api/room/sessions', async ({ visitor }) => {
  await endSessions(db(), whoseIs(visitor), visitor.sessionId)
  return { ok: true }
})
