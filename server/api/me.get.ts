import { DEMO_EMAIL } from '../../shared/demo'
import type { Me } from '../../shared/answers'
import { route } from '../access/route'
import { householdOf } from '../services/accounts'
import { dogsOf } from '../services/dogs'

export default route('GET /api/me', async ({ visitor }): Promise<Me> => {
  const household = await householdOf(visitor.householdId)
  return {
    name: visitor.name,
    role: visitor.role,
    email: visitor.email,
    household: household.name,
    timeZone: household.timeZone,
    demo: visitor.email === DEMO_EMAIL,
    dogs: (await dogsOf(visitor.householdId)).map(({ deleteAfter, ...dog }) => ({
      ...dog,
      ...(deleteAfter ? { deleteAfter: deleteAfter.toISOString() } : {}),
    })),
  }
})
