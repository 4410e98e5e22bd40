import { askForNewKey } from '../../../access/passkey'
import { route } from '../../../access/route'

export default route('POST /api/me/passkeys/options', ({ event, visitor }) => askForNewKey(event, visitor))
