import { describe, expect, it } from 'vitest'
import { sayAgainstLongDays } from './long-day'

const SATURDAY = '2026-09-05'
const say = (plan: [number, number], all: [number, number]) =>
  sayAgainstLongDays({ mats: plan[0], minutes: plan[1] }, { mats: all[0], minutes: all[1] }, SATURDAY, 56)

describe('the plan against one long day a week', () => {
  it('is said in mats and minutes a week', () => {
    expect(say([0.6, 360], [2.13, 384])).toBe(
      'With your minutes: 0.6 mats on average in 45 minutes a week. Combing it all on Saturdays instead: 2.1 mats on average in 48 minutes a week.',
    )
  })
  it('is as honest where the long day comes off better', () => {
    expect(say([0.6, 360], [0.01, 240])).toMatch(/Saturdays instead: hardly a mat in 30 minutes a week\.$/)
  })
  it('is not said where both come to the same', () => {
    expect(say([0.6, 360], [0.64, 376])).toBeNull()
    expect(say([0.6, 360], [0.6, 400])).not.toBeNull()
    expect(say([0.6, 360], [0.66, 360])).not.toBeNull()
  })
})
