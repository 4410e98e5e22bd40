import { usualDrying } from '../coat/drying'
import type { Dryer } from '../coat/drying'
import { sizeFactor } from '../coat/size'
import { learnedOf, notice, unnoticed } from '../learn/normal'
import type { Learned } from '../learn/normal'
import { partsHere } from '../record/care-parts'
import type { Coat } from '../record/coat'
import type { Day } from '../record/day'
import { cutsAt, habitsOf } from '../record/habits'
import type { DogRecord } from '../record/fold'
import type { tidied } from '../record/tidied'
import type { CareId, TidyId } from '../record/tidies'
import { timeline } from '../record/timeline'

interface Takes {
  /** With what cuts, and with cloth and comb alone, on a 10 kg dog. */
  cut: number
  uncut: number
  /** Feet and coat are larger on a larger dog; an eye hardly is. */
  grows?: true
}
/** Minutes care takes once it is led, laying out left out (judgement). */
const CARE_MINUTES: Record<CareId | TidyId, Takes> = {
  'look-over': { cut: 3, uncut: 3 },
  eyes: { cut: 1, uncut: 1 },
  teeth: { cut: 2, uncut: 2 },
  'ear-look': { cut: 2, uncut: 2 },
  nails: { cut: 4, uncut: 3 },
  paws: { cut: 8, uncut: 3, grows: true },
  sanitary: { cut: 6, uncut: 3, grows: true },
  face: { cut: 5, uncut: 2 },
  ears: { cut: 6, uncut: 2 },
  neatening: { cut: 8, uncut: 4, grows: true },
  undercoat: { cut: 10, uncut: 10, grows: true },
  /** Wetting, washing, rinsing and blotting; drying is apart. */
  bath: { cut: 15, uncut: 15, grows: true },
}
/** With no dryer it is towelled, and sat with till it is dry to the skin (judgement). */
const TOWELLED_MINUTES = 20

/** How far dogs and owners differ, and what one timing tells, as logarithms (judgement). */
const PRIOR_SD = 0.35
const TIMED_SD = 0.4
const AT_MOST = 1.5

/** Minutes a kind of care takes most owners of a dog of this weight, all its parts, at the owner's setting. */
export function usualCareMinutes(profile: DogRecord['profile'], care: CareId | TidyId): number {
  const { cut, uncut, grows } = CARE_MINUTES[care]
  const minutes = cutsAt(care, habitsOf(profile)) ? cut : uncut
  return grows ? minutes * sizeFactor(profile.weightKg) : minutes
}

/** The share of a tidy's parts that one was of; 1 where it names none. */
const shareDone = (what: Parameters<typeof tidied>[0], absent: DogRecord['profile']['absent']) => {
  if (!what.parts) return 1
  const did = what.parts.filter((p) => p.did === 'done').length
  return did / Math.max(1, partsHere(what.tidy, absent).length)
}

/** Minutes a kind of care takes here, all its parts: learned from those that were timed, as pace is. */
export function careTakes(record: DogRecord, care: CareId, at: Day): Learned {
  const usual = usualCareMinutes(record.profile, care)
  let noticed = unnoticed({ mean: Math.log(usual), sd: PRIOR_SD })
  for (const { day, what } of timeline(record.entries)) {
    if (day > at) break
    const timed =
      what.kind === 'tidy' && what.tidy === care && what.minutes
        ? what.minutes / (shareDone(what, record.profile.absent) || 1)
        : what.kind === 'undercoat' && care === 'undercoat'
          ? (what.minutes ?? 0)
          : 0
    if (!timed) continue
    const times = Math.max(-AT_MOST, Math.min(AT_MOST, Math.log(timed / usual)))
    noticed = notice(noticed, Math.log(usual) + times, TIMED_SD)
  }
  return learnedOf(noticed, Math.exp)
}

/**
 * Minutes to dry this dog as its coat is now, as learned: with the owner's dryer, or with another as commonly sold.
 */
export function dryingTakes(coat: Coat, dryer: Dryer = habitsOf(coat.profile).dryer): number {
  const { profile, places } = coat
  const own = habitsOf(profile)
  const watts = dryer === own.dryer ? own.watts : undefined
  const area = places.reduce((sum, p) => sum + p.region.area, 0)
  const mm = places.reduce((sum, p) => sum + p.region.area * p.mm, 0) / (area || 1)
  const usual = usualDrying({ coat: profile.coat, kg: profile.weightKg, mm }, dryer, watts ? { watts } : {})
  return usual === null ? TOWELLED_MINUTES : usual * coat.dries
}
