import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { careUnits } from '../due/care-units'
import { addDays } from '../record/day'
import type { Entry, Planned, PlannedCare } from '../record/entries'
import { coatOn } from '../record/fold'
import { SETUP_MINUTES } from '../coat/minutes'
import { minutesFor, NO_CHOICES, secondLayingOut, standingPlan } from './standing'
import type { StretchPlan } from './standing'
import { askedOf, StretchPlanner } from './stretch'

const AT = '2026-09-10'
const QUICK = { rounds: 60, whole: 20, starts: 2, cells: 30_000, refills: 2, steps: 40, within: 1000 }
const on = (n: number, places: Planned['places'], pinned = false): Planned => ({
  day: addDays(AT, n),
  places,
  pinned,
})
const care = (n: number, unit: PlannedCare['unit'], pinned = false): PlannedCare => ({
  day: addDays(AT, n),
  unit,
  pinned,
})
const plan = (more: Partial<StretchPlan> = {}): StretchPlan => ({
  kind: 'plan',
  to: addDays(AT, 42),
  choices: { ...NO_CHOICES, matWorth: 77 },
  sessions: [],
  care: [],
  basis: '',
  ...more,
})
const merle = (...entries: Entry[]) =>
  dog({ nextVisit: addDays(AT, 42), habits: { setting: 'scissors' } }, 20, entries)
const glide = (region: 'beard' | 'tail') => entry(AT, { kind: 'check', region, finding: 'glides' })
const ask = (standing: StretchPlan | null, hold = false, entries: Entry[] = [], brought?: number) => {
  const record = merle(...entries)
  const coat = coatOn(record, AT)
  const units = careUnits(record, coat)
  return brought === undefined
    ? askedOf(coat, standing, hold, units)
    : askedOf(coat, standing, hold, units, brought)
}

describe('what planning anew starts from and holds on to', () => {
  it('nothing stood: the usual choices, no start, nothing held', () => {
    expect(ask(null)).toMatchObject({ choices: NO_CHOICES, fixed: [], fixedCare: [], brought: 0 })
    expect(ask(null)).not.toHaveProperty('start')
    expect(ask(null, false, [], 4).brought).toBe(4)
  })
  it('what is pinned stays, from today on; the rest is where it begins from', () => {
    const sessions = [on(-2, ['tail'], true), on(0, ['beard']), on(3, ['tail'], true), on(5, ['back'])]
    const asked = ask(plan({ sessions, care: [care(-1, 'face'), care(2, 'face', true), care(4, 'bath')] }))
    expect(asked.fixed).toEqual([on(3, ['tail'], true)])
    expect(asked.start).toEqual(sessions.slice(1))
    expect(asked.startCare).toEqual([care(2, 'face', true), care(4, 'bath')])
    expect(asked.fixedCare).toEqual([care(2, 'face', true)])
    expect(asked.choices.matWorth).toBe(77)
    // Today's too, where it was put there.
    expect(ask(plan({ sessions: [on(0, ['beard'], true)] })).fixed).toEqual([on(0, ['beard'], true)])
  })
  it('a day that is begun keeps what of it is still to do, its care with it; held it does unbegun', () => {
    const today = plan({
      sessions: [on(0, ['beard', 'tail'], true)],
      care: [care(0, 'face'), care(3, 'bath')],
    })
    const begun = ask(today, false, [glide('beard')])
    expect(begun.fixed).toEqual([on(0, ['tail'], true)])
    expect(begun.fixedCare).toEqual([care(0, 'face')])
    const held = ask(plan({ sessions: [on(0, ['beard', 'tail'])], care: [care(0, 'face')] }), true)
    expect(held.fixed).toEqual([on(0, ['beard', 'tail'])])
    expect(held.fixedCare).toEqual([care(0, 'face')])
    // Nothing was planned for today: held it stays a day off.
    expect(ask(plan(), true).fixed).toEqual([on(0, [])])
    const unbegun = ask(plan({ sessions: [on(0, ['beard', 'tail'])], care: [care(0, 'face')] }))
    expect([unbegun.fixed, unbegun.fixedCare]).toEqual([[], []])
  })
  it('care done today is over, pinned or not', () => {
    const done = entry(AT, {
      kind: 'tidy',
      tidy: 'face',
      parts: [{ part: 'eye-corner.left', did: 'done', how: 'cut' }],
    })
    const looked = entry(AT, { kind: 'tidy', tidy: 'look-over' })
    const standing = plan({ care: [care(0, 'look-over', true), care(5, 'look-over', true)] })
    expect(ask(standing, true, [looked, done]).fixedCare).toEqual([care(5, 'look-over', true)])
    expect(ask(standing, true).fixedCare).toEqual(standing.care)
  })
  it('a plan from before care had its minutes leaves a day that is begun free', () => {
    const { care: _care, ...old } = plan({ sessions: [on(0, ['beard', 'tail'])] })
    expect(ask(old, false, [glide('beard')]).fixed).toEqual([])
  })
  it('a coat nobody knows is met first: those days are for that, but for what is pinned', () => {
    const record = { profile: profile({ since: AT, minutes: Array(7).fill(30) as number[] }), entries: [] }
    const coat = coatOn(record, AT)
    const days = askedOf(coat, null, false).fixed
    expect(days.length).toBeGreaterThan(1)
    expect(days[0]!.day).toBe(AT)
    const pinned = askedOf(coat, plan({ sessions: [on(1, ['beard'], true)] }), false).fixed
    expect(pinned.filter((s) => s.day === addDays(AT, 1))).toEqual([on(1, ['beard'], true)])
  })
})

describe('how far a plan is from the best', () => {
  const coat = coatOn(merle(), AT)
  const units = careUnits(merle(), coat)
  const planner = new StretchPlanner(askedOf(coat, null, false, units), QUICK, randomLcg(0.3))
  while (planner.advance());
  const best = planner.plan()
  it('is to a thousandth, and as much as it costs more: nothing done until the eve is far from it', () => {
    expect(planner.gapOf(best.sessions, best.care)).toBe(best.gap)
    const eve = best.sessions.filter((s) => s.day === addDays(AT, 41))
    const idle = planner.gapOf(
      eve,
      best.care!.filter((c) => c.day === addDays(AT, 41)),
    )!
    expect(idle).toBeGreaterThan(0.2)
    expect(idle).toBeLessThan(1)
    expect(Math.round(idle * 1000)).toBeCloseTo(idle * 1000, 9)
    // Care that is left out is late, and that costs.
    expect(planner.gapOf(best.sessions)!).toBeGreaterThan(best.gap!)
  })
  it('of one that breaks its rules there is none', () => {
    const all = best.sessions.filter((s) => s.day !== addDays(AT, 41))
    expect(planner.gapOf(all, best.care)).toBeNull()
    expect(planner.gapOf([...best.sessions, on(60, ['beard'])], best.care)).toBeNull()
    expect(planner.gapOf(best.sessions, [...best.care!, care(60, 'face')])).toBeNull()
    const crowded = best.sessions.map((s, i) => (i ? s : { ...s, places: best.sessions.at(-1)!.places }))
    expect(planner.gapOf(crowded, best.care)).toBeNull()
  })
  it('a plan begins from the one that stood, and gives way only to what is clearly better', () => {
    const again = (start: Planned[], startCare: PlannedCare[] = []) => {
      const next = new StretchPlanner(
        { ...askedOf(coat, null, false, units), start, startCare },
        QUICK,
        randomLcg(0.3),
      )
      while (next.advance());
      return next
    }
    const same = again(best.sessions, best.care)
    expect(same.startCost).toBeCloseTo(planner.cost, 6)
    expect(same.cost).toBeLessThanOrEqual(same.startCost + 1e-9)
    expect(same.worthChanging).toBe(false)
    const eve = best.sessions.filter((s) => s.day === addDays(AT, 41))
    const idle = again(
      eve,
      best.care!.filter((c) => c.day === addDays(AT, 41)),
    )
    expect(idle.startCost).toBeGreaterThan(planner.cost)
    expect(idle.worthChanging).toBe(true)
    // What the owner knows stays but for that, with what is proven of it by now; what nobody knows does not.
    const looser = { ...best, gap: 0.5 }
    expect(same.settled(looser, true)).toEqual({ ...best, gap: same.gapOf(best.sessions, best.care) })
    expect(same.settled({ ...looser, sessions: eve }, false)).toEqual(same.plan())
    expect(idle.settled({ ...looser, sessions: eve, care: [] }, true)).toEqual(idle.plan())
    // One that breaks the rules is none to begin from.
    expect(again([]).startCost).toBe(Infinity)
  })
})

describe('minutes of a day', () => {
  const week = profile({ minutes: [12, 0, 0, 0, 0, 0, 0] })
  /** A Monday. */
  const monday = '2026-09-07'
  const of = (brought: number, more = {}) =>
    minutesFor({ profile: { ...week, ...more }, bears: Infinity }, NO_CHOICES, monday, brought)
  it('are less what bringing hard places along takes, and never less than none', () => {
    expect([of(0), of(4), of(20)]).toEqual([12, 8, 0])
    expect(of(0, { condition: ['tires-soon'], minutes: [40, 0, 0, 0, 0, 0, 0] })).toBe(10)
    // What it bears is beside the laying out.
    expect(minutesFor({ profile: week, bears: 5 }, NO_CHOICES, monday)).toBe(9)
  })
  it('in two sittings are twice what the dog bears, less a second laying out, where that is more', () => {
    const twice = (minutes: number, bears: number) =>
      minutesFor(
        { profile: { ...week, habits: { sittings: 'twice' }, minutes: [minutes, 0, 0, 0, 0, 0, 0] }, bears },
        NO_CHOICES,
        monday,
      )
    // Two of nine minutes each, of which four are to lay out.
    expect([40, 18, 15, 12, 9, 6].map((m) => twice(m, 5))).toEqual([14, 14, 11, 9, 9, 6])
    // One sitting holds it all.
    expect(twice(40, Infinity)).toBe(40)
    const again = (minutes: number, sittings: 'once' | 'twice') =>
      secondLayingOut({ profile: { ...week, habits: { sittings } }, bears: 5 }, NO_CHOICES, minutes)
    expect([again(14, 'twice'), again(10, 'twice'), again(14, 'once')]).toEqual([SETUP_MINUTES, 0, 0])
  })
  it('a plan of the same moment gives way to the one with the later name', () => {
    const made = (id: string, matWorth: number) =>
      entry(
        AT,
        plan({ choices: { ...NO_CHOICES, matWorth }, knows: '03000000-0000-7000-8000-000000000009' }),
        { id },
      )
    const [a, b] = [
      made('02000000-0000-7000-8000-000000000001', 50),
      made('02000000-0000-7000-8000-000000000002', 60),
    ]
    for (const entries of [
      [a, b],
      [b, a],
    ])
      expect(standingPlan({ ...merle(), entries })!.choices.matWorth).toBe(60)
  })
})
