import type { Thread } from '../../../../../shared/api'
import { route } from '../../../../access/route'
import { markRead, notesOf } from '../../../../services/notes'
import { sharesOf } from '../../../../services/shares'

export default route('GET /api/dogs/[dog]/notes', async ({ visitor, dogId }): Promise<Thread> => {
  const notes = await notesOf(visitor.householdId, dogId)
  await markRead(visitor.householdId, dogId, 'owner')
  return { notes, shares: await sharesOf(visitor.householdId, dogId) }
})
