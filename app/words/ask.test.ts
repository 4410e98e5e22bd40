import { describe, expect, it } from 'vitest'
import { askFrom, sayAsk } from './ask'

describe('what is asked of the groomer', () => {
  it('is a sentence', () => {
    expect(sayAsk({ mm: 9 })).toBe('Could you cut to 9 mm next time?')
    expect(sayAsk({ mm: 9, weeks: 6 })).toBe('Could you cut to 9 mm next time and see us every six weeks?')
    expect(sayAsk({})).toBe('')
  })
  it('takes from an address only what is within reason', () => {
    expect(askFrom({ mm: '9', weeks: '6' })).toEqual({ mm: 9, weeks: 6 })
    expect(askFrom({ mm: '-3', weeks: 'soon' })).toEqual({})
    expect(askFrom({ mm: '9.5', weeks: '600' })).toEqual({})
  })
})
