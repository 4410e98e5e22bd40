import { visitBody } from '../../../../../../shared/api'
import { route } from '../../../../../access/route'
import { sendGroomersNote } from '../../../../../services/notes'
import { enterVisit } from '../../../../../services/visits'

export default route(
  'POST /api/room/dogs/[share]/visits',
  async ({ visitor, share, body }) => {
    await enterVisit(visitor, share, body)
    if (body.note) await sendGroomersNote(share, visitor, body.note)
    return { ok: true }
  },
  visitBody,
)
