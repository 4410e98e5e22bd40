import { describe, expect, it } from 'vitest'
import { nextReminder } from './reminder-hour'

const next = (zone: string, at: string, after: string) => {
  const [h, m] = at.split(':').map(Number)
  return nextReminder(h! * 60 + m!, zone, new Date(after))?.toISOString()
}

describe('the next reminder', () => {
  it.each([
    ['later today', 'UTC', '18:00', '2026-11-27T09:30:12Z', '2026-11-27T18:00:00.000Z'],
    ['tomorrow, once today’s has passed', 'UTC', '18:00', '2026-11-27T18:00:00Z', '2026-11-28T18:00:00.000Z'],
    [
      'by the household’s own clock',
      'Pacific/Kiritimati',
      '07:00',
      '2026-11-27T10:00:00Z',
      '2026-11-27T17:00:00.000Z',
    ],
    [
      'where the clock falls back, the first time it shows that hour',
      'Europe/London',
      '01:30',
      '2026-10-24T20:00:00Z',
      '2026-10-25T00:30:00.000Z',
    ],
    [
      'where it leaps over that hour, once it has',
      'Europe/London',
      '01:30',
      '2027-03-27T20:00:00Z',
      '2027-03-28T01:00:00.000Z',
    ],
    ['at midnight', 'America/New_York', '00:00', '2026-11-27T06:00:00Z', '2026-11-28T05:00:00.000Z'],
  ])('%s', (_why, zone, at, after, comes) => {
    expect(next(zone, at, after)).toBe(comes)
  })
  it('none where none was asked for', () => {
    expect(nextReminder(null, 'UTC', new Date('2026-11-27T09:30:00Z'))).toBeNull()
  })
})
