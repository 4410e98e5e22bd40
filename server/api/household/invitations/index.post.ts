import { invitationBody } from '../../../../shared/api'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { invite } from '../../../services/members'

export default route(
  'POST /api/household/invitations',
  async ({ visitor, body }) => {
    const made = await invite(visitor.householdId, body)
    if (!made) throw refuse(409, 'That invitation was made already, and its link is shown only once.')
    return made
  },
  invitationBody,
)
