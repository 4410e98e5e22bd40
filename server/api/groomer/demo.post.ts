import { DEMO_GROOMER } from '../../../shared/demo'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { lookRound } from '../../access/sign-in'
import { groomerByEmail } from '../../services/groomers'

/** The demo's groomer, one press away; elsewhere there is no such route. */
export default route('POST /api/groomer/demo', async ({ event }) => {
  const groomerId = process.env.GRUMBO_DEMO === '1' ? await groomerByEmail(DEMO_GROOMER) : null
  if (!groomerId) throw refuse(404, 'There is nothing here.')
  await lookRound(event, { realm: 'room', groomerId })
  return { ok: true }
})
