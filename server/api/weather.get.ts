import { getQuery } from 'h3'
import { z } from '../../core/zod'
import { route } from '../access/route'
import { refuseFor } from '../access/refuse'
import { weatherFeed } from '../services/weather'

const asked = z.object({ hemisphere: z.enum(['north', 'south', 'none']).default('north') })

export default route('GET /api/weather', async ({ event }) => {
  const parsed = asked.safeParse(getQuery(event))
  if (!parsed.success) throw refuseFor(parsed.error)
  return { days: await weatherFeed(parsed.data.hemisphere) }
})
