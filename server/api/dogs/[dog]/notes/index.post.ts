import { noteBody } from '../../../../../shared/api'
import { route } from '../../../../access/route'
import { sendNote } from '../../../../services/notes'

export default route(
  'POST /api/dogs/[dog]/notes',
  async ({ visitor, dogId, body }) => {
    await sendNote({
      ...body,
      householdId: visitor.householdId,
      dogId,
      author: 'owner',
      authorName: visitor.name,
      shareId: null,
    })
    return { ok: true }
  },
  noteBody,
)
