import { describe, expect, it } from 'vitest'
import { wantsMinutes } from '#core/plan/day-off'
import { planOn, planToday, pastOf } from '#core/plan/today'
import type { PlaceId } from '#core/coat/regions'
import { addDays } from '#core/record/day'
import { coatOn } from '#core/record/fold'
import { dog, entry, profile } from '../../tests/support/dogs'
import { plural } from './numbers'
import { sayAt, sayToday, sayWhyToday } from './today-head'

/** A Sunday. */
const TODAY = '2026-09-06'
const there = { minutes: 0, total: 0, goneOver: false, pelted: false }

describe('a day with no minutes', () => {
  const since = (days: number) => dog({ since: addDays(TODAY, -days) }, 25)
  const plannedFor = (days: number) => {
    const record = since(days)
    const coat = coatOn(record, TODAY)
    // The stretch's plan has nothing for it.
    return { coat, plan: planOn(coat, 0, pastOf(record, TODAY), []), past: pastOf(record, TODAY), record }
  }

  it('is a day off, never one with nothing to comb', () => {
    const { plan, record } = plannedFor(56)
    expect(plan.items).toEqual([])
    expect(plan.chanceIfLeft).toBeGreaterThan(0.9)
    expect(sayToday(plan, record.profile, there).act).toBe('A day off the table')
    // Somebody found some all the same.
    expect(sayToday(plan, record.profile, { ...there, goneOver: true }).act).toBe('Nothing to comb today')
  })
  it('says so and asks for some, where a mat somewhere is likelier than not', () => {
    const { plan, record, coat, past } = plannedFor(56)
    expect(wantsMinutes(coat, past)).toBe(true)
    const says = sayWhyToday(plan, record.profile, addDays(TODAY, 1), true)
    expect(says).toMatch(/^Sundays have no minutes in your week\. Next on Monday\./)
    expect(says).toMatch(/ Any you find today go where it knots soonest: say below how many\.$/)
  })
  it('lets a coat be that stands well', () => {
    const { coat, past, plan, record } = plannedFor(1)
    expect(wantsMinutes(coat, past)).toBe(false)
    expect(sayWhyToday(plan, record.profile, addDays(TODAY, 1), false)).toMatch(
      /^Next on Monday\. (?!.*Any you find)/,
    )
  })
  it('asks for none of a smooth coat, which has a mitt', () => {
    const record = dog({ coat: 'smooth' }, 12)
    expect(wantsMinutes(coatOn(record, TODAY), pastOf(record, TODAY))).toBe(false)
  })
})

it('the comb begins at a place, behind one or under one', () => {
  expect(['beard', 'behind-ear', 'under-tail'].map((p) => sayAt(p as PlaceId))).toEqual([
    'at the beard',
    'behind the ears',
    'under the tail',
  ])
})

describe('a day with minutes', () => {
  it('is headed by the list, and says why', () => {
    const record = dog({ since: addDays(TODAY, -30) }, 25)
    const plan = planToday(record, TODAY, 40)
    const { act, minutes } = sayToday(plan, record.profile, { ...there, minutes: 40, total: 31.5 })
    expect(plan.items.length).toBeGreaterThan(1)
    expect(act).toBe(`Comb ${plural(plan.items.length, 'place')},`)
    expect(minutes).toBe('31½ minutes')
  })
  it('too few of them is too short', () => {
    const record = dog({ since: addDays(TODAY, -30) }, 25)
    expect(sayToday(planToday(record, TODAY, 3), record.profile, { ...there, minutes: 3 }).act).toBe(
      'Too short for a session',
    )
  })
  it('a coat combed through has nothing to comb', () => {
    const record = dog({}, 25)
    const all = coatOn(record, TODAY).places.map((p) =>
      entry(TODAY, { kind: 'check', region: p.id, finding: 'glides' }),
    )
    const plan = planToday({ ...record, entries: all }, TODAY, 14)
    expect(sayToday(plan, record.profile, { ...there, minutes: 14 }).act).toBe('Nothing to comb today')
  })
  it('a pelt a hand felt is the groomer’s', () => {
    const record = { profile: profile(), entries: [] }
    const plan = planToday(record, TODAY, 14)
    expect(plan.goingOver).not.toBeNull()
    expect(sayToday(plan, record.profile, { ...there, minutes: 14, pelted: true }).act).toBe(
      'To the groomer first',
    )
    expect(sayToday(plan, record.profile, { ...there, minutes: 14 }).act).toBe('A first going-over,')
  })
})
