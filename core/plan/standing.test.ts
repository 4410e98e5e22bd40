import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import type { Entry, Fact } from '../record/entries'
import {
  basisOf,
  FARTHEST_DAYS,
  latestEntry,
  minutesFor,
  NO_CHOICES,
  planStands,
  ROLLING_DAYS,
  standingPlan,
  stretchEnd,
  withoutOldPlans,
} from './standing'

const AT = '2026-09-10'
const VISIT = '2026-10-13'
const record = dog({ nextVisit: VISIT })
let n = 0
const id = () => `02000000-0000-7000-8000-${String(++n).padStart(12, '0')}`
const made = (day: string, what: Entry['what']) => entry(day, what, { id: id() })
const plan = (more: object = {}) =>
  made(AT, {
    kind: 'plan',
    to: VISIT,
    choices: NO_CHOICES,
    sessions: [
      { day: AT, places: ['beard'], pinned: false },
      { day: addDays(AT, 3), places: ['tail', 'armpit'], pinned: false },
    ],
    care: [],
    basis: basisOf(record.profile),
    ...more,
  } as Fact)
const with_ = (...entries: Entry[]) => ({ ...record, entries: [...record.entries, ...entries] })
const stands = (at: string, ...entries: Entry[]) => {
  const all = with_(...entries)
  return planStands(all, standingPlan(all), at)
}
const glides = (day: string, region: 'beard' | 'tail' | 'armpit.left' | 'back') =>
  made(day, { kind: 'check', region, finding: 'glides' })

it('rests on what coats like it come to, where the dog goes by that', () => {
  const { profile } = record
  const like = { version: 3, coat: profile.coat, times: { hot: 2 } }
  expect(basisOf({ ...profile, like })).toContain('count 3')
  expect(basisOf({ ...profile, like: { ...like, version: 4 } })).not.toBe(basisOf({ ...profile, like }))
  for (const by of [{ coat: 'drop' as const }, { times: {} }])
    expect(basisOf({ ...profile, like: { ...like, ...by } })).toBe(basisOf(profile))
})

describe('how far a plan looks', () => {
  it.each([
    ['to the visit', VISIT, { to: VISIT, why: 'visit' }],
    ['eight weeks on, without one', undefined, { to: addDays(AT, ROLLING_DAYS), why: 'rolling' }],
    ['eight weeks on, with one that has been', AT, { to: addDays(AT, ROLLING_DAYS), why: 'rolling' }],
    [
      'twelve weeks, with one far away',
      addDays(AT, 200),
      { to: addDays(AT, FARTHEST_DAYS), why: 'far-visit' },
    ],
  ])('%s', (_, nextVisit, end) => {
    expect(stretchEnd(dog(nextVisit ? { nextVisit } : {}).profile, AT)).toEqual(end)
  })
})

describe('minutes of a day', () => {
  const { profile } = record
  it('are the week’s, or the day’s own, none on a day kept free, and no more than the dog bears', () => {
    const of = (choices: object) =>
      minutesFor({ profile, bears: Infinity }, { ...NO_CHOICES, ...choices }, AT)
    expect(of({})).toBe(12)
    expect(of({ minutesOn: { [AT]: 35 } })).toBe(35)
    expect(of({ minutesOn: { [AT]: 35 }, longest: 20 })).toBe(20)
    expect(of({ minutesOn: { [AT]: 35 }, blocked: [AT] })).toBe(0)
  })
})

describe('a plan stands', () => {
  it('while what it foresaw happens, and nothing else', () => {
    expect(stands(AT, plan())).toBe(true)
    expect(stands(AT, plan(), glides(AT, 'beard'))).toBe(true)
    expect(stands(addDays(AT, 1), plan(), glides(AT, 'beard'))).toBe(true)
    // Eyes wiped, feet combed: nothing of the coat has moved.
    expect(stands(AT, plan(), made(AT, { kind: 'tidy', tidy: 'eyes', outcome: 'wiped' }))).toBe(true)
  })
  it.each([
    ['a place was combed that it did not name', () => [glides(AT, 'back')]],
    ['something was found', () => [made(AT, { kind: 'check', region: 'beard', finding: 'snag' })]],
    ['the dog got wet', () => [made(AT, { kind: 'wet', how: 'swim', combedDry: false })]],
    [
      'the dog stopped a place part way',
      () => [made(AT, { kind: 'check', region: 'beard', finding: 'glides', comfort: 'stopped' })],
    ],
    ['it was washed', () => [made(AT, { kind: 'wash', combedOut: true })]],
    ['a hand told of it anew', () => [made(AT, { kind: 'hand', combed: 'weeks', feels: 'nothing' })]],
    [
      'a tidy left a length',
      () => [
        made(AT, { kind: 'tidy', tidy: 'face', parts: [{ part: 'beard', did: 'done', how: 'cut', mm: 9 }] }),
      ],
    ],
  ] as [string, () => Entry[]][])('no longer once %s', (_, then) => {
    expect(stands(AT, plan(), ...then())).toBe(false)
  })
  it('a rolling one until it looks no further than four weeks', () => {
    const free = dog({})
    const rolling = (days: number) => {
      const to = addDays(AT, days)
      const all = {
        ...free,
        entries: [...free.entries, plan({ to, basis: basisOf(free.profile), sessions: [] })],
      }
      return planStands(all, standingPlan(all), AT)
    }
    expect([rolling(28), rolling(27)]).toEqual([true, false])
  })
  it('no longer once a session was missed, or the week is another, or the visit', () => {
    expect(stands(addDays(AT, 1), plan())).toBe(false)
    const other = with_(plan())
    const changed = (more: object) => ({ ...other, profile: { ...other.profile, ...more } })
    for (const more of [
      { minutes: [0, 0, 0, 0, 0, 40, 0] },
      { nextVisit: addDays(VISIT, 7) },
      { harnessHours: 4 },
    ])
      expect(planStands(changed(more), standingPlan(other), AT)).toBe(false)
    expect(planStands(changed({ wish: 'short ears' }), standingPlan(other), AT)).toBe(true)
  })
  it('no longer once what it rested on is put right; a session’s minutes put right are no such thing', () => {
    const before = made(addDays(AT, -1), { kind: 'wet', how: 'rain', combedDry: false })
    const session = made(addDays(AT, -1), { kind: 'session', minutes: 12, places: 4 })
    const back = (e: Entry) => made(AT, { kind: 'correction', replaces: e.id, by: null })
    const standing = plan()
    expect(stands(AT, before, session, standing)).toBe(true)
    expect(stands(AT, before, session, standing, back(session))).toBe(true)
    expect(stands(AT, before, session, standing, back(before))).toBe(false)
  })
  it('by what it knew, not by a clock that was behind', () => {
    const ahead = entry(AT, { kind: 'wet', how: 'rain', combedDry: false }, { id: `03${id().slice(2)}` })
    expect(stands(AT, ahead, plan())).toBe(false)
    expect(stands(AT, ahead, plan({ knows: ahead.id }))).toBe(true)
  })
})

describe('the plans a record goes with', () => {
  it('are the latest, the one in force among them, and all that is no plan', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 30 }), fc.boolean(), (many, mixed) => {
        const plans = Array.from({ length: many }, () => plan())
        const all = with_(...plans, glides(AT, 'beard'))
        const given = mixed ? [...all.entries].reverse() : all.entries
        const kept = withoutOldPlans(given)
        expect(kept.filter((e) => e.what.kind === 'plan').length).toBe(Math.min(12, many))
        expect(kept.filter((e) => e.what.kind !== 'plan')).toEqual(
          given.filter((e) => e.what.kind !== 'plan'),
        )
        expect(standingPlan({ ...all, entries: kept })).toEqual(standingPlan(all))
        expect(standingPlan(all)?.id).toBe(plans.at(-1)?.id)
      }),
      { numRuns: 30 },
    )
  })
  it('the latest entry is by id, in whatever order', () => {
    const [a, b] = [plan(), plan()]
    expect(latestEntry([b, a])).toBe(b.id)
    expect(latestEntry([])).toBe(undefined)
  })
})
