import { route } from '../access/route'

/** We live: asked of nobody else. */
export default route('GET /api/health', () => ({ well: true }))
