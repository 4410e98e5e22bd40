import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, everyPart, entry } from '../../tests/support/dogs'
import type { CoatId } from '../coat/coat-types'
import { REGIONS } from '../coat/regions'
import type { Rate } from '../learn/rate'
import { AT_ONCE } from '../plan/best/planner'
import { forecastOf } from '../plan/forecast'
import { outlookOf } from '../plan/outlook'
import { NO_CHOICES } from '../plan/standing'
import { StretchPlanner } from '../plan/stretch'
import { addDays, daysBetween } from '../record/day'
import { coatOn } from '../record/fold'
import { playStretches, spreadOf } from './stretches'
import { careUnits } from '../due/care-units'
import type { Dryer } from '../coat/drying'
import { bathMinutes } from './baths-if'
import { clampTo, farthest, gameOf, keptShare, RANGES, settingsOf, weekOf } from './what-if'

const START = '2026-09-01'
const JUST_ONE: Rate = { shape: 1e7, scales: [1e-7], weights: [1], mean: 1 }
const meanAndError = (list: ArrayLike<number>) => {
  const all = Array.from(list)
  const mean = all.reduce((s, x) => s + x, 0) / all.length
  const spread = all.reduce((s, x) => s + (x - mean) ** 2, 0) / (all.length - 1)
  return { mean, error: Math.sqrt(spread / all.length) }
}

/** The table of the coat model: common practice, no source. Played instead of worked out. */
describe('stretches played', () => {
  const TABLE: [CoatId, number, number, number, number | null, number, number, number][] = [
    ['wool-cross', 12, 13, 42, null, 8.17, 8.17, 0.0],
    ['wool-cross', 12, 13, 42, 7, 1.43, 0.36, 0.698],
    ['wool-cross', 12, 25, 84, 7, 5.98, 0.59, 0.555],
    ['wool', 6, 13, 42, 7, 0.83, 0.21, 0.811],
  ]
  it.each(TABLE)(
    '%s, %d kg at %d mm for %d days, combed every %s',
    (coat, kg, mm, days, every, mats, arriving, free) => {
      const record = dog({ coat, weightKg: kg, since: START }, mm)
      record.entries = [entry(START, { kind: 'visit', lengths: everyPart(mm), found: [] })]
      const to = addDays(START, days)
      const outlook = outlookOf(coatOn(record, START), to)
      const everywhere = outlook.places.map((_, i) => i)
      const sessions = every
        ? Array.from({ length: Math.ceil(days / every) - 1 }, (_, i) => ({
            day: (i + 1) * every,
            places: everywhere,
          }))
        : []
      const out = playStretches(
        { outlook, rates: outlook.places.map(() => JUST_ONE), sessions, missed: 0 },
        0,
        4000,
      )
      const all = meanAndError(out.mats)
      const there = meanAndError(out.arriving)
      // The table clears perfectly; the comb passes one knot in fifty over, worth a few in a hundred.
      expect(Math.abs(all.mean - mats)).toBeLessThan(3 * all.error + 0.05 * mats)
      expect(Math.abs(there.mean - arriving)).toBeLessThan(3 * there.error + 0.06 * arriving)
      const clear = Array.from(out.arriving, (n) => Number(n === 0))
      expect(Math.abs(meanAndError(clear).mean - free)).toBeLessThan(3 * meanAndError(clear).error + 0.03)
    },
  )

  it('agree with the formulas within three standard errors, over a grid of settings', () => {
    for (const coat of ['wool-cross', 'feathered'] as const)
      for (const mm of [13, 25])
        for (const weeks of [4, 8])
          for (const [harnessHours, cared] of [
            [0, false],
            [4, weeks === 8],
          ] as const) {
            const to = addDays(START, weeks * 7)
            const record = dog({ coat, since: START, nextVisit: to, harnessHours }, mm)
            const from = coatOn(record, START)
            const planner = new StretchPlanner(
              { coat: from, choices: NO_CHOICES, fixed: [], care: cared ? careUnits(record, from) : [] },
              AT_ONCE,
              randomLcg(0.4),
            )
            while (planner.advance());
            const { sessions, care } = planner.plan()
            if (cared) expect(care!.length).toBeGreaterThan(10)
            const forecast = forecastOf(from, sessions, to)
            const game = {
              outlook: outlookOf(from, to),
              rates: from.places.map((p) => p.rate),
              sessions: sessions.map((s) => ({
                day: daysBetween(START, s.day),
                places: from.places.flatMap((p, i) => (s.places.includes(p.region.place) ? [i] : [])),
              })),
              missed: 0,
            }
            const out = playStretches(game, 0, 3000)
            const mats = meanAndError(out.mats)
            const minutes = meanAndError(out.minutes)
            const said = `${coat} ${mm} ${weeks} ${harnessHours}`
            expect(Math.abs(mats.mean - forecast.mats), said).toBeLessThan(3 * mats.error)
            expect(Math.abs(minutes.mean - forecast.minutes), said).toBeLessThan(3 * minutes.error)
          }
  }, 60_000)

  it('are the same in slices as at once, and the same again', () => {
    const record = dog({ nextVisit: addDays(START, 28) }, 20)
    const game = gameOf(record, coatOn(record, START), START, settingsOf(record, START))
    const whole = spreadOf([playStretches(game, 0, 200)])
    expect(spreadOf([playStretches(game, 0, 90), playStretches(game, 90, 200)])).toEqual(whole)
    expect(whole.counts[0] + whole.counts[1] + whole.counts[2]).toBe(200)
    expect(whole.minutes.low).toBeLessThanOrEqual(whole.minutes.high)
  })

  it('differ by what was set and not by luck: missing sessions never helps', () => {
    const record = dog({ nextVisit: addDays(START, 56) }, 20)
    const settings = settingsOf(record, START)
    const played = (missed: number) =>
      playStretches({ ...gameOf(record, coatOn(record, START), START, settings), missed }, 0, 400)
    const [kept, half] = [spreadOf([played(0)]), spreadOf([played(0.5)])]
    expect(half.mats).toBeGreaterThan(kept.mats)
    expect(half.minutes.mean).toBeLessThan(kept.minutes.mean)
  })
})

describe('asking what if', () => {
  const record = dog({ nextVisit: addDays(START, 56), harnessHours: 2 }, 20)
  const now = coatOn(record, START)

  it('long ears cost minutes that short ones save, by themselves', () => {
    const settings = { ...settingsOf(record, START), missed: 0 }
    const mats = (ears: number) =>
      spreadOf([playStretches(gameOf(record, now, START, { ...settings, ears }), 0, 400)])
    const [short, long] = [mats(5), mats(60)]
    expect(long.minutes.mean + 100 * long.mats).toBeGreaterThan(short.minutes.mean + 100 * short.mats)
  })
  it('baths cost by how often and by the dryer', () => {
    const every = (weeks: number, dryer: Dryer) => bathMinutes(record, now, { every: weeks, dryer }, 8)
    expect(every(4, 'forced').times).toBe(2)
    expect(every(4, 'forced').minutes).toBeCloseTo(2 * every(8, 'forced').minutes, 9)
    expect(every(4, 'household').drying).toBeGreaterThan(2 * every(4, 'forced').drying)
    expect(every(4, 'none').each).toBeGreaterThan(every(4, 'forced').each)
  })
  it('starts from how the dog lives', () => {
    expect(settingsOf(record, START)).toEqual({
      mm: 20,
      ears: 30,
      weeks: 8,
      minutes: 100,
      harnessHours: 2,
      jumperHours: 0,
      swims: 0,
      missed: 0.1,
    })
    expect(clampTo('mm', 200)).toBe(40)
    expect(weekOf([0, 0, 0, 0, 0, 0, 0], 30)).toEqual([0, 0, 0, 0, 0, 30, 0])
    expect(weekOf([10, 0, 0, 0, 0, 30, 0], 80)).toEqual([20, 0, 0, 0, 0, 60, 0])
    expect(REGIONS.length).toBe(41)
  })

  it('takes each within what can be asked for, by its steps', () => {
    const asked = (key: keyof typeof RANGES) => [-5, 1000, 3.26].map((v) => clampTo(key, v))
    expect(
      Object.fromEntries((Object.keys(RANGES) as (keyof typeof RANGES)[]).map((k) => [k, asked(k)])),
    ).toEqual({
      mm: [6, 40, 6],
      ears: [3, 80, 3],
      weeks: [3, 12, 3],
      minutes: [0, 200, 0],
      harnessHours: [0, 8, 3],
      jumperHours: [0, 12, 3],
      swims: [0, 4, 3],
      missed: [0, 0.5, 0.5],
    })
    expect([clampTo('missed', 0.26), clampTo('minutes', 14)]).toEqual([0.3, 10])
  })
  it('counts weeks from the last visit to the next, eight where none is booked; a day takes four hours at most', () => {
    const weeks = (nextVisit?: string) =>
      settingsOf(dog(nextVisit ? { nextVisit } : {}, 20), addDays(START, 3)).weeks
    expect([
      weeks(),
      weeks(addDays(START, 35)),
      weeks(addDays(START, 39)),
      weeks(addDays(START, -7)),
    ]).toEqual([8, 5, 6, 8])
    expect(weekOf([10, 0, 0, 0, 0, 30, 0], 800)).toEqual([200, 0, 0, 0, 0, 240, 0])
    // Nobody has been there: as coats like it usually are.
    const { profile } = dog()
    expect(settingsOf({ profile, entries: [] }, START)).toMatchObject({ mm: 20, ears: 30 })
  })
  it('spreads what was played: none, one or more, and eight in ten of the minutes', () => {
    const part = (mats: number[], arriving: number[], minutes: number[]) => ({
      mats: Int16Array.from(mats),
      arriving: Int16Array.from(arriving),
      minutes: Float32Array.from(minutes),
    })
    const ten = [10, 20, 30, 40, 50, 60, 70, 80, 90, 100]
    const spread = spreadOf([
      part([0, 1, 2, 5, 0], [0, 1, 0, 2, 0], ten.slice(0, 5)),
      part([0, 0, 1, 0, 0], [0, 0, 0, 0, 0], ten.slice(5)),
    ])
    expect(spread).toEqual({
      runs: 10,
      counts: [6, 2, 2],
      clear: 8,
      mats: 0.9,
      minutes: { mean: 55, low: 20, high: 100, sample: ten },
    })
    expect(keptShare(spread)).toBe(0.8)
    const none = spreadOf([])
    expect([none.runs, none.mats, none.minutes.mean, none.minutes.low, keptShare(none)]).toEqual([
      0, 0, 0, 0, 1,
    ])
    const many = spreadOf([
      part(Array(90).fill(0) as number[], Array(90).fill(0) as number[], Array(90).fill(5) as number[]),
    ])
    expect(many.minutes.sample).toHaveLength(60)
  })
  it('begins from what is agreed for the next cut, place by place, until something else is asked', () => {
    const at = addDays(START, 20)
    const wish = entry(addDays(START, 5), {
      kind: 'wish',
      lines: [
        { part: 'body', mm: 12 },
        { part: 'ears', mm: 9 },
        { place: 'armpit', mm: 2 },
      ],
    })
    const yes = entry(addDays(START, 6), {
      kind: 'wish-answer',
      wish: wish.id,
      from: 'Imke',
      lines: [
        { part: 'body', how: 'will' },
        { part: 'ears', how: 'will' },
        { place: 'armpit', how: 'will' },
      ],
    })
    const agreed = { ...record, entries: [...record.entries, wish, yes] }
    const asked = { ...record, entries: [...record.entries, wish] }
    expect(settingsOf(agreed, at)).toMatchObject({ mm: 12, ears: 9 })
    expect(settingsOf(asked, at)).toEqual(settingsOf(record, at))
    const combs = (settings: object, id: string) => {
      const game = gameOf(agreed, coatOn(agreed, at), at, { ...settingsOf(agreed, at), ...settings })
      return game.outlook.places.find((p) => p.id === id)!.comb[0]!
    }
    // Two millimetres in the armpits, nine of ears; another length of body is asked of all of it.
    expect(combs({}, 'armpit.left')).toBeLessThan(0.6 * combs({ mm: 13 }, 'armpit.left'))
    expect(combs({}, 'ear.left')).toBeLessThan(combs({ ears: 40 }, 'ear.left'))
    expect(combs({ ears: 40 }, 'armpit.left')).toBe(combs({}, 'armpit.left'))
  })

  it('answers backwards: the edge keeps the coat and one step beyond does not', () => {
    const settings = { ...settingsOf(record, START), missed: 0 }
    const keeps = (more: Partial<typeof settings>) => {
      const game = gameOf(record, now, START, { ...settings, ...more })
      return keptShare(spreadOf([playStretches(game, 0, 1500)])) >= 0.487
    }
    const mm = farthest(record, now, START, settings, 'mm', 0.5)!
    expect(mm).toBeGreaterThanOrEqual(6)
    expect(mm).toBeLessThan(40)
    expect(keeps({ mm })).toBe(true)
    expect(keeps({ mm: mm + 1 })).toBe(false)
    const weeks = farthest(record, now, START, settings, 'weeks', 0.5)!
    expect(keeps({ weeks })).toBe(true)
    const minutes = farthest(record, now, START, { ...settings, weeks: 4 }, 'minutes', 0.5)!
    expect(keeps({ weeks: 4, minutes })).toBe(true)
    expect(farthest(record, now, START, { ...settings, mm: 40, weeks: 12 }, 'minutes', 0.9)).toBe(null)
  }, 60_000)
})
