import { route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { passkeysOf } from '../../../services/passkeys'

export default route('GET /api/room/passkeys', async ({ visitor }) => ({
  passkeys: await passkeysOf(whoseIs(visitor)),
}))
