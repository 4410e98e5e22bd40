import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { PlaceId } from '../coat/regions'
import { REGIONS } from '../coat/regions'
import { addDays, daysBetween } from '../record/day'
import type { Entry } from '../record/entries'
import { coatOn } from '../record/fold'
import type { DogRecord } from '../record/fold'
import { forecastOf, movedTo } from './forecast'
import { minutesFor, planStands, standingPlan, stretchEnd, withoutOldPlans } from './standing'
import type { StretchPlan } from './standing'
import { askedOf, StretchPlanner } from './stretch'

const START = '2026-09-01'
const VISIT = addDays(START, 42)
const QUICK = { rounds: 60, changes: 30_000, steps: 40 }
let n = 0
/** Ids in the order they are made, as a device makes them. */
const later = () => `02000000-0000-7000-8000-${String(++n).padStart(12, '0')}`
const made = (day: string, what: Entry['what']) => entry(day, what, { id: later() })

function planned(record: DogRecord, at: string, seed = 0.3): StretchPlan {
  const planner = new StretchPlanner(
    askedOf(coatOn(record, at), standingPlan(record), false),
    QUICK,
    randomLcg(seed),
  )
  while (planner.advance());
  return planner.plan()
}
const withPlan = (record: DogRecord, at: string, seed?: number): DogRecord => ({
  ...record,
  entries: [...record.entries, made(at, planned(record, at, seed))],
})
const merle = (more = {}) => dog({ nextVisit: VISIT, ...more })
const glide = (day: string, places: readonly PlaceId[]) =>
  REGIONS.filter((r) => places.includes(r.place)).map((r) =>
    made(day, { kind: 'check', region: r.id, finding: 'glides' }),
  )

describe('the plan of a stretch', () => {
  it('keeps to the minutes there are, but for the comb-out on the eve of the visit', () => {
    const record = merle()
    const plan = planned(record, START)
    const asForecast = forecastOf(coatOn(record, START), plan.sessions, plan.to)
    for (const s of asForecast.sessions) {
      if (daysBetween(s.day, VISIT) === 1) continue
      // The set-aside is for a usual week's teasing; what is expected may differ by a little.
      expect(s.minutes).toBeLessThan(minutesFor(record.profile, plan.choices, s.day) * 1.25 + 2)
    }
    const eve = plan.sessions.find((s) => s.day === addDays(VISIT, -1))!
    expect(eve.places.length).toBe(28)
  })

  it('combs nothing on blocked days, and keeps what the owner pinned', () => {
    const record = merle()
    const standing = planned(record, START)
    const saturday = addDays(START, 11)
    const asked = askedOf(coatOn(record, START), standing, false)
    const pinned = { day: addDays(START, 10), places: ['beard', 'tail'] as PlaceId[], pinned: true }
    const planner = new StretchPlanner(
      { ...asked, choices: { ...standing.choices, blocked: [saturday] }, fixed: [pinned] },
      QUICK,
      randomLcg(0.1),
    )
    while (planner.advance());
    const plan = planner.plan()
    expect(plan.sessions.some((s) => s.day === saturday)).toBe(false)
    const there = plan.sessions.find((s) => s.day === pinned.day)!
    expect([...there.places].sort()).toEqual(['beard', 'tail'])
    expect(there.pinned).toBe(true)
  })

  it('is followed to its end without a later day changing, whatever the chance', () => {
    for (const seed of [0.1, 0.4, 0.7]) {
      let record = withPlan(merle({ weightKg: 6 + 20 * seed }), START, seed)
      const first = standingPlan(record)!
      for (const s of first.sessions) {
        expect(planStands(record, standingPlan(record), s.day)).toBe(true)
        const session = made(s.day, { kind: 'session', minutes: 12, places: s.places.length })
        record = { ...record, entries: [...record.entries, ...glide(s.day, s.places), session] }
        // The evening after, and the next morning.
        for (const at of [s.day, addDays(s.day, 1)])
          if (at < first.to) expect(planStands(record, standingPlan(record), at), at).toBe(true)
      }
      expect(standingPlan(record)).toEqual(first)
    }
  }, 60_000)

  it('falls when something else happens: a knot, a walk in the rain, a session missed, a new week', () => {
    const record = withPlan(merle(), START)
    const standing = standingPlan(record)!
    const first = standing.sessions[0]!
    const after = addDays(first.day, 1)
    const done = { ...record, entries: [...record.entries, ...glide(first.day, first.places)] }
    expect(planStands(done, standing, after)).toBe(true)
    expect(planStands(record, standing, after)).toBe(false)
    const also = (what: Entry['what']) => ({ ...done, entries: [...done.entries, made(after, what)] })
    expect(planStands(also({ kind: 'check', region: 'beard', finding: 'knot' }), standing, after)).toBe(false)
    expect(planStands(also({ kind: 'wet', how: 'rain', combedDry: false }), standing, after)).toBe(false)
    const week = { ...done, profile: { ...done.profile, minutes: [0, 0, 0, 0, 0, 60, 0] } }
    expect(planStands(week, standing, after)).toBe(false)
  })

  it('has an answer for the odd cases', () => {
    expect(planned(merle({ minutes: [0, 0, 0, 0, 0, 0, 0], nextVisit: undefined }), START).sessions).toEqual(
      [],
    )
    const tomorrow = planned(merle({ nextVisit: addDays(START, 1) }), START)
    expect(tomorrow.sessions).toHaveLength(1)
    expect(tomorrow.sessions[0]!.places).toHaveLength(28)
    expect(stretchEnd(merle({ nextVisit: addDays(START, 200) }).profile, START)).toEqual({
      to: addDays(START, 84),
      why: 'far-visit',
    })
    expect(stretchEnd(merle({ nextVisit: undefined }).profile, START).why).toBe('rolling')
    const refuser = merle()
    refuser.entries = [
      ...refuser.entries,
      ...REGIONS.map((r) => made(addDays(START, 3), { kind: 'check', region: r.id, finding: 'refused' })),
    ]
    const plan = planned(refuser, addDays(START, 4))
    for (const [i, s] of plan.sessions.entries()) {
      if (i + 1 >= plan.sessions.length - 1) continue
      const next = plan.sessions[i + 1]!
      expect(s.places.filter((p) => next.places.includes(p))).toEqual([])
    }
  })
})

describe('a session moved', () => {
  it('joins what is on the day it goes to, and is pinned', () => {
    const plan = [
      { day: '2026-09-05', places: ['beard', 'tail'] as PlaceId[], pinned: false },
      { day: '2026-09-07', places: ['tail', 'back'] as PlaceId[], pinned: false },
    ]
    expect(movedTo(plan, '2026-09-05', '2026-09-07')).toEqual([
      { day: '2026-09-07', places: ['tail', 'back', 'beard'], pinned: true },
    ])
    expect(movedTo(plan, '2026-09-05', '2026-09-06')[0]!.day).toBe('2026-09-06')
  })

  it('costs mats when it comes later, and the forecast leaves the coat as it was', () => {
    const record = merle()
    const plan = planned(record, START)
    const coat = coatOn(record, START)
    const state = coat.state()
    const kept = forecastOf(coat, plan.sessions, plan.to)
    const without = forecastOf(coat, [], plan.to)
    expect(coat.state()).toEqual(state)
    expect(without.mats).toBeGreaterThan(kept.mats * 2)
    expect(kept.odds[0] + kept.odds[1] + kept.odds[2]).toBeCloseTo(1, 9)
    expect(without.odds[2]).toBeGreaterThan(kept.odds[2])
  })
})

describe('plans of the past', () => {
  it('stay behind once a dozen have come after them, and nothing else does', () => {
    let record = merle()
    for (let n = 0; n < 3; n++) record = withPlan(record, START, 0.1 * (n + 1))
    expect(withoutOldPlans(record.entries)).toEqual(record.entries)
    const plan = planned(record, START)
    const many = [...record.entries, ...Array.from({ length: 20 }, () => made(START, plan))]
    const sent = withoutOldPlans(many)
    expect(sent.filter((e) => e.what.kind === 'plan')).toHaveLength(12)
    expect(sent.filter((e) => e.what.kind !== 'plan')).toEqual(many.filter((e) => e.what.kind !== 'plan'))
    const latest = (entries: Entry[]) => standingPlan({ ...record, entries })!.id
    expect(latest(sent)).toBe(latest(many))
  })
})
