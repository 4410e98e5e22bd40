import { replyBody } from '../../../shared/api'
import { route } from '../../access/route'
import { sendNote } from '../../services/notes'

export default route(
  'POST /api/shared/notes',
  async ({ visitor, body }) => {
    await sendNote({
      ...body,
      householdId: visitor.householdId,
      dogId: visitor.dogId,
      author: 'groomer',
      authorName: visitor.groomer,
      shareId: visitor.shareId,
    })
    return { ok: true }
  },
  replyBody,
)
