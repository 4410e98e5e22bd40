import { SETUP_MINUTES } from '../coat/minutes'
import type { PlaceId } from '../coat/regions'
import type { Coat } from '../record/coat'
import { planOn } from './today'
import type { Past } from './today'

/** A day off is let be until a mat somewhere is likelier than not (judgement). */
const ASKS_FROM = 0.5
/** Minutes asked after: a short sitting, laying out in it (judgement). */
const A_SITTING = SETUP_MINUTES + 12
/**
 * Where minutes would go first on a day that has none and would be the better for some; null where it may stay a day
 * off.
 */
export function missedOn(coat: Coat, past: Past): PlaceId | null {
  const would = planOn(coat, A_SITTING, past)
  return would.chanceIfLeft >= ASKS_FROM ? (would.items[0]?.place ?? null) : null
}
