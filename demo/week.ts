import { weekday } from '../core/record/day'
import type { Day } from '../core/record/day'

/** A week told from a day on, as the record has it, from Monday: so that a story is the same whenever it is told. */
export const weekFrom = <T>(today: Day, told: readonly T[]): T[] =>
  told.map((_, day) => told[(day - weekday(today) + told.length) % told.length]!)
