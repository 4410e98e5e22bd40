import { randomLcg } from 'd3-random'
import { AT_ONCE } from '../plan/best/planner'
import { outlookOf } from '../plan/outlook'
import { NO_CHOICES, standingPlan } from '../plan/standing'
import { StretchPlanner } from '../plan/stretch'
import { lengthsAt } from '../plan/weekly'
import { addDays, daysBetween, monthOf } from '../record/day'
import type { Day } from '../record/day'
import { coatOn } from '../record/fold'
import type { Coat } from '../record/coat'
import type { DogRecord } from '../record/fold'
import { garmentHours } from '../record/garments'
import { MOST_MINUTES } from '../record/profile'
import type { Profile } from '../record/profile'
import { timeline } from '../record/timeline'
import { endsStretch } from '../record/visits'
import { agreedCut, asVisit, standingWish } from '../record/wishes'
import { placeRow } from '../coat/regions'
import { playStretches, spreadOf } from './stretches'
import type { Game, Spread } from './stretches'

/** A stretch as it might be, from one visit to the next. */
export interface Settings {
  /** Length of body the visit leaves, mm; the rest goes with it. */
  mm: number
  /** Length of ears it leaves, mm: by itself where it is asked for, else with the body's. */
  ears: number
  weeks: number
  /** Minutes at the table a week, shared out as the owner's week is. */
  minutes: number
  harnessHours: number
  /** Hours a day a coat or jumper is on, in these months. */
  jumperHours: number
  /** Swims a week, not combed dry after. */
  swims: number
  /** Share of sessions that come to nothing. */
  missed: number
}

/** What each can be asked for: least, most, step. */
export const RANGES: Record<keyof Settings, readonly [number, number, number]> = {
  mm: [6, 40, 1],
  ears: [3, 80, 1],
  weeks: [3, 12, 1],
  minutes: [0, 200, 10],
  harnessHours: [0, 8, 1],
  jumperHours: [0, 12, 1],
  swims: [0, 4, 1],
  missed: [0, 0.5, 0.1],
}
export const clampTo = (key: keyof Settings, value: number) => {
  const [least, most, step] = RANGES[key]
  return Math.min(most, Math.max(least, Number((Math.round(value / step) * step).toFixed(2))))
}

/** Weeks of a stretch where none is known (common practice, no source). */
const USUAL_WEEKS = 8
/** A body length to start from where the last visit did not say, mm. */
const USUAL_MM = 20

const wornNow = (profile: Profile, at: Day) => clampTo('jumperHours', garmentHours(profile, monthOf(at)))

/** The settings as the dog lives now. */
export function settingsOf(record: DogRecord, at: Day): Settings {
  const { profile } = record
  // As corrected since, if it was.
  const last = timeline(record.entries)
    .filter((f) => endsStretch(f.what) && f.day <= at)
    .at(-1)
  const lengths = last?.what.kind === 'visit' ? last.what.lengths : {}
  // What was agreed for the next cut is what it begins from.
  const agreed = agreedCut(standingWish(record, at))
  const mm = clampTo('mm', agreed?.get('side.left') ?? lengths.body ?? USUAL_MM)
  const from = last?.day ?? profile.since
  const weeks =
    profile.nextVisit && profile.nextVisit > from
      ? Math.round(daysBetween(from, profile.nextVisit) / 7)
      : USUAL_WEEKS
  return {
    mm,
    ears: clampTo('ears', agreed?.get('ear.left') ?? lengths.ears ?? lengthsAt(profile.coat, mm).ears),
    weeks: clampTo('weeks', weeks),
    minutes: clampTo(
      'minutes',
      profile.minutes.reduce((sum, m) => sum + m, 0),
    ),
    harnessHours: clampTo('harnessHours', profile.harnessHours),
    jumperHours: wornNow(profile, at),
    swims: 0,
    missed: 0.1,
  }
}

/** The owner's week with so many minutes in it, in whole ones; Saturday has them all if it has none now. */
export function weekOf(now: readonly number[], minutes: number): number[] {
  const total = now.reduce((sum, m) => sum + m, 0)
  if (!total) return now.map((_, day) => (day === 5 ? minutes : 0))
  return now.map((m) => Math.min(MOST_MINUTES, Math.round((m * minutes) / total)))
}

/**
 * Readies a stretch to be played: the coat as the visit would leave it, what has been learned of this
 * dog, and the plan that suits those minutes.
 */
export function gameOf(record: DogRecord, now: Coat, at: Day, settings: Settings): Game {
  const to = addDays(at, settings.weeks * 7)
  const profile = {
    ...record.profile,
    since: at,
    nextVisit: to,
    harnessHours: settings.harnessHours,
    // As it is, the months the clothes are for are their own; asked for, they are on all the stretch.
    ...(settings.jumperHours === wornNow(record.profile, at)
      ? {}
      : { garments: [{ what: 'jumper', from: 1, to: 12, hours: settings.jumperHours }] }),
    minutes: weekOf(record.profile.minutes, settings.minutes),
  }
  const usual = settingsOf(record, at)
  // As they are, the ears go with the body.
  const ears = settings.ears === usual.ears ? {} : { ears: settings.ears }
  // What is agreed place by place stands where nothing else is asked of it.
  const agreed = settings.mm === usual.mm ? agreedCut(standingWish(record, at)) : null
  const except = agreed
    ? (asVisit(agreed).except ?? []).filter(
        (e) => settings.ears === usual.ears || placeRow(e.place).part !== 'ears',
      )
    : []
  const visit = {
    id: 'what-if',
    day: at,
    what: {
      kind: 'visit' as const,
      lengths: { ...lengthsAt(profile.coat, settings.mm), ...ears },
      found: [],
      ...(except.length ? { except } : {}),
    },
  }
  const coat = coatOn({ profile, entries: [visit] }, at).learnFrom(now)
  const planner = new StretchPlanner(
    {
      coat,
      choices: { ...NO_CHOICES, matWorth: standingPlan(record)?.choices.matWorth ?? NO_CHOICES.matWorth },
      fixed: [],
      swims: settings.swims,
    },
    AT_ONCE,
    randomLcg(0.5),
  )
  while (planner.advance());
  const index = new Map<string, number[]>()
  coat.places.forEach((p, i) => index.set(p.region.place, [...(index.get(p.region.place) ?? []), i]))
  return {
    outlook: outlookOf(coat, to, settings.swims),
    rates: coat.places.map((p) => p.rate),
    sessions: planner.plan().sessions.map((s) => ({
      day: daysBetween(at, s.day),
      places: s.places.flatMap((p) => index.get(p) ?? []),
    })),
    missed: settings.missed,
  }
}

/** Stretches played to weigh one setting, asking backwards, and what so many may be out by: one standard error. */
const RUNS = 1500
const OUT_BY = 0.013
/**
 * A coat is kept if at most one mat forms from visit to visit: none at all is more than any long curly
 * coat can be promised (judgement). How surely, asking backwards, is the owner's to say.
 */
export const SURENESS = [0.5, 0.75, 0.9] as const
export const keptShare = ({ counts, runs }: Spread) => (runs ? (counts[0] + counts[1]) / runs : 1)

export type Question = 'mm' | 'weeks' | 'minutes'

/**
 * The farthest one setting can go and the coat still be kept: the
 * longest coat, the longest stretch, the fewest minutes. By halving, since each makes it harder or
 * easier throughout.
 * @returns null if it cannot be done at any value
 */
export function farthest(
  record: DogRecord,
  now: Coat,
  at: Day,
  settings: Settings,
  question: Question,
  surely: number,
): number | null {
  const [least, most, step] = RANGES[question]
  const values: number[] = []
  for (let v = least; v <= most + 1e-9; v += step) values.push(v)
  // From the easiest on.
  if (question === 'minutes') values.reverse()
  const keeps = (value: number) => {
    const game = gameOf(record, now, at, { ...settings, [question]: value })
    return keptShare(spreadOf([playStretches(game, 0, RUNS)])) >= surely - OUT_BY
  }
  let [yes, no] = [-1, values.length]
  while (no - yes > 1) {
    const middle = (yes + no) >> 1
    if (keeps(values[middle]!)) yes = middle
    else no = middle
  }
  return yes < 0 ? null : values[yes]!
}
