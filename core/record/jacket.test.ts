import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { FactOf } from './entries'
import { jacketSaid } from './jacket'

const visit = (day: string, more: Partial<FactOf<'visit'>>) =>
  entry(day, { kind: 'visit', lengths: {}, found: [], ...more })
const said = (coat: 'wire' | 'wool', ...entries: ReturnType<typeof visit>[]) =>
  jacketSaid({ ...dog({ coat, since: '2026-01-01' }), entries }, '2026-09-20')

describe('the jacket', () => {
  const visits = [
    visit('2026-02-03', { did: ['strip'] }),
    visit('2026-03-03', { did: ['bath'] }),
    visit('2026-05-12', { did: ['clip'] }),
    visit('2026-06-20', { home: true, lengths: { body: 13 } }),
    visit('2026-08-30', { did: ['strip'], ran: [{ blade: '#10', part: 'head' }] }),
    visit('2026-09-28', { did: ['clip'] }),
  ]
  it('tells how it was last taken short, the last three times, and nothing of what is to come', () => {
    expect(said('wire', ...visits)).toBe(
      'clipped 12 May; clipped 20 June at home; stripped and clipped 30 August',
    )
    expect(said('wire', visits[0]!)).toBe('stripped 3 February')
  })
  it('is no matter of a coat that has none', () => {
    expect(said('wool', ...visits)).toBe('')
  })
})
