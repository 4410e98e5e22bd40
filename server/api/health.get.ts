import { route } from '../access/route'
import { connections } from '../db/client'

export default route('GET /api/health', async () => {
  await connections().query('select 1')
  return { well: true }
})
