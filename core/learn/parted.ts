import { after, learnedOf } from './normal'
import type { Belief, Learned } from './normal'

/** What was seen of one part: weights (1/sd²) summed, values under them, and plainly, how often. */
interface PartSeen {
  weight: number
  pull: number
  sum: number
  times: number
}
/**
 * A number that every part of a dog has a little differently: the dog as coats like it, and each part as the dog
 * (normal in normal, known spreads). A part that was seen tells of the others by as much as they are alike.
 */
export interface Parted {
  prior: Belief
  /** How far parts differ from their dog, sd. */
  differ: number
  seen: ReadonlyMap<string, PartSeen>
}
const NEVER: PartSeen = { weight: 0, pull: 0, sum: 0, times: 0 }
export const unparted = (prior: Belief, differ: number): Parted => ({ prior, differ, seen: new Map() })

/** One more seeing of a part. @param sd its standard deviation about the truth */
export function noticePart(p: Parted, part: string, value: number, sd: number): Parted {
  const { weight, pull, sum, times } = p.seen.get(part) ?? NEVER
  const w = 1 / sd ** 2
  const seen = new Map(p.seen)
  seen.set(part, { weight: weight + w, pull: pull + w * value, sum: sum + value, times: times + 1 })
  return { ...p, seen }
}

/** The dog as a whole: what each part's mean tells of it. */
export function wholeOf({ prior, differ, seen }: Parted): Belief {
  let held = prior
  for (const { weight, pull } of seen.values())
    held = after(held, pull / weight, Math.sqrt(differ ** 2 + 1 / weight))
  return held
}

/** One part: its own mean shrunk to the dog's, which is itself not known for sure. */
export function partOf(p: Parted, part: string): Belief {
  const { weight, pull } = p.seen.get(part) ?? NEVER
  const whole = wholeOf(p)
  const own = 1 / p.differ ** 2
  const share = own / (own + weight)
  return {
    mean: share * whole.mean + pull / (own + weight),
    sd: Math.sqrt(1 / (own + weight) + (share * whole.sd) ** 2),
  }
}

/** What has come of the whole, told in the unit of the thing. */
export function learnedWhole(p: Parted, as?: (x: number) => number): Learned {
  let [sum, times] = [0, 0]
  for (const s of p.seen.values()) {
    sum += s.sum
    times += s.times
  }
  return learnedOf({ prior: p.prior, held: wholeOf(p), sum, times }, as)
}
/** The same of a part; most like it are as most dogs are. */
export function learnedPart(p: Parted, part: string, as?: (x: number) => number): Learned {
  const { sum, times } = p.seen.get(part) ?? NEVER
  return learnedOf({ prior: p.prior, held: partOf(p, part), sum, times }, as)
}
