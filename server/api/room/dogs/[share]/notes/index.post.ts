import { replyBody } from '../../../../../../shared/api'
import { route } from '../../../../../access/route'
import { sendGroomersNote } from '../../../../../services/notes'

export default route(
  'POST /api/room/dogs/[share]/notes',
  async ({ visitor, share, body }) => {
    await sendGroomersNote(share, visitor, body)
    return { ok: true }
  },
  replyBody,
)
