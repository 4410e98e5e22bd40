import { route } from '../../../access/route'
import { dogFile } from '../../../services/dogs'

export default route('GET /api/dogs/[dog]', ({ visitor, dogId }) => dogFile(visitor.householdId, dogId))
