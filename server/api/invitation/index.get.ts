import type { Invitation } from '../../../shared/answers'
import { bearer } from '../../access/bearer'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { readInvitation } from '../../services/members'

const GONE = 'This invitation was used, withdrawn, or has run out.'

export default route('GET /api/invitation', async ({ event }): Promise<Invitation> => {
  const token = bearer(event)
  const invitation = token ? await readInvitation(token) : null
  if (!invitation) throw refuse(404, GONE)
  return invitation
})
