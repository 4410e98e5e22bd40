import { bearer } from '../access/bearer'
import { refuse } from '../access/refuse'
import { route } from '../access/route'
import { move } from '../services/own-account'

/** Whoever reads the mail at an address says that an account moves there. */
export default route('POST /api/address', async ({ event }) => {
  const token = bearer(event)
  const address = token ? await move(token) : null
  if (!address) throw refuse(404, 'This link was used, or its day is over.')
  return { address }
})
