import type { CoatId } from '../coat/coat-types'
import type { KnotClass, Region } from '../coat/regions'
import { DOG, PLACE } from './rate'
import type { Seen } from './rate'

/**
 * What coats of a type come to, learned from many dogs: how many times what is taken of them their knots come, by class
 * of place. A household that shares gives sums of counts and exposures by type and class and nothing else.
 */

/** Sums over a household's dogs of one coat type, by class of place; exposures at what was taken then. */
export interface Shared {
  coat: CoatId
  classes: Partial<Record<KnotClass, Seen>>
}
/** Times what is taken of a coat type, by class; 1 where nothing was learned. */
export type Times = Partial<Record<CoatId, Partial<Record<KnotClass, number>>>>

/** Nothing is told of a type and class that fewer households shared. */
export const LEAST_HOUSEHOLDS = 20
/** How far what is taken of a class may be out, sd of ln: twice, or half, is not rare (judgement). */
const TAKEN_SD = 0.7
/** A dog, and its places of a class together, differ from others by this much, as a share squared (the priors'). */
const PLACES_TOGETHER = 8
const DIFFER = 1 / DOG + 1 / (PLACE * PLACES_TOGETHER)
const ROUNDS = 50

/** What a dog's places have seen, by class. */
export function sharedOf(
  places: readonly { region: Pick<Region, 'class'>; seen: Seen }[],
): Shared['classes'] {
  const by: Shared['classes'] = {}
  for (const { region, seen } of places) {
    const { count, exposure } = by[region.class] ?? { count: 0, exposure: 0 }
    by[region.class] = { count: count + seen.count, exposure: exposure + seen.exposure }
  }
  return by
}

/** A household none of whose dogs was checked there has nothing to share. */
const somethingToMeet = (seen: Seen) => seen.exposure > 0

/**
 * Times what was taken, from what each household saw: of counts that stray as the priors say dogs do, the quasi-likelihood's
 * (published: Wedderburn 1974, variance m + m²·share), shrunk to 1 by how far what is taken may be out.
 * @returns null where nothing was to be met
 */
export function timesOf(seen: readonly Seen[]): number | null {
  const met = seen.filter(somethingToMeet)
  if (!met.length) return null
  let times = 1
  let known = 0
  for (let n = 0; n < ROUNDS; n++) {
    let [counted, exposed] = [0, 0]
    known = 0
    for (const { count, exposure } of met) {
      const weight = 1 / (1 + times * exposure * DIFFER)
      counted += weight * count
      exposed += weight * exposure
      known += weight * times * exposure
    }
    // A knot and a half's worth, so that none at all is not none ever.
    const next = (counted + 0.5) / (exposed + 0.5)
    if (Math.abs(next - times) < 1e-12 * times) break
    times = next
  }
  const share = known / (known + 1 / TAKEN_SD ** 2)
  return Math.exp(share * Math.log(times))
}

/** What many households' sums make of every type and class that enough of them shared. */
export function learnTimes(shared: readonly Shared[]): Times {
  const by = new Map<CoatId, Map<KnotClass, Seen[]>>()
  for (const { coat, classes } of shared)
    for (const [cls, seen] of Object.entries(classes) as [KnotClass, Seen][]) {
      const here = by.get(coat) ?? new Map<KnotClass, Seen[]>()
      here.set(cls, [...(here.get(cls) ?? []), seen])
      by.set(coat, here)
    }
  const out: Times = {}
  for (const [coat, classes] of by)
    for (const [cls, seen] of classes) {
      const times = seen.filter(somethingToMeet).length >= LEAST_HOUSEHOLDS ? timesOf(seen) : null
      if (times !== null) out[coat] = { ...out[coat], [cls]: times }
    }
  return out
}
