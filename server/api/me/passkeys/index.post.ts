import { newKeyBody } from '../../../../shared/api'
import { newKey } from '../../../access/passkey'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { addPasskey } from '../../../services/passkeys'

export default route(
  'POST /api/me/passkeys',
  async ({ event, visitor, body }) => {
    const key = await newKey(event, body.response)
    if (!(await addPasskey(whoseIs(visitor), visitor.email, { ...key, name: body.name })))
      throw refuse(409, 'That key is there already.')
    return { ok: true }
  },
  newKeyBody,
)
