import type { CareItem } from '#core/plan/today-care'
import type { CareUnitId } from '#core/record/tidies'

/** A day's list as it was started: which care comes after the table. */
export interface ListBegun {
  dog: string
  day: string
  units: CareUnitId[]
}
/** Where the device keeps it, so that it goes on where it was after the page was closed. */
export const LIST_BEGUN = 'grumbo-list'
export function beginList(dog: string, day: string, care: readonly CareItem[]) {
  const list: ListBegun = { dog, day, units: care.flatMap((c) => c.units) }
  try {
    localStorage.setItem(LIST_BEGUN, JSON.stringify(list))
  } catch {
    // A device that may keep nothing leads by the plan's own list.
  }
}

/** Where each kind of care is led, from a dog's own address. */
export const careRoute = ({ care }: Pick<CareItem, 'care'>): string => {
  if (care === 'bath' || care === 'look-over') return `/${care}`
  return ['paws', 'sanitary', 'face', 'ears'].includes(care) ? `/tidies?at=${care}` : `/tidies#${care}`
}
