import { lettersBody } from '../../shared/api'
import { refuse } from '../access/refuse'
import { route } from '../access/route'
import { settleAddress } from '../services/letters'

/** Whoever reads the letters to an address says whether more may come. The token is in every one of them. */
export default route(
  'POST /api/letters',
  async ({ body }) => {
    const address = await settleAddress(body.token, body.may)
    if (!address) throw refuse(404, 'This link is none of ours, or lost a letter on the way.')
    return { address }
  },
  lettersBody,
)
