import type { Thread } from '../../../../../shared/answers'
import { route } from '../../../../access/route'
import { notesOf, readByOwner } from '../../../../services/notes'
import { sharesOf } from '../../../../services/shares'

export default route('GET /api/dogs/[dog]/notes', async ({ visitor, dogId }): Promise<Thread> => {
  const filed = await notesOf(visitor.householdId, dogId)
  await readByOwner(visitor.householdId, dogId)
  const notes = filed.map(({ shareId: _s, ...note }) => note)
  return { notes, shares: await sharesOf(visitor.householdId, dogId) }
})
