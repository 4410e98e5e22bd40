import { describe, expect, it } from 'vitest'
import { sayAgainstLongDays } from './long-day'

const SATURDAY = '2026-09-05'
const say = (plan: [number, number], all: [number, number], bears = Infinity) =>
  sayAgainstLongDays(
    { mats: plan[0], minutes: plan[1] },
    { first: SATURDAY, mats: all[0], minutes: all[1], sitting: all[1] / 8 },
    56,
    { bears, she: true },
  )

describe('the plan against one long day a week', () => {
  it('is said in mats, minutes a week, and how long the sitting is', () => {
    expect(say([0.6, 360], [2.13, 384])).toBe(
      'With your minutes: 0.6 mats on average in 45 minutes a week. Combing it all on Saturdays, 48 minutes at a sitting: 2.1 mats on average.',
    )
  })
  it('is as honest where the long day comes off better', () => {
    expect(say([0.6, 360], [0.01, 240])).toMatch(/30 minutes at a sitting: hardly a mat\.$/)
  })
  it('says where a dog does not bear so long', () => {
    expect(say([0.6, 360], [2, 240], 29)).toMatch(
      /30 minutes at a sitting, longer than she bears at one go: /,
    )
    expect(say([0.6, 360], [2, 240], 30)).not.toMatch(/bears/)
  })
  it('is not said where both come to the same', () => {
    expect(say([0.6, 360], [0.64, 376])).toBeNull()
    expect(say([0.6, 360], [0.6, 400])).not.toBeNull()
    expect(say([0.6, 360], [0.66, 360])).not.toBeNull()
  })
})
