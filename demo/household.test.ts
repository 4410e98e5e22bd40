import { describe, expect, it } from 'vitest'
import { planToday } from '../core/plan/today'
import { daysBetween, weekday } from '../core/record/day'
import { entrySchema } from '../core/record/entries'
import { profileSchema } from '../core/record/profile'
import { demoDogs } from './household'
import { neighbours } from './neighbours'

const DAYS = ['2026-11-23', '2026-11-26', '2026-11-29']
const all = (today: string) => [...demoDogs(today), ...neighbours(today).map((n) => n.dog)]

describe.each(DAYS)('the demo’s dogs on %s', (today) => {
  it('are as the record takes dogs, with nothing written of days to come', () => {
    for (const { profile, entries, notes } of all(today)) {
      expect(profileSchema.safeParse(profile).error?.issues).toBe(undefined)
      for (const e of entries) {
        expect(entrySchema.safeParse(e).error?.issues).toBe(undefined)
        expect(e.day <= today).toBe(true)
      }
      expect(new Set(entries.map((e) => e.id)).size).toBe(entries.length)
      if (profile.name !== 'Moss') expect(profile.nextVisit! > today).toBe(true)
      for (const n of notes) expect(n.daysAgo).toBeGreaterThan(0)
    }
  })
  it('begin with one that wants combing today', () => {
    const { profile, entries } = demoDogs(today)[0]!
    const minutes = profile.minutes[weekday(today)]!
    expect(minutes).toBeGreaterThan(10)
    expect(planToday({ profile, entries }, today, minutes).items.length).toBeGreaterThan(4)
  })
})

it('what is true of them changed on its day: a weight, a visit, a jumper, a mole, and one nobody knows', () => {
  const [tansy, wren, pip, moss] = demoDogs(DAYS[0]!)
  expect([tansy!.began.weightKg, tansy!.profile.weightKg]).toEqual([12.2, 13])
  expect(daysBetween(tansy!.began.nextVisit!, tansy!.profile.nextVisit!)).toBe(4)
  expect(wren!.profile.marks).toHaveLength(1)
  expect(wren!.began.marks).toBe(undefined)
  expect(pip!.profile.garments![0]).toMatchObject({ what: 'jumper', hours: 3 })
  const { goingOver } = planToday(moss!, DAYS[0]!, 20)
  expect(goingOver!.met).toBeGreaterThan(5)
  expect(goingOver!.sittings.length).toBeGreaterThan(0)
})

it('their story is the same on whatever day it is told', () => {
  const told = (today: string) =>
    all(today).map((d) => d.entries.map((e) => [daysBetween(e.day, today), e.what.kind]))
  expect(told(DAYS[1]!)).toEqual(told(DAYS[0]!))
})
