import { SETUP_MINUTES } from '../coat/minutes'
import type { Coat } from '../record/coat'
import { planOn } from './today'
import type { Past } from './today'

/** A day off is let be until a mat somewhere is likelier than not (judgement). */
const ASKS_FROM = 0.5
/** Minutes asked after: a short sitting, laying out in it (judgement). */
const A_SITTING = SETUP_MINUTES + 12
/** Whether a day that has no minutes would be the better for some; else it may stay a day off. */
export function wantsMinutes(coat: Coat, past: Past): boolean {
  const would = planOn(coat, A_SITTING, past)
  return would.chanceIfLeft >= ASKS_FROM && would.items.length > 0
}
