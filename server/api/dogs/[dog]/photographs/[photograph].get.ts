import { setHeader } from 'h3'
import { idOf, route } from '../../../../access/route'
import { photographOf } from '../../../../services/photographs'

export default route('GET /api/dogs/[dog]/photographs/[photograph]', async ({ event, visitor, dogId }) => {
  setHeader(event, 'content-type', 'image/jpeg')
  return photographOf(visitor.householdId, dogId, idOf(event, 'photograph'))
})
