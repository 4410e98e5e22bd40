import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { profile } from '../../tests/support/dogs'
import { entrySchema, factSchema } from './entries'
import { profileSchema } from './profile'

const id = '019f61c9-294a-7000-8011-2bd342b17f23'
const says = (value: unknown, schema: typeof entrySchema | typeof profileSchema = entrySchema) => {
  const r = schema.safeParse(value)
  return r.success ? 'taken' : JSON.stringify(r.error.issues)
}
const check = (more: object) => ({
  id,
  day: '2026-11-20',
  what: { kind: 'check', region: 'beard', finding: 'snag', ...more },
})

describe('entries', () => {
  it('take a comb check', () => {
    expect(says(check({ count: 2, out: 1, comfort: 'fidgety' }))).toBe('taken')
  })
  it.each([
    ['a region no dog has', check({ region: 'wing' }), 'The coat map has no such place.'],
    ['an unsided pair', check({ region: 'armpit' }), 'The coat map has no such place.'],
    ['400 knots', check({ count: 400 }), 'More than 40 in one place is felt'],
    ['more out than in', check({ count: 1, out: 2 }), 'More came out than were found.'],
    ['a day of no calendar', { ...check({}), day: '2026-02-30' }, 'year-month-day'],
    ['a made-up kind', { id, day: '2026-11-20', what: { kind: 'haircut' } }, 'invalid'],
    ['things beside', { ...check({}), extra: 1 }, 'extra'],
    ['a clock that is none', { ...check({}), time: '25:10' }, 'hours and minutes'],
  ])('refuse %s, in words', (_what, value, words) => {
    expect(says(value)).toContain(words)
  })
  it('never throw, whatever comes', () => {
    fc.assert(
      fc.property(fc.anything(), (value) => {
        expect(typeof entrySchema.safeParse(value).success).toBe('boolean')
      }),
    )
  })
})

describe('profiles', () => {
  it.each([
    [0, 'at least 0.5 kg'],
    [400, 'Was that pounds?'],
    [NaN, 'weight in kilograms'],
  ])('refuse a weight of %s', (weightKg, words) => {
    expect(says({ ...profile(), weightKg }, profileSchema)).toContain(words)
  })
  it('take an ordinary dog and refuse an endless name', () => {
    expect(says(profile(), profileSchema)).toBe('taken')
    expect(says(profile({ name: 'x'.repeat(41) }), profileSchema)).toContain('40 letters at most')
    expect(says(profile({ minutes: [1, 2, 3] }), profileSchema)).toContain('Seven days')
  })
})

describe('a plan as an entry', () => {
  const plan = {
    kind: 'plan',
    to: '2026-12-22',
    choices: { blocked: ['2026-12-01'], minutesOn: { '2026-12-02': 30 }, matWorth: 150 },
    sessions: [{ day: '2026-11-28', places: ['beard', 'tail'], pinned: true }],
    basis: '[]',
    gap: 0.01,
  }
  const takes = (more: object) => factSchema.safeParse({ ...plan, ...more }).success
  it('is taken as the planner writes it', () => expect(takes({})).toBe(true))
  it.each([
    ['a day there is not', { to: '2026-02-30' }],
    ['a place the map has not', { sessions: [{ day: '2026-11-28', places: ['wing'], pinned: false }] }],
    ['a mat worth nothing', { choices: { ...plan.choices, matWorth: 5 } }],
    ['minutes below none', { choices: { ...plan.choices, minutesOn: { '2026-12-02': -5 } } }],
    ['minutes on no day', { choices: { ...plan.choices, minutesOn: { soon: 5 } } }],
    ['more sessions than a plan has', { sessions: Array.from({ length: 401 }, () => plan.sessions[0]) }],
    ['a gap past one', { gap: 1.5 }],
    ['something else besides', { note: 'x' }],
  ])('refuses %s', (_, more) => expect(takes(more)).toBe(false))
})
