import { randomLcg } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { anyFact } from '../../tests/support/facts'
import { garmentFactor } from '../coat/exposure'
import { suggestVisit } from '../care/note/next-visit'
import type { VisitEntry } from '../care/note/next-visit'
import { AT_ONCE } from '../plan/best/planner'
import { forecastOf } from '../plan/forecast'
import { minutesFor, NO_CHOICES } from '../plan/standing'
import { StretchPlanner } from '../plan/stretch'
import { planToday } from '../plan/today'
import { longestFor } from './condition'
import type { ConditionId } from './condition'
import { addDays } from './day'
import type { Entry, FactOf } from './entries'
import { assess, assessEach, coatOn } from './fold'
import type { DogRecord } from './fold'
import { garmentHours } from './garments'
import { profileSchema } from './profile'
import { differs, withoutDays } from './told-anew'
import { become, profileOn } from './truths'
import { learnedGrowth } from './learned'

const START = '2026-09-01'
const on = (day: number) => addDays(START, day)
const becomes = (day: number, what: Omit<FactOf<'dog'>, 'kind'>) => entry(on(day), { kind: 'dog', ...what })
/** The record as it is told later: with what became true, the profile as it is now. */
const later = (record: DogRecord, ...more: Entry[]): DogRecord => {
  const entries = [...record.entries, ...more]
  return { began: record.profile, profile: profileOn(record.profile, entries), entries }
}
const mats = (r: DogRecord, day: number) =>
  Object.fromEntries(Object.entries(assess(r, on(day)).regions).map(([id, s]) => [id, s.unseen[2]]))

it('what works is told by owner and groomer, the later one of a place, and taken back with its visit', () => {
  const visit = entry(on(9), {
    kind: 'visit',
    lengths: {},
    found: [],
    works: [{ place: 'hindfoot', position: 'lying' }],
  })
  const told = [
    becomes(2, {
      works: [
        { place: 'hindfoot', first: 'left' },
        { place: 'beard', hold: 'chin hair' },
      ],
    }),
    visit,
  ]
  const works = (...entries: Entry[]) => profileOn(profile(), entries).works
  expect(works(...told)).toEqual([
    { place: 'beard', hold: 'chin hair' },
    { place: 'hindfoot', position: 'lying' },
  ])
  const back = entry(on(10), { kind: 'correction', replaces: visit.id, by: null })
  expect(works(...told, back)?.[0]).toEqual({ place: 'hindfoot', first: 'left' })
  expect(profileOn(profile(), told, on(8)).works).toHaveLength(2)
})

describe('what is true from a day', () => {
  const before = dog({ harnessHours: 4 })
  it('weighed today: last month’s figures stay to the digit', () => {
    const after = later(before, becomes(40, { weightKg: 16 }))
    expect(assessEach(after, START, on(39))).toEqual(assessEach(before, START, on(39)))
    expect(coatOn(after, on(40)).minutesOf(coatOn(after, on(40)).places[0]!)).toBeGreaterThan(
      coatOn(before, on(40)).minutesOf(coatOn(before, on(40)).places[0]!),
    )
    expect(mats(after, 50)).not.toEqual(mats(before, 50))
  })
  it('put in for three weeks ago: it changes them from that day, whenever it arrives', () => {
    const after = later(before, becomes(19, { weightKg: 16 }))
    expect(assessEach(after, START, on(19))).toEqual(assessEach(before, START, on(19)))
    expect(mats(after, 20)['armpit.left']!).toBeGreaterThan(mats(before, 20)['armpit.left']!)
  })
  it('a docked tail leaves forty places, and one taken back has it again', () => {
    const docked = becomes(10, { absent: ['tail'] })
    const after = later(before, docked)
    expect(Object.keys(assess(after, on(9)).regions)).toHaveLength(41)
    expect(Object.keys(assess(after, on(10)).regions)).toHaveLength(40)
    const back = entry(on(10), { kind: 'correction', replaces: docked.id, by: null })
    expect(assess(later(before, docked, back), on(30))).toEqual(assess(before, on(30)))
  })
  it('a harness that was sold stops rubbing that day', () => {
    const born = (r: DogRecord, day: number) => {
      const coat = coatOn(r, on(day))
      return coat.bornToday()[coat.places.findIndex((p) => p.id === 'girth')]!
    }
    const after = later(before, becomes(30, { harnessHours: 0 }))
    expect(born(after, 29)).toBe(born(before, 29))
    expect(born(after, 30)).toBeCloseTo(born(before, 30) / 2, 12)
  })
  it('two hours of jumper are less than eight; eight are the day; out of its months it rubs nothing', () => {
    const worn = (hours: number) => ({ garments: [{ what: 'jumper', from: 10, to: 3, hours }] })
    const sum = (hours: number) =>
      Object.values(mats(later(before, becomes(30, worn(hours))), 100)).reduce((s, x) => s + x, 0)
    expect([sum(0) < sum(2), sum(2) < sum(8), sum(8)]).toEqual([true, true, sum(20)])
    expect([garmentFactor(0), garmentFactor(2), garmentFactor(8)]).toEqual([1, 1.25, 2])
    expect([9, 10, 12, 1, 3, 4].map((m) => garmentHours(worn(5), m))).toEqual([0, 5, 5, 5, 5, 0])
    // Told for a day, that day is as it was told.
    const bare = entry(on(30), { kind: 'gear', gear: 'coat', hours: 0 })
    expect(mats(later(before, becomes(30, worn(8)), bare), 31)).toEqual(mats(before, 31))
  })
  it('a winter of jumpers moves the forecast, the plan and the next visit', () => {
    const winter = { garments: [{ what: 'jumper', from: 10, to: 3, hours: 8 }] }
    const visit = entry(on(60), {
      kind: 'visit',
      lengths: { body: 20, legs: 25, head: 20, ears: 30, tail: 40 },
      found: [],
    })
    const [bare, worn] = [[], [becomes(59, winter)]].map((more) =>
      later(dog({ minutes: [0, 0, 20, 0, 0, 20, 0] }), visit, ...more),
    )
    const end = (r: DogRecord) => {
      const coat = coatOn(r, on(62))
      const plan = new StretchPlanner({ coat, choices: NO_CHOICES, fixed: [] }, AT_ONCE, randomLcg(0.5))
      while (plan.advance());
      return { coat, sessions: plan.plan().sessions }
    }
    const [a, b] = [end(bare!), end(worn!)]
    const likely = ({ coat, sessions }: typeof a) => forecastOf(coat, sessions, on(110)).before.at(-1)!
    expect(likely({ coat: b.coat, sessions: a.sessions })).toBeGreaterThan(likely(a))
    expect(b.sessions).not.toEqual(a.sessions)
    const weeks = (r: DogRecord) => suggestVisit(r, visit as VisitEntry)
    expect(weeks(worn!).day <= weeks(bare!).day).toBe(true)
    expect(weeks(worn!)).not.toEqual(weeks(bare!))
  })
  it('a condition shortens the session it is asked for, the hardest of them first', () => {
    expect(longestFor([])).toBe(Infinity)
    expect(longestFor(['does-not-see'])).toBe(Infinity)
    expect(longestFor(['weak-behind'])).toBe(15)
    expect(longestFor(['weak-behind', 'tires-soon'])).toBe(10)
    const old = (condition: ConditionId[]) =>
      minutesFor({ profile: profile({ condition }), bears: Infinity }, NO_CHOICES, '2026-11-28')
    expect([old([]), old(['weak-behind']), old(['tires-soon'])]).toEqual([40, 15, 10])
  })
  it('what works here: the side that is to come first does', () => {
    const [left, right] = [
      before,
      later(before, becomes(1, { works: [{ place: 'armpit', first: 'right' }] })),
    ].map((r) => planToday(r, on(20), 240).items.find((i) => i.place === 'armpit')!.regions)
    expect([left, right]).toEqual([
      ['armpit.left', 'armpit.right'],
      ['armpit.right', 'armpit.left'],
    ])
  })
  it('a pup’s coat becomes another: from that day it tightens and grows as that one does', () => {
    const pup = dog({ coat: 'drop' })
    const after = later(pup, becomes(20, { coat: 'wool' }))
    expect(assess(after, on(20)).regions).toEqual(assess(pup, on(20)).regions)
    expect(learnedGrowth(coatOn(after, on(20))).prior).toBe(0.35)
    expect(mats(after, 30)).not.toEqual(mats(pup, 30))
  })
  it('whatever the order of arrival of facts about the dog and checks, the coat is the same', () => {
    const facts = fc.array(
      fc.tuple(
        anyFact.filter((f) => ['dog', 'hand', 'check', 'gear', 'wet'].includes(f.kind)),
        fc.nat({ max: 30 }),
      ),
      { maxLength: 14 },
    )
    fc.assert(
      fc.property(facts, fc.infiniteStream(fc.nat()), (list, order) => {
        const entries = list.map(([what, day]) => entry(on(day), what))
        const shuffled = entries
          .map((e) => ({ e, at: order.next().value as number }))
          .sort((a, b) => a.at - b.at)
          .map(({ e }) => e)
        expect(assess(later(before, ...shuffled), on(35))).toEqual(assess(later(before, ...entries), on(35)))
      }),
      { numRuns: 60 },
    )
  })
  it('what became true is a dog the record takes, and what differs makes the one out of the other', () => {
    const dogFact = anyFact.filter((f): f is FactOf<'dog'> => f.kind === 'dog')
    fc.assert(
      fc.property(dogFact, dogFact, (a, b) => {
        const [one, two] = [become(profile(), a), become(profile({ habits: { floor: true } }), b)]
        expect(profileSchema.safeParse(one).error?.issues).toBe(undefined)
        const what = differs(one, two)
        const told = withoutDays(one, two)
        const made = what ? become(told, what) : told
        // What is not said any more is not taken back: only a visit can be called off.
        expect(made).toMatchObject(JSON.parse(JSON.stringify(two)) as object)
        expect(differs(two, two)).toBe(null)
        expect(differs(told, one)).toBe(null)
      }),
      { numRuns: 200 },
    )
  })
  it('a visit is called off, and an old profile is what was true from the first day', () => {
    const booked = profile({ nextVisit: '2026-11-01' })
    expect(become(booked, { kind: 'dog', nextVisit: null }).nextVisit).toBe(undefined)
    expect(profileOn(booked, [])).toBe(booked)
    expect(assess({ profile: booked, began: booked, entries: dog().entries }, on(30))).toEqual(
      assess({ profile: booked, entries: dog().entries }, on(30)),
    )
  })
})
