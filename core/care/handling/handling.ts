import { PLACE_IDS, regionOf } from '../../coat/regions'
import type { PlaceId } from '../../coat/regions'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { Comfort } from '../../record/findings'
import type { DogRecord } from '../../record/fold'
import { LEARNT_TOOLS } from '../../record/ladders'
import { timeline } from '../../record/timeline'
import { HANDLING_STEPS, isTool, stepsOf } from './ladders'
import type { HandledId } from './ladders'

/** A day's handling, minutes (common practice, no source). */
export const HANDLING_MINUTES = 2
/** Places brought along in one day (a couple: common practice, no source). */
export const HANDLED_A_DAY = 2
/** Easy days at a step before the next (a few: judgement). */
export const EASY_DAYS = 3

export interface OnTheWay {
  step: number
  /** Easy days at this step so far. */
  easyDays: number
  /** Every step was easy for long enough: the place is like any other. */
  arrived: boolean
}
export const FIRST: OnTheWay = { step: 0, easyDays: 0, arrived: false }

/** A day's handling: up a step after a few easy days, back one after a bad one, never two at once. */
export function afterDay(at: OnTheWay, went: Comfort, steps: number = HANDLING_STEPS.length): OnTheWay {
  if (went === 'stopped') return { step: Math.max(0, at.step - 1), easyDays: 0, arrived: false }
  if (went === 'fidgety') return { ...at, easyDays: 0, arrived: false }
  if (at.easyDays + 1 < EASY_DAYS) return { ...at, easyDays: at.easyDays + 1 }
  return at.step >= steps - 1
    ? { step: steps - 1, easyDays: EASY_DAYS, arrived: true }
    : { step: at.step + 1, easyDays: 0, arrived: false }
}

export interface HardPlace extends OnTheWay {
  place: HandledId
  /** Why it is hard: the owner said so, the dog refused it, or it was stopped there. */
  why: 'said' | 'refused' | 'stopped'
  /** The day it was last brought along; null if it never was. */
  last: Day | null
  /** How it went today, if it was done. */
  today: Comfort | null
  /** The last time, the dog snapped or bit: nothing more before somebody has been asked. */
  snapped: boolean
}

type Handled = DatedFact & { what: FactOf<'handling'> }
const WORST: readonly Comfort[] = ['stopped', 'fidgety', 'easy']
const worst = (list: readonly Comfort[]) => WORST.find((c) => list.includes(c)) ?? null

/** Where a place stands, from its handling so far; a day counts once, as it went at its worst. */
export function wayOf(
  handled: readonly Pick<Handled, 'day' | 'what'>[],
  steps: number = HANDLING_STEPS.length,
): OnTheWay {
  const days = new Map<Day, Comfort[]>()
  for (const h of handled) days.set(h.day, [...(days.get(h.day) ?? []), h.what.went])
  return [...days.values()].reduce((at, went) => afterDay(at, worst(went)!, steps), FIRST)
}

/** Places and tools this dog finds hard, those it refused first; ones brought all the way are not among them. */
export function hardPlaces({ profile, entries }: DogRecord, at: Day): HardPlace[] {
  const facts = timeline(entries).filter((f) => f.day <= at)
  const last = new Map<PlaceId, Pick<FactOf<'check'>, 'finding' | 'comfort'>>()
  const handled = new Map<HandledId, Handled[]>()
  for (const f of facts) {
    if (f.what.kind === 'check') last.set(regionOf(f.what.region).place, f.what)
    // On a groomer's table it is as telling; where they said nothing of how it was, nothing is changed.
    if (f.what.kind === 'visit')
      for (const { region, finding, comfort } of f.what.found)
        if (comfort || finding === 'refused')
          last.set(regionOf(region).place, { finding, ...(comfort ? { comfort } : {}) })
    if (f.what.kind === 'handling')
      handled.set(f.what.place, [...(handled.get(f.what.place) ?? []), f as Handled])
  }
  const whyOf = (place: HandledId): HardPlace['why'] | null => {
    if (place === 'table') return profile.habits?.tableToLearn || handled.has(place) ? 'said' : null
    if (isTool(place)) return profile.habits?.learns?.includes(place) || handled.has(place) ? 'said' : null
    const check = last.get(place)
    if (check?.finding === 'refused') return 'refused'
    if (check?.comfort === 'stopped') return 'stopped'
    return profile.hard.includes(place) || handled.has(place) ? 'said' : null
  }
  const all = (['table', ...PLACE_IDS, ...LEARNT_TOOLS] as const).flatMap((place): HardPlace[] => {
    const why = whyOf(place)
    const here = handled.get(place) ?? []
    const way = wayOf(here, stepsOf(place).length)
    if (!why || (way.arrived && why === 'said')) return []
    const latest = here.at(-1)
    return [
      {
        place,
        why,
        ...way,
        last: latest?.day ?? null,
        today: worst(here.filter((h) => h.day === at).map((h) => h.what.went)),
        snapped: latest?.what.snapped ?? false,
      },
    ]
  })
  const ORDER = ['refused', 'stopped', 'said']
  return all.sort((a, b) => ORDER.indexOf(a.why) - ORDER.indexOf(b.why))
}

/**
 * The places still to be brought along today, two minutes each: those not touched for longest first, so that
 * several come along in the same weeks.
 */
export function handlingToday(hard: readonly HardPlace[]): HardPlace[] {
  const done = hard.filter((h) => h.today).length
  return hard
    .filter((h) => !h.today && !h.snapped)
    .sort((a, b) => ((a.last ?? '') < (b.last ?? '') ? -1 : (a.last ?? '') > (b.last ?? '') ? 1 : 0))
    .slice(0, Math.max(0, HANDLED_A_DAY - done))
}

/** Minutes of a day that bringing places along takes; one that has arrived gives way to the next. */
export const handlingMinutes = (hard: readonly HardPlace[]): number =>
  HANDLING_MINUTES * Math.min(HANDLED_A_DAY, hard.filter((h) => !h.snapped).length)
