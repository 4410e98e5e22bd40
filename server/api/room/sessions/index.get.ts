import { route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { sessionsOf } from '../../../services/sessions'

export default route('GET /api/room/sessions', async ({ visitor }) => ({
  sessions: await sessionsOf(whoseIs(visitor), visitor.sessionId),
}))
