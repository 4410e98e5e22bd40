import { describe, expect, it } from 'vitest'
import { sayShort, sayWaysOut } from './ways-out'

const out = { mats: 3.6, short: 25, minutes: 80, mm: 14, days: 12 }

describe('minutes that are short', () => {
  it('are said with how many, what follows, and what would do', () => {
    expect(sayShort(out)).toBe('25 minutes a week short; about 4 mats are likely.')
    expect(sayWaysOut(out)).toBe('It fits with 80 minutes a week, at 14 mm or with a visit in twelve days.')
  })
  it('leave out what is no way', () => {
    expect(sayShort({ ...out, mats: null })).toBe('25 minutes a week short.')
    expect(sayShort({ ...out, mats: null, short: 0 })).toBe('Not all that is due finds a day.')
    expect(sayWaysOut({ ...out, mm: null, days: null })).toBe(
      'It fits with 80 minutes a week or with a visit now.',
    )
    expect(sayWaysOut({ ...out, mats: null, short: 0, mm: null, days: null })).toBe(
      'A longer day would hold it.',
    )
  })
})
