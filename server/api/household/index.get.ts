import type { Household } from '../../../shared/answers'
import { route } from '../../access/route'
import { householdView } from '../../services/members'

export default route('GET /api/household', ({ visitor }): Promise<Household> => householdView(visitor))
