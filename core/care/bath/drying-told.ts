import type { CoatId } from '../../coat/coat-types'
import { usualDrying } from '../../coat/drying'
import type { Dryer } from '../../coat/drying'

/** What is told of drying: how long, as a range, and what is no dryer. */

const LEAST_WATTS = 300
const MOST_WATTS = 4000

/** What is wrong with a dryer of this power; null when nothing is. */
export function dryerProblem(watts: number): string | null {
  if (!Number.isFinite(watts) || watts <= 0)
    return 'A dryer with no power dries nothing: look at its label, or say there is none.'
  if (watts < LEAST_WATTS) return `${watts} W will not dry a dog. Look at the label again.`
  return watts > MOST_WATTS ? `No dryer for a home draws ${watts} W. Look at the label again.` : null
}

/** How far dogs of a kind differ either way (judgement). */
const SPREAD = 0.2
/** The usual minutes as a range, whole ones; null with no dryer. @param times as many minutes as most such dogs, as learned */
export function dryingMinutes(
  dog: { coat: CoatId; kg: number; mm: number },
  dryer: Dryer,
  more: { watts?: number; cold?: boolean } = {},
  times = 1,
): { from: number; to: number } | null {
  const usual = usualDrying(dog, dryer, more)
  if (usual === null) return null
  const minutes = usual * times
  return { from: Math.round(minutes * (1 - SPREAD)), to: Math.round(minutes * (1 + SPREAD)) }
}
