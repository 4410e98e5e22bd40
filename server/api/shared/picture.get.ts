import { route } from '../../access/route'
import { sharedPicture } from '../../services/shared-picture'

export default route('GET /api/shared/picture', async ({ visitor }) => ({
  picture: await sharedPicture(visitor),
}))
