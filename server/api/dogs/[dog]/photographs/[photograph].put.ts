import { MOST_PICTURE_BYTES, TOO_LARGE } from '../../../../../shared/photographs'
import { idOf, readBytes, route } from '../../../../access/route'
import { keepPhotograph } from '../../../../services/photographs'

export default route('PUT /api/dogs/[dog]/photographs/[photograph]', async ({ event, visitor, dogId }) => {
  const id = idOf(event, 'photograph')
  await keepPhotograph(visitor.householdId, dogId, id, await readBytes(event, MOST_PICTURE_BYTES, TOO_LARGE))
  return { ok: true }
})
