import { route } from '../../../../access/route'
import { makeFeed } from '../../../../services/feeds'

export default route('POST /api/dogs/[dog]/feed', async ({ visitor, dogId }) => ({
  token: await makeFeed(visitor.householdId, dogId),
}))
