import { refuse } from '../../../access/refuse'
import { keyOf, route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { removePasskey } from '../../../services/passkeys'

export default route('DELETE /api/room/passkeys/[key]', async ({ event, visitor }) => {
  if (!(await removePasskey(whoseIs(visitor), keyOf(event)))) throw refuse(404, 'There is nothing here.')
  return { ok: true }
})
