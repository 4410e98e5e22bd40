import { setHeader } from 'h3'
import { route } from '../../access/route'
import { everythingOf } from '../../services/everything'

export default route('GET /api/me/everything', ({ event, visitor }) => {
  setHeader(event, 'content-type', 'application/zip')
  return everythingOf(visitor)
})
