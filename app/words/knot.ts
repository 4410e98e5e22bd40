import { DANGER_PLACES } from '#core/care/knots/knot'
import type { KnotDecision } from '#core/care/knots/knot'
import type { KnotReason } from '#core/record/knot-answers'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'

/** The answer about a knot as a heading, and why, in a sentence. */
export function sayAnswer({ answer, minutes }: KnotDecision, groomer: string): string {
  switch (answer) {
    case 'tease':
      return minutes === 1 ? 'Tease it, one minute and no more' : 'Tease it, three minutes at most'
    case 'condition':
      return 'With conditioner, at the next wash'
    case 'groomer':
      return `Leave it for ${groomer}`
    case 'vet':
      return 'Stop here and ring the vet'
  }
}

export function sayKnotReason(why: KnotReason, region: RegionId, she: boolean): string {
  const danger = DANGER_PLACES[regionOf(region).place]
  const [her, herself] = she ? ['her', 'She'] : ['him', 'He']
  switch (why) {
    case 'sore':
      return 'Skin that is red, wet, broken, smelly, lumpy or pulled tight is seen to first. No comb there until it is well.'
    case 'fouled':
      return 'Hair fouled at the privates cannot wait, and is clipped by hands that know how.'
    case 'privates':
      return 'Hair at the privates is clipped, not pulled, and not at home.'
    case 'felt':
      return 'A sheet of felt does not comb out. Say so when you book, and do not wash it: washing tightens it.'
    case 'many-mats':
      return `This many cannot be teased without hurting ${her}. Say so when you book, and no bath before.`
    case 'mat':
      return 'A mat lies against the skin and does not part. The groomer decides; do not wash it.'
    case 'mat-shown':
      return 'One mat, in a safe place, and you have been shown how. If it does not give, it is the groomer’s.'
    case 'not-allowed':
      return `${herself} says no today. Leave it, try another day, and let the groomer know.`
    case 'danger':
      return `Here is ${danger}. Fingers and the comb’s corner only.`
    case 'danger-tried':
      return `It did not give, and here is ${danger}. They will usually clip rather than pull.`
    case 'moves':
      return 'The hair still moves on it, and this is not a place where skin tents or tears.'
    case 'wash-first':
      return 'You wash first, and water soaks in here: conditioned, a knot lets go, and less hair breaks.'
    case 'tried-wash':
      return 'It had its minutes. Where water soaks to the skin, conditioner follows, and a slippery knot lets go.'
    case 'tried':
      return 'It had its minutes, and water would only tighten it.'
    case 'owner':
      return 'You would rather leave it.'
  }
}

/** How a knot is teased (common practice). */
export const TEASE_STEPS = [
  'Mist it, or a dab of conditioner.',
  'Pinch the hair a finger’s breadth off the skin, between it and the knot, as a stopper: no pull gets past your fingers.',
  'Part it with your fingers.',
  'Pick from the outside with the comb’s end tooth. Let the comb slide out, never force it.',
  'Pat with the brush, then comb.',
] as const
/** At a danger place: less (common practice). */
export const DANGER_STEPS = [
  'Lay the skin flat and hold the hair between knot and skin.',
  'Fingers, then the comb’s corner, from the outside.',
  'A minute. If it does not give, leave it.',
] as const
/** With conditioner at the next wash (common practice). */
export const WASH_STEPS = [
  'At the next wash, wet it and see that water soaks to the skin. If not, leave it.',
  'Work conditioner into it and tease while it is slippery, as far as it gives.',
  'Rinse, dry to the skin, and comb through. Never leave it to dry by itself.',
] as const
