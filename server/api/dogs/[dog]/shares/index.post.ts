import { shareBody } from '../../../../../shared/api'
import { refuse } from '../../../../access/refuse'
import { route } from '../../../../access/route'
import { mailInvitation } from '../../../../services/note-mail'
import { makeShare } from '../../../../services/shares'

export default route(
  'POST /api/dogs/[dog]/shares',
  async ({ visitor, dogId, body }) => {
    const { householdId } = visitor
    const share = await makeShare(householdId, dogId, body)
    if (!share) throw refuse(409, 'That link was made already, and its address is shown only once.')
    if (body.email) {
      const { token, code } = share
      const { groomer, email } = body
      await mailInvitation({ householdId, dogId, groomer, email, owner: visitor.name, token, code })
    }
    return share
  },
  shareBody,
)
