import type { SharedDog } from '../../../../../shared/answers'
import { route } from '../../../../access/route'
import { sharedDog } from '../../../../services/shared-dog'

export default route('GET /api/room/dogs/[share]', ({ share }): Promise<SharedDog> => sharedDog(share))
