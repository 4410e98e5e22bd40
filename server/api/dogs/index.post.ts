import { newDogBody } from '../../../shared/api'
import { route } from '../../access/route'
import { addDog } from '../../services/entries'

export default route(
  'POST /api/dogs',
  async ({ visitor, body }) => {
    await addDog(visitor.householdId, visitor.accountId, body)
    return { id: body.id }
  },
  newDogBody,
)
