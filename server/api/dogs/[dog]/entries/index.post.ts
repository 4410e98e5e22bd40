import { entriesBody } from '../../../../../shared/api'
import { route } from '../../../../access/route'
import { addEntries } from '../../../../services/dogs'

export default route(
  'POST /api/dogs/[dog]/entries',
  async ({ visitor, dogId, body }) => ({
    added: await addEntries(visitor.householdId, dogId, visitor.accountId, body.entries),
  }),
  entriesBody,
)
