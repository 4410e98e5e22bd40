import { CARE_UNITS } from '../due/care-units'
import { unitsDone } from '../due/units-done'
import type { CareId, CareUnitId } from '../record/tidies'
import { regionOf } from '../coat/regions'
import { SETUP_MINUTES } from '../coat/minutes'
import { countGoneBy } from '../learn/coats-like'
import { longestFor } from '../record/condition'
import { habitsOf } from '../record/habits'
import { addDays, daysBetween, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Choices, Entry, Fact, FactOf, Planned } from '../record/entries'
import type { DogRecord } from '../record/fold'
import type { Coat } from '../record/coat'
import type { Profile } from '../record/profile'
import { lengthsLeft } from '../record/tidied'
import { timeline } from '../record/timeline'
import { MINUTES_A_MAT_IS_WORTH } from './mat-worth'

/** Days a plan looks ahead where no visit is booked, and at most where one is (judgement). */
export const ROLLING_DAYS = 56
export const FARTHEST_DAYS = 84
/** A rolling plan is made anew once it looks no further than this, days (judgement). */
const RENEWED_AT_DAYS = 28

export type StretchPlan = FactOf<'plan'>
export const NO_CHOICES: Choices = { blocked: [], minutesOn: {}, matWorth: MINUTES_A_MAT_IS_WORTH }

/** How far a plan made on a day looks, and whether a visit ends it. */
export function stretchEnd(profile: Profile, at: Day): { to: Day; why: 'visit' | 'far-visit' | 'rolling' } {
  const visit = profile.nextVisit
  if (!visit || visit <= at) return { to: addDays(at, ROLLING_DAYS), why: 'rolling' }
  return daysBetween(at, visit) > FARTHEST_DAYS
    ? { to: addDays(at, FARTHEST_DAYS), why: 'far-visit' }
    : { to: visit, why: 'visit' }
}

/** Minutes of a sitting at most, laying out included: what the dog bears, its condition, and what the owner said. */
export const longestSitting = (
  { profile, bears }: Pick<Coat, 'profile' | 'bears'>,
  choices: Choices,
): number => Math.min(choices.longest ?? Infinity, longestFor(profile.condition), bears + SETUP_MINUTES)

/** A sitting may come to so much more than the dog was found to bear, minutes, before it is parted (judgement). */
export const LITTLE_MORE = 1
/**
 * Minutes of laying out a second time, on a day of two sittings.
 * @param minutes of the day, one laying out included
 */
export const secondLayingOut = (coat: Pick<Coat, 'profile' | 'bears'>, choices: Choices, minutes: number) =>
  habitsOf(coat.profile).sittings === 'twice' && minutes > longestSitting(coat, choices) + LITTLE_MORE
    ? SETUP_MINUTES
    : 0

/**
 * Minutes there are for the table on a day, one laying out included. Where the owner has two sittings a day, those of
 * both, less the second laying out, if that comes to more than one.
 * @param brought minutes of the day that bringing hard places along takes
 */
export function minutesFor(
  { profile, bears }: Pick<Coat, 'profile' | 'bears'>,
  choices: Choices,
  day: Day,
  brought = 0,
): number {
  if (choices.blocked.includes(day)) return 0
  const own = Math.max(0, (choices.minutesOn[day] ?? profile.minutes[weekday(day)] ?? 0) - brought)
  const longest = longestSitting({ profile, bears }, choices)
  const once = Math.min(own, longest)
  if (habitsOf(profile).sittings === 'once' || own <= longest) return once
  return Math.max(once, Math.min(own, 2 * longest) - SETUP_MINUTES)
}

/** How often care is set to come, what it may be done with, and the dryer: only where the owner said so. */
function careBasis({ habits = {} }: Profile): string[] {
  const { every, setting, dryer, watts, sittings } = habits
  return [
    ...(every || setting || dryer || watts ? [JSON.stringify([every, setting, dryer, watts])] : []),
    ...(sittings === 'twice' ? ['twice'] : []),
  ]
}

/** What of the profile a plan rests on, so that it can be told when that has changed. */
export const basisOf = (p: Profile): string =>
  JSON.stringify([
    p.coat,
    p.weightKg,
    p.nextVisit ?? '',
    p.harnessHours,
    p.collarAllDay,
    ...(p.garments?.length ? [p.garments] : []),
    ...(longestFor(p.condition) < Infinity ? [longestFor(p.condition)] : []),
    p.minutes,
    [...p.absent].sort(),
    ...(countGoneBy(p) ? [`count ${String(countGoneBy(p))}`] : []),
    ...careBasis(p),
  ])

/** A plan as it stands on file. */
export type FiledPlan = StretchPlan & { id: string; day: Day }

/** The latest entry of a record, for a plan to say what it was made in view of. */
export const latestEntry = (entries: readonly Entry[]): string | undefined =>
  entries.reduce<string | undefined>((last, e) => (!last || e.id > last ? e.id : last), undefined)

/**
 * The moment up to which a plan knows of things, to be compared with ids. It is later than anything
 * it was made in view of, though its own id, from a clock that is behind, may be earlier.
 */
const knownTo = (plan: FiledPlan) => (plan.knows && plan.knows >= plan.id ? `${plan.knows}+` : plan.id)

const later = (a: FiledPlan, b: FiledPlan) =>
  knownTo(a) > knownTo(b) || (knownTo(a) === knownTo(b) && a.id > b.id)

/** The plan in force, the latest made; null if none was. */
export function standingPlan(record: DogRecord): FiledPlan | null {
  let last: FiledPlan | null = null
  for (const f of timeline(record.entries)) {
    if (f.what.kind !== 'plan') continue
    const plan = { ...f.what, id: f.id, day: f.day }
    if (!last || later(plan, last)) last = plan
  }
  return last
}

/** Plans of the past that go along with a record, to be undone to; the file keeps them all (judgement). */
const PLANS_SENT = 12

/** A record's entries without the plans that others have long taken the place of. */
export function withoutOldPlans(entries: readonly Entry[]): Entry[] {
  const plans = entries.flatMap(({ id, day, what }) => (what.kind === 'plan' ? [{ ...what, id, day }] : []))
  plans.sort((a, b) => (later(a, b) ? 1 : -1))
  const old = new Set(plans.slice(0, -PLANS_SENT).map((p) => p.id))
  return entries.filter((e) => !old.has(e.id))
}

/** What happened that a plan did not count on. */
const UNFORESEEN: readonly Fact['kind'][] = ['hand', 'wash', 'wet', 'gear', 'measure', 'visit', 'brush']

/**
 * Whether a plan still holds: it runs as far as it should, the dog and the week are as they were, and
 * since it was made only what it foresaw has happened, the comb gliding at what was planned.
 */
export function planStands(record: DogRecord, plan: FiledPlan | null, at: Day): boolean {
  // One of before care had its minutes.
  if (!plan?.care) return false
  if (plan.basis !== basisOf(record.profile) || plan.to <= at) return false
  const end = stretchEnd(record.profile, at)
  if (end.why === 'visit' ? plan.to !== end.to : daysBetween(at, plan.to) < RENEWED_AT_DAYS) return false
  const known = knownTo(plan)
  if (record.entries.some((e) => e.id > known && corrects(e, record, known))) return false
  const planned = new Map(plan.sessions.map((s) => [s.day, new Set(s.places)]))
  const careOn = (day: Day, unit: CareUnitId) => plan.care!.some((c) => c.day === day && c.unit === unit)
  const combed = new Set<string>()
  const cared = new Set<string>()
  for (const { id, day, what } of timeline(record.entries)) {
    if (what.kind === 'check' && what.finding === 'glides' && what.comfort !== 'stopped') {
      const { place } = regionOf(what.region)
      combed.add(`${day}/${place}`)
      if (id > known && !planned.get(day)?.has(place)) return false
      continue
    }
    const care = unitsDone(what)
    for (const unit of care?.units ?? []) cared.add(`${day}/${unit}`)
    if (what.kind === 'wash' && what.combedOut && !what.places)
      for (const s of plan.sessions) if (s.day === day) for (const p of s.places) combed.add(`${day}/${p}`)
    if (id <= known) continue
    if (care) {
      const foreseen = care.units.every((unit) => careOn(day, unit))
      // What was done on another day than planned moves when it comes next; a wash moves the coat too.
      const moves = what.kind === 'wash' || plan.care.some((c) => care.units.includes(c.unit))
      if (!care.whole || (!foreseen && moves)) return false
    } else if (UNFORESEEN.includes(what.kind) || what.kind === 'check') return false
    // A tidy that left a length known has moved the coat.
    if (what.kind === 'tidy' && lengthsLeft(what).length) return false
  }
  if (plan.care.some((c) => c.day >= plan.day && c.day < at && !cared.has(`${c.day}/${c.unit}`))) return false
  // A session that was missed leaves places uncombed that it counted on.
  for (const s of plan.sessions)
    if (s.day >= plan.day && s.day < at && s.places.some((p) => !combed.has(`${s.day}/${p}`))) return false
  return true
}

/** Whether an entry takes back or changes something a plan rested on. Plans taken back are no such thing. */
function corrects(e: Entry, record: DogRecord, known: string): boolean {
  if (e.what.kind !== 'correction' || e.what.replaces > known) return false
  const { replaces } = e.what
  const was = record.entries.find((x) => x.id === replaces)
  return !!was && was.what.kind !== 'plan' && was.what.kind !== 'session'
}

/** A plan's care by day, each kind once. */
export function careDays(plan: Pick<StretchPlan, 'care'> | null): { day: Day; care: CareId }[] {
  const seen = new Set<string>()
  return (plan?.care ?? []).flatMap(({ day, unit }) => {
    const { care } = CARE_UNITS[unit]
    if (seen.has(`${day}/${care}`)) return []
    seen.add(`${day}/${care}`)
    return [{ day, care }]
  })
}

/** Sessions of a plan from a day on. */
export const sessionsFrom = (plan: Pick<StretchPlan, 'sessions'>, at: Day): Planned[] =>
  plan.sessions.filter((s) => s.day >= at)
