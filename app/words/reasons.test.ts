import { describe, expect, it } from 'vitest'
import type { Reason } from '../../core/plan/reason'
import { planToday } from '../../core/plan/today'
import { dog } from '../../tests/support/dogs'
import { sayChance, sayReason, sayWhy } from './reasons'

const AT = '2026-11-25'
const CASES: [Reason, string][] = [
  [{ why: 'left-in', finding: 'knot', day: '2026-11-24' }, 'a knot left in yesterday'],
  [{ why: 'refused', day: '2026-11-21', daysUncombed: 8 }, 'refused on Saturday, so 8 days uncombed'],
  [{ why: 'wet', by: 'grass' }, 'wet from wet grass, not combed dry'],
  [{ why: 'found', finding: 'snag', day: '2026-11-21' }, 'a snag here on Saturday'],
  [{ why: 'harness', hours: 1 }, 'the harness rubs, 1 hour a day'],
  [{ why: 'collar' }, 'the collar rubs all day'],
  [{ why: 'ceiling', daysUncombed: 12 }, '12 days uncombed, overdue'],
  [{ why: 'hot', daysUncombed: 1 }, 'knots first; combed yesterday'],
  [{ why: 'hot', daysUncombed: null }, 'knots first in most coats'],
  [{ why: 'long', mm: 41.6 }, 'long here, 42 mm'],
  [{ why: 'days', daysUncombed: 0 }, 'combed today'],
]
describe('reasons', () => {
  it.each(CASES)('%o', (reason, said) => {
    expect(sayReason({ reason }, AT)).toBe(said)
  })
  it('one line for the whole plan: a guess at first, then the odds by the next session', () => {
    const record = dog()
    const plan = planToday(record, '2026-09-20', 30)
    expect(sayWhy(plan, record.profile)).toBe(
      'Nothing is known of him yet. This is where coats like his knot first.',
    )
    expect(sayWhy({ ...plan, guess: false, chanceIfLeft: 0.6, chanceIfDone: 0.2 }, record.profile)).toBe(
      'Left alone, the chance of a mat by tomorrow is 6 in 10. Combed, 1 in 5.',
    )
    const booked = { ...record.profile, nextVisit: plan.until }
    expect(sayWhy({ ...plan, guess: false, items: [], chanceIfLeft: 0.05 }, booked)).toBe(
      'Left alone, the chance of a mat by the visit is 1 in 20.',
    )
  })
  it('a place is said by its state and its odds', () => {
    expect(sayChance(0.05)).toBe('catching, 1 in 20')
  })
})
