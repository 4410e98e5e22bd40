import type { RegionId } from '#core/coat/regions'
import { inTurns } from '#core/plan/working-order'
import { habitsOf } from '#core/record/habits'
import { keepTable } from '~/offline/device'

/** Lays a session out on the table. It is kept on the device until it is finished. */
export async function startTable(dogId: string, day: string, regions: RegionId[]) {
  const now = currentMs()
  await keepTable({ dogId, day, startedAt: now, touched: now, paused: 0, regions, done: [], skipped: [] })
}

/** Lays some places of the dog in view out, and goes to the table with them. */
export function useCombAtTable() {
  const { file, today, coat } = useDog()
  const router = useRouter()
  const record = useRecord()
  return async (regions: RegionId[]) => {
    if (!useMe().mayLog) {
      record.onlyLooking = true
      return
    }
    // Where a concern is open no comb goes until it is closed.
    const open = new Set(coat.value.places.filter((p) => p.concern).map((p) => p.id))
    const mine = regions.filter((r) => !open.has(r))
    if (!mine.length) return router.push(`/dogs/${file.value.id}/look-over`)
    await startTable(file.value.id, today.value, inTurns(mine, habitsOf(file.value.profile).turns))
    return router.push(`/dogs/${file.value.id}/table`)
  }
}
