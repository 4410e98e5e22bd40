import { DEMO_EMAIL } from '../../shared/demo'
import { refuse } from '../access/refuse'
import { route } from '../access/route'
import { lookRound } from '../access/sign-in'
import { findByEmail } from '../services/accounts'

/** The demo household, one press away; elsewhere there is no such route. */
export default route('POST /api/demo', async ({ event }) => {
  const who = process.env.GRUMBO_DEMO === '1' ? await findByEmail(DEMO_EMAIL) : null
  if (!who) throw refuse(404, 'There is nothing here.')
  await lookRound(event, who)
  return { ok: true }
})
