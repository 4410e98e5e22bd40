import type { RegionId } from '#core/coat/regions'
import { keepTable } from '~/offline/device'

/** Lays a session out on the table. It is kept on the device until it is finished. */
export async function startTable(dogId: string, day: string, regions: RegionId[]) {
  const now = Date.now()
  await keepTable({ dogId, day, startedAt: now, touched: now, paused: 0, regions, done: [], skipped: [] })
}

/** Lays some places of the dog in view out, and goes to the table with them. */
export function useCombAtTable() {
  const { file, today } = useDog()
  const router = useRouter()
  return async (regions: RegionId[]) => {
    await startTable(file.value.id, today.value, regions)
    await router.push(`/dogs/${file.value.id}/table`)
  }
}
