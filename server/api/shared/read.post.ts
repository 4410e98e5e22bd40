import { route } from '../../access/route'
import { readByGroomer } from '../../services/thread'

/** Somebody has the page before their eyes. That it was fetched says nothing: previews fetch what nobody reads. */
export default route('POST /api/shared/read', async ({ visitor }) => {
  await readByGroomer(visitor)
  return { ok: true }
})
