import { getQuery } from 'h3'
import { route } from '../../../access/route'
import { dogFile } from '../../../services/dogs'

export default route('GET /api/dogs/[dog]', ({ event, visitor, dogId }) => {
  const { since } = getQuery(event)
  return dogFile(visitor.householdId, dogId, typeof since === 'string' ? since : undefined)
})
