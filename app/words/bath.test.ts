import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays } from '#core/record/day'
import { clockTime, namesOf, sayWash } from './bath'

const TODAY = '2026-11-25'
const who = { she: true, groomer: 'Imke', today: TODAY, vetPlan: null }
const told = (
  answer: Parameters<typeof sayWash>[0]['answer'],
  more: Partial<typeof who> = {},
  startBy: number | null = null,
) => sayWash({ answer, startBy }, { ...who, ...more })

describe('a time of day', () => {
  it('is of the clock, whatever the minutes', () => {
    fc.assert(
      fc.property(fc.double({ min: -5000, max: 5000, noNaN: true }), (minutes) => {
        expect(clockTime(minutes)).toMatch(/^([01]\d|2[0-3]):[0-5]\d$/)
        // Whole ones, as a half may round otherwise a day on.
        expect(clockTime(Math.round(minutes) + 1440)).toBe(clockTime(minutes))
      }),
    )
    expect(clockTime(18 * 60 + 5)).toBe('18:05')
    expect(clockTime(-30)).toBe('23:30')
    expect(clockTime(1439.7)).toBe('00:00')
  })
})

describe('may I wash today', () => {
  it('sore skin and stitches are the vet’s, and say so before anything else', () => {
    expect(told({ answer: 'vet', why: 'sore' })).toMatchObject({ tone: 'vet', head: 'No bath: ring the vet' })
    expect(told({ answer: 'vet', why: 'stitches' }).why).toContain('Stitches stay dry')
  })
  it('not at night, and with no dryer where a towel will do it says so', () => {
    expect(told({ answer: 'night', from: 360 })).toMatchObject({ head: 'Not at night', tone: 'stop' })
    expect(told({ answer: 'night', from: 360 }).why).toContain('From 06:00')
    expect(told({ answer: 'yes' }).why).toContain('A towel and a warm room will do')
  })
  it('a vet’s own plan is said in the vet’s words', () => {
    const said = sayWash(
      { answer: { answer: 'vet-plan' }, startBy: null },
      { ...who, vetPlan: 'Wash weekly, ten minutes on.' },
    )
    expect(said.why).toBe('Wash weekly, ten minutes on. That comes before anything here.')
  })
  it.each(['felt', 'many', 'mat'] as const)('%s is the groomer’s, and dry until then', (why) => {
    const said = told({ answer: 'groomer', why })
    expect(said).toMatchObject({ tone: 'stop', head: 'Not at home: Imke' })
    expect(said.why).toMatch(/tighten/)
  })
  it('what the comb has not been through comes first, by number or as all of the dog', () => {
    const first = (n: number, she = true) =>
      told(
        {
          answer: 'comb-first',
          places: Array.from({ length: n }, () => 'beard' as const),
          minutes: 12.4,
          tryWater: false,
        },
        { she },
      )
    expect(first(1).head).toBe('Comb one place, then wash')
    expect(first(1).why).toContain('It is')
    expect(first(3).why).toContain('They are')
    expect(first(20, false).head).toBe('Comb him through, then wash')
  })
  it('names the places to comb, and only then', () => {
    expect(
      namesOf({ answer: 'comb-first', places: ['beard', 'armpit'], minutes: 3, tryWater: false }),
    ).toEqual(['beard', 'armpits'])
    expect(namesOf({ answer: 'yes' })).toEqual([])
  })
  it('a yes says by when to start, where drying takes time', () => {
    expect(told({ answer: 'yes' }, {}, 19 * 60).why).toContain('Start by 19:00')
    expect(told({ answer: 'yes' }).why).not.toContain('Start')
  })
  it('a no says when, or with what', () => {
    expect(told({ answer: 'too-late', startBy: 18 * 60 + 30 }).why).toContain('18:30')
    expect(told({ answer: 'too-soon', from: addDays(TODAY, 3) }, { she: false }).why).toMatch(
      /^Washed too often the skin dries\. From .*, unless he is dirty\.$/,
    )
    expect(told({ answer: 'no-dryer' }).head).toBe('Not without a dryer')
    expect(told({ answer: 'wash-first' })).toMatchObject({ tone: 'go', head: 'Wash first' })
  })
})
