import type { SharedDog } from '../../../shared/answers'
import { route } from '../../access/route'
import { sharedDog } from '../../services/shared-dog'

export default route('GET /api/shared', ({ visitor }): Promise<SharedDog> => sharedDog(visitor))
