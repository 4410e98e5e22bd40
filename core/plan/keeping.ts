import { SETUP_MINUTES, teaseMinutes } from '../coat/minutes'
import type { RegionId } from '../coat/regions'
import type { Rate } from '../learn/rate'
import type { Coat } from '../record/coat'
import { expectedKnots, howMany } from '../record/odds'

/** What one place asks of its owner at a length: how often it is best combed, the minutes, and the mats that form even so. */
export interface Keeping {
  id: RegionId
  /** Length the visit leaves, mm. */
  mm: number
  /** Days between its combings. */
  every: number
  /** Minutes a week at the table, teasing counted, laying out not. */
  minutes: number
  /** Mats expected to have formed by each day at θ = 1, the first being the visit's. */
  formed: Float64Array
  rate: Rate
}

/** Days between two combings that are tried of a place; what is combed seldomer is not kept (judgement). */
const EVERY = [2, 3, 4, 5, 7, 10, 14] as const
/** As far as is looked to see when a length runs out, days: the longest stretch there is. */
const LOOKED_DAYS = 84

/**
 * Each place of a coat kept at its own best rhythm, where the minutes and the mats that form come to least.
 * Places are kept apart from one another, so that what one length costs adds up with the others. The coat is left as it was.
 * @param after the coat as the visit leaves it
 * @param days of the stretch it is kept for
 * @param matWorth what a mat is worth, minutes
 */
export function keepingOf(after: Coat, days: number, matWorth: number): Keeping[] {
  const best: Keeping[] = []
  const least: number[] = []
  for (const every of EVERY) {
    const coat = after.copy()
    const formed = coat.places.map(() => new Float64Array(LOOKED_DAYS + 1))
    const minutes = coat.places.map(() => 0)
    const standing = coat.places.map((p) => p.unseen[2])
    const before = coat.places.map(() => 0)
    for (let day = 1; day <= LOOKED_DAYS; day++) {
      coat.passDay()
      const combed = day % every === 0
      coat.places.forEach((p, i) => {
        formed[i]![day] = before[i]! + p.unseen[2] - standing[i]!
        if (!combed) return
        if (day < days) minutes[i]! += coat.minutesOf(p) + teaseMinutes(expectedKnots(p))
        before[i] = formed[i]![day]!
      })
      if (combed) {
        coat.combThrough()
        coat.places.forEach((p, i) => (standing[i] = p.unseen[2]))
      }
    }
    after.places.forEach((p, i) => {
      const mats = p.rate.mean * formed[i]![Math.min(days, LOOKED_DAYS)]!
      const cost = minutes[i]! + matWorth * mats
      if (best[i] && cost >= least[i]!) return
      least[i] = cost
      best[i] = {
        id: p.id,
        mm: p.mm,
        every,
        minutes: (minutes[i]! * 7) / days,
        formed: formed[i]!,
        rate: p.rate,
      }
    })
  }
  return best
}

/** What some places come to together. */
export interface Price {
  /** Minutes a week. */
  minutes: number
  /** Chance that no mat forms there from this visit to the next. */
  clear: number
  /** Days until a mat there is likelier than not; null where that is not within twelve weeks. */
  runsOut: number | null
}

const EVEN = 0.5
export function priceOf(places: readonly Keeping[], days: number): Price {
  const clearOn = (day: number) =>
    howMany(places.map((k) => ({ rate: k.rate, expected: k.formed[Math.min(day, LOOKED_DAYS)]! })))[0]
  let [yes, no] = [0, LOOKED_DAYS + 1]
  while (no - yes > 1) {
    const middle = (yes + no) >> 1
    if (clearOn(middle) >= EVEN) yes = middle
    else no = middle
  }
  return {
    minutes: places.reduce((sum, k) => sum + k.minutes, 0),
    clear: clearOn(days),
    runsOut: no > LOOKED_DAYS ? null : no,
  }
}

/** Minutes a week to lay out and put away, at the rhythm of the place that is combed most often. */
export const layingOut = (places: readonly Keeping[]): number =>
  places.length ? (SETUP_MINUTES * 7) / Math.min(...places.map((k) => k.every)) : 0
