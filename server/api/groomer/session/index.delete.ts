import { route } from '../../../access/route'
import { signOut } from '../../../access/sign-in'

export default route('DELETE /api/groomer/session', async ({ event, visitor }) => {
  await signOut(event, visitor)
  return { ok: true }
})
