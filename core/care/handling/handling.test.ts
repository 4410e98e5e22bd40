import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { addDays } from '../../record/day'
import { COMFORT_IDS } from '../../record/findings'
import type { Comfort } from '../../record/findings'
import { afterDay, EASY_DAYS, FIRST, handlingMinutes, handlingToday, hardPlaces, wayOf } from './handling'
import { HANDLING_STEPS, stepsOf, TABLE_STEPS } from './ladders'
import { LEARNT_TOOLS } from '../../record/ladders'
import { HANDLINGS } from '../../record/habits'
import { AT_PROTEST, schoolNow } from './protest'

const START = '2026-09-02'
const anySteps = fc.constantFrom(HANDLING_STEPS.length, TABLE_STEPS.length)
const handled = (day: number, went: Comfort, more = {}) =>
  entry(addDays(START, day), { kind: 'handling', place: 'forefoot', step: 0, went, ...more })

describe('bringing a place along', () => {
  it('three easy days move up, one stop moves back, never two steps at once', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...COMFORT_IDS), { maxLength: 60 }), anySteps, (days, steps) => {
        let at = FIRST
        let easy = 0
        for (const went of days) {
          const next = afterDay(at, went, steps)
          expect(Math.abs(next.step - at.step)).toBeLessThanOrEqual(1)
          expect(next.step).toBeGreaterThanOrEqual(0)
          expect(next.step).toBeLessThan(steps)
          easy = went === 'easy' ? easy + 1 : 0
          if (next.step > at.step) expect(easy).toBeGreaterThanOrEqual(EASY_DAYS)
          if (went === 'stopped') expect(next.step).toBe(Math.max(0, at.step - 1))
          at = next
        }
      }),
    )
  })
  it('arrives after three easy days at every step, and not before', () => {
    const days = (n: number) =>
      Array.from({ length: n }, (): Comfort => 'easy').reduce((at, went) => afterDay(at, went), FIRST)
    expect(days(EASY_DAYS * HANDLING_STEPS.length).arrived).toBe(true)
    expect(days(EASY_DAYS * HANDLING_STEPS.length - 1).arrived).toBe(false)
  })
  it('fidgety stays where it is and begins its easy days again; what had arrived and went badly is at work again', () => {
    const there = { step: 2, easyDays: 2, arrived: true }
    expect(afterDay(there, 'fidgety')).toEqual({ step: 2, easyDays: 0, arrived: false })
    expect(afterDay(there, 'stopped')).toEqual({ step: 1, easyDays: 0, arrived: false })
    expect(afterDay(FIRST, 'easy')).toEqual({ step: 0, easyDays: 1, arrived: false })
    const last = { step: HANDLING_STEPS.length - 1, easyDays: 2, arrived: false }
    const arrived = { step: HANDLING_STEPS.length - 1, easyDays: 3, arrived: true }
    expect(afterDay(last, 'easy')).toEqual(arrived)
    expect(afterDay(arrived, 'easy')).toEqual(arrived)
  })
  it('a day counts once, at its worst', () => {
    const facts = [
      ...[0, 1, 2].flatMap((d) => [handled(d, 'easy'), handled(d, 'easy')]),
      handled(3, 'easy'),
      handled(3, 'stopped'),
    ].map((e) => ({
      day: e.day,
      what: e.what as { kind: 'handling'; place: 'forefoot'; step: number; went: Comfort },
    }))
    expect(wayOf(facts.slice(0, 6))).toMatchObject({ step: 1, easyDays: 0 })
    expect(wayOf(facts)).toMatchObject({ step: 0 })
  })
})

describe('places that are hard', () => {
  const refused = entry(addDays(START, 1), { kind: 'check', region: 'hindfoot.left', finding: 'refused' })
  it('are those refused, then those the owner named', () => {
    const record = dog({ hard: ['forefoot'] }, 20, [refused])
    expect(hardPlaces(record, addDays(START, 2)).map((h) => [h.place, h.why])).toEqual([
      ['hindfoot', 'refused'],
      ['forefoot', 'said'],
    ])
  })
  it('two minutes a day each; none once it is done, none where the dog snapped', () => {
    const record = dog({ hard: ['forefoot'] })
    const on = (day: number, entries = record.entries) =>
      handlingToday(hardPlaces({ ...record, entries }, addDays(START, day)))[0]?.place ?? null
    expect(on(0)).toBe('forefoot')
    expect(on(0, [...record.entries, handled(0, 'easy')])).toBeNull()
    expect(on(1, [...record.entries, handled(0, 'easy')])).toBe('forefoot')
    expect(on(1, [...record.entries, handled(0, 'stopped', { snapped: true })])).toBeNull()
  })
  it('those left longest come first, and of those never touched the first named', () => {
    const on = (day: number, place: string) => handled(day, 'easy', { place })
    const record = dog({ hard: ['forefoot', 'hindfoot', 'tail'] }, 20, [on(3, 'forefoot'), on(1, 'tail')])
    const order = (day: number) => handlingToday(hardPlaces(record, addDays(START, day))).map((h) => h.place)
    expect(order(0)).toEqual(['forefoot', 'hindfoot'])
    expect(order(2)).toEqual(['forefoot', 'hindfoot'])
    expect(order(4)).toEqual(['hindfoot', 'tail'])
    // One done today leaves one.
    expect(order(3)).toEqual(['hindfoot'])
  })
  it('four are all touched within a week, two a day, and what has arrived gives way', () => {
    const four = ['forefoot', 'hindfoot', 'tail', 'beard'] as const
    let record = dog({ hard: [...four] })
    const touched: string[][] = []
    for (let day = 0; day < 7; day++) {
      const now = handlingToday(hardPlaces(record, addDays(START, day)))
      expect(handlingMinutes(hardPlaces(record, addDays(START, day)))).toBe(4)
      touched.push(now.map((h) => h.place))
      const done = now.map(({ place }) => handled(day, 'easy', { place }))
      record = { ...record, entries: [...record.entries, ...done] }
      expect(handlingToday(hardPlaces(record, addDays(START, day)))).toEqual([])
    }
    for (const day of touched) expect(day).toHaveLength(2)
    for (const place of four) expect(touched.flat().filter((p) => p === place).length).toBeGreaterThan(2)
    const days = EASY_DAYS * HANDLING_STEPS.length
    const arrived = four
      .slice(0, 3)
      .flatMap((place) => Array.from({ length: days }, (_, d) => handled(d, 'easy', { place })))
    const later = hardPlaces({ ...record, entries: arrived }, addDays(START, days))
    expect(handlingToday(later).map((h) => h.place)).toEqual(['beard'])
    expect(handlingMinutes(later)).toBe(2)
  })
  it('the table is learned by itself once the owner says so, in four steps', () => {
    const learning = dog()
    expect(hardPlaces(learning, START)).toEqual([])
    learning.profile.habits = { tableToLearn: true }
    expect(hardPlaces(learning, START).map((h) => h.place)).toEqual(['table'])
    const days = EASY_DAYS * TABLE_STEPS.length
    const entries = Array.from({ length: days }, (_, d) => handled(d, 'easy', { place: 'table' }))
    expect(hardPlaces({ ...learning, entries }, addDays(START, days))).toEqual([])
    expect(hardPlaces({ ...learning, entries: entries.slice(1) }, addDays(START, days))[0]).toMatchObject({
      step: 3,
      easyDays: 2,
    })
  })
  it('tools and their noise are brought along beside places, each by steps of its own, two ladders a day', () => {
    for (const tool of LEARNT_TOOLS) {
      expect(stepsOf(tool).length).toBeGreaterThan(4)
      // A record keeps steps to the seventh.
      expect(stepsOf(tool).length).toBeLessThanOrEqual(7)
      expect(new Set(stepsOf(tool)).size).toBe(stepsOf(tool).length)
    }
    // What makes a noise is met silent, then heard from away, before it comes near.
    for (const tool of ['clipper', 'dryer'] as const) {
      const [off, against, far] = stepsOf(tool)
      expect(`${off} ${against}`).toMatch(/off.*off/)
      expect(far).toMatch(/running, (across|in the next)/)
    }
    const record = dog({ hard: ['forefoot', 'tail'], habits: { learns: ['clipper', 'dryer'] } })
    expect(hardPlaces(record, START).map((h) => h.place)).toEqual(['forefoot', 'tail', 'clipper', 'dryer'])
    let entries = record.entries
    const touched = new Map<string, number>()
    for (let day = 0; day < 21; day++) {
      const now = handlingToday(hardPlaces({ ...record, entries }, addDays(START, day)))
      expect(now).toHaveLength(2)
      for (const { place, step } of now) {
        touched.set(place, (touched.get(place) ?? 0) + 1)
        entries = [...entries, handled(day, 'easy', { place, step })]
      }
    }
    for (const place of ['forefoot', 'tail', 'clipper', 'dryer'])
      expect(touched.get(place)).toBeGreaterThanOrEqual(10)
    const after = hardPlaces({ ...record, entries }, addDays(START, 21))
    for (const h of after) expect(h.step).toBe(Math.floor(touched.get(h.place)! / EASY_DAYS))
  })
  it('the schools differ in what is done when the dog minds; a hurt one is never held through it', () => {
    expect(new Set(HANDLINGS.map((s) => AT_PROTEST[s].calm)).size).toBe(HANDLINGS.length)
    for (const school of HANDLINGS) {
      expect(AT_PROTEST[school].says).toMatch(/calm|still/)
      expect(schoolNow(school, true)).toBe('come-back')
      expect(schoolNow(school, false)).toBe(school)
    }
    expect(AT_PROTEST[schoolNow('hold-still', true)].leaves).toBe(true)
  })
})
