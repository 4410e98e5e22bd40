import { idOf, route } from '../../../access/route'
import { signOut } from '../../../access/sign-in'
import { removeMember } from '../../../services/members'

export default route('DELETE /api/household/members/[member]', async ({ event, visitor }) => {
  const id = idOf(event, 'member')
  await removeMember(visitor, id)
  if (id === visitor.accountId) await signOut(event, visitor)
  return { ok: true }
})
