import { replyBody } from '../../../shared/api'
import { route } from '../../access/route'
import { sendGroomersNote } from '../../services/notes'
import { readByGroomer } from '../../services/thread'

export default route(
  'POST /api/shared/notes',
  async ({ visitor, body }) => {
    await sendGroomersNote(visitor, { name: visitor.groomer }, body)
    // Whoever answers has read.
    await readByGroomer(visitor)
    return { ok: true }
  },
  replyBody,
)
