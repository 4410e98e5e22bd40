import type { SharedDog } from '../../../../../shared/answers'
import { route } from '../../../../access/route'
import { peopleOf } from '../../../../services/colleagues'
import { sharedDog } from '../../../../services/shared-dog'

export default route('GET /api/room/dogs/[share]', async ({ visitor, share }): Promise<SharedDog> =>
  sharedDog(
    share,
    (await peopleOf(visitor)).people.map((p) => p.name),
  ),
)
