import type { SharedDog } from '../../../../../shared/answers'
import { route } from '../../../../access/route'
import { peopleOf } from '../../../../services/colleagues'
import { sharedDog } from '../../../../services/shared-dog'

export default route('GET /api/room/dogs/[share]', async ({ visitor, share }): Promise<SharedDog> => {
  const { people } = await peopleOf(visitor)
  const hands = people.map((p) => p.name)
  // Whoever works here writes under their own name, whatever the owner called the room's.
  return { ...(await sharedDog(share, hands)), groomer: visitor.name }
})
