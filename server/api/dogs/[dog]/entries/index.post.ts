import { entriesBody } from '../../../../../shared/api'
import type { EntriesAnswer } from '../../../../../shared/answers'
import { route } from '../../../../access/route'
import { addEntries } from '../../../../services/entries'

export default route(
  'POST /api/dogs/[dog]/entries',
  ({ visitor, dogId, body }): Promise<EntriesAnswer> =>
    addEntries(visitor.householdId, dogId, visitor, body.entries),
  entriesBody,
)
