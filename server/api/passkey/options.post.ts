import { askForKey } from '../../access/passkey'
import { route } from '../../access/route'

export default route('POST /api/passkey/options', ({ event }) => askForKey(event))
