import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Arrival } from '#core/care/note/arrival'
import { allowed, sayAllowed, sayArrival, saySuggestion } from './visit'

const TODAY = '2026-11-25'
const arrival = (more: Partial<Arrival> = {}): Arrival => ({
  visit: '2026-12-01',
  shades: {},
  chance: {},
  any: 0.1,
  mats: 0.1,
  likely: 'armpit.left',
  minutes: { usual: 12, low: 4, high: 21 },
  short: false,
  mm: [12, 20],
  refuses: [],
  concerns: [],
  days: 4,
  last: '2026-11-24',
  known: true,
  ...more,
})

describe('when to come again', () => {
  it.each([
    [{ forecast: 2.4, found: 1 }, 'One mat where two mats were forecast.'],
    [{ forecast: 0.2, found: 0 }, 'No mat where no mat was forecast.'],
    [{ forecast: 1.1, found: 3 }, 'Three mats where one mat was forecast.'],
  ])('%o: %s', (did, said) => {
    expect(saySuggestion({ day: '2027-01-20', odds: [], weeks: 8, ...did })).toBe(
      `${said} Combed as planned, a mat stays less likely than not for eight weeks.`,
    )
  })
})

describe('what arrives', () => {
  it.each([
    [{}, 'Should comb through', /a mat anywhere .*; combed on four days, last yesterday$/],
    [{ any: 0.6 }, /^A mat likely, .*, likeliest at the left armpit$/, /^combed on/],
    [{ mats: 2.6, any: 0.9 }, 'About three mats, likeliest at the left armpit', /^combed on/],
    [{ mats: 9, short: true }, 'About nine mats: it will need to go short', /^combed on/],
    [{ known: false }, 'Not known: nothing written since the last visit', /coats like it/],
    [{ days: 0, last: null }, 'Should comb through', /not combed since the last visit$/],
    [{ any: 0.6, likely: 'behind-ear.left' }, /likeliest behind the left ear$/, /^combed/],
  ] as [Partial<Arrival>, string | RegExp, RegExp][])('%o', (more, lead, rest) => {
    const said = sayArrival(arrival(more), TODAY)
    if (typeof lead === 'string') expect(said.lead).toBe(lead)
    else expect(said.lead).toMatch(lead)
    expect(said.rest).toMatch(rest)
  })
  it('minutes to allow are in fives, and none are counted for a coat that goes short', () => {
    expect(sayAllowed(arrival())).toBe('5 to 20 min')
    expect(sayAllowed(arrival({ minutes: { usual: 1, low: 0, high: 2 } }))).toBe('up to 5 min')
    expect(allowed(arrival())).toBe(10)
    expect(allowed(arrival({ short: true }))).toBe(0)
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 90, noNaN: true }),
        (low, more) => {
          const a = arrival({ minutes: { usual: low + more / 2, low, high: low + more } })
          for (const n of sayAllowed(a).match(/\d+/g)!) expect(Number(n) % 5).toBe(0)
          expect(allowed(a) % 5).toBe(0)
        },
      ),
    )
  })
})
