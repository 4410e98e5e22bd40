import type { Colleague } from '../../../../shared/answers'
import { bearer } from '../../../access/bearer'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { readAsking } from '../../../services/colleagues'

export default route('GET /api/room/invitation', async ({ event }): Promise<Colleague> => {
  const token = bearer(event)
  const asking = token ? await readAsking(token) : null
  if (!asking) throw refuse(404, 'This invitation was used, withdrawn, or has run out.')
  return asking
})
