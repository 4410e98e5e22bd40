import { setHeader } from 'h3'
import { route } from '../../access/route'
import { everythingOfGroomer } from '../../services/everything'

export default route('GET /api/room/everything', ({ event, visitor }) => {
  setHeader(event, 'content-type', 'application/zip')
  return everythingOfGroomer(visitor)
})
