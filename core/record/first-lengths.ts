import { regionOf, REGION_IDS } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { dayNumber } from './day'
import type { Day } from './day'
import type { DatedFact } from './entries'
import { LEFT_AT_HOME, lengthAt } from './visits'

/** The first length that was told of each place: on which day, counted from 1970, and how long, mm. */
export type FirstLengths = ReadonlyMap<RegionId, { day: number; mm: number }>

/** @param facts in the order they count; those after `to` are not looked at */
export function firstLengths(facts: readonly DatedFact[], to: Day): FirstLengths {
  const first = new Map<RegionId, { day: number; mm: number }>()
  for (const { day, what } of facts) {
    if (first.size === REGION_IDS.length || day > to) break
    const tell = (id: RegionId, mm: number | undefined) => {
      if (mm !== undefined && !first.has(id)) first.set(id, { day: dayNumber(day), mm })
    }
    if (what.kind === 'measure') for (const id of what.regions) tell(id, what.mm)
    if (what.kind !== 'visit') continue
    for (const id of REGION_IDS) {
      const region = regionOf(id)
      if (what.home && LEFT_AT_HOME.includes(region.place)) continue
      tell(id, lengthAt(what, region) ?? what.lengths[region.part])
    }
  }
  return first
}
