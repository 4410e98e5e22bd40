import { replyBody } from '../../../shared/api'
import { route } from '../../access/route'
import { sendGroomersNote } from '../../services/notes'

export default route(
  'POST /api/shared/notes',
  async ({ visitor, body }) => {
    await sendGroomersNote(visitor, { name: visitor.groomer }, body)
    return { ok: true }
  },
  replyBody,
)
