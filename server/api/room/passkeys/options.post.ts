import { askForNewKey } from '../../../access/passkey'
import { route } from '../../../access/route'

export default route('POST /api/room/passkeys/options', ({ event, visitor }) => askForNewKey(event, visitor))
