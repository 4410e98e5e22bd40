import type { Coat } from '../record/coat'
import { isUnmet } from '../record/unmet'
import { weeklyMinutes } from './weekly'
import type { Lengths } from './weekly'

/** Its week can be told once the comb has met so much of the coat (judgement). */
const TELLING = 2 / 3
export const toldFrom = (of: number): number => Math.ceil(TELLING * of)

/** Owners' paces differ: four in five within these times the usual minutes, nothing timed (judgement, as the pace's prior). */
const PACES = [0.65, 1.55] as const
/** Minutes a week this coat wants as it is: about so many once enough of it was met, until then between two. */
export function weekOf(coat: Coat): { about: number } | { low: number; high: number } {
  const { profile, places } = coat
  const lengths = Object.fromEntries(places.map((p) => [p.region.part, p.mm])) as Lengths
  const usual = weeklyMinutes(profile.coat, profile.weightKg, lengths)
  return places.filter((p) => !isUnmet(p)).length >= toldFrom(places.length)
    ? { about: usual * coat.pace }
    : { low: usual * PACES[0], high: usual * PACES[1] }
}
