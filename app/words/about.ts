import { timesUnder, UNDER } from '#core/learn/causes'
import type { Cause } from '#core/learn/causes'
import { COATS } from '#core/coat/coat-types'
import { COLLAR_FACTOR, garmentFactor, harnessFactor } from '#core/coat/exposure'
import { CONDITION_CHANGES } from '#core/record/condition'
import { weeklyMinutes } from '#core/plan/weekly'
import type { Coat } from '#core/record/coat'
import { daysBetween } from '#core/record/day'
import type { FactOf } from '#core/record/entries'
import type { HelpId } from '#core/record/what-works'
import { sayHelps } from '#core/record/what-works'
import { garmentHours } from '#core/record/garments'
import type { Profile } from '#core/record/profile'
import { plural } from './numbers'

/** What there is to say of a dog, in the order it is asked. */
export const ABOUT = [
  'weightKg',
  'born',
  'neutered',
  'coat',
  'ears',
  'hairyEars',
  'absent',
  'marks',
  'condition',
  'harnessHours',
  'collarAllDay',
  'garments',
  'ground',
  'hard',
  'works',
  'helps',
  'minutes',
  'groomer',
  'nextVisit',
] as const
export type About = (typeof ABOUT)[number]
export type Told = Omit<FactOf<'dog'>, 'kind'>

export const ABOUT_LABELS: Record<About, string> = {
  weightKg: 'Weight',
  born: 'Born',
  neutered: 'Neutered',
  coat: 'Coat',
  ears: 'Ears',
  hairyEars: 'Ear openings',
  absent: 'Not there',
  marks: 'Marks',
  condition: 'Condition',
  harnessHours: 'Harness',
  collarAllDay: 'Collar',
  garments: 'Clothes',
  ground: 'Walks on',
  hard: 'Finds hard',
  works: 'What works',
  helps: 'What helps',
  minutes: 'Your week',
  groomer: 'Groomer',
  nextVisit: 'Next visit',
}

/** What is asked of each thing that helps. */
export const HELPS_ASKS: Record<HelpId, string> = {
  breaks: 'Breaks: when, and how',
  treats: 'Treats that hold it still',
  mouth: 'Mouth: may it be held or opened',
  noises: 'Noises it minds',
}

const times = (n: number) => `${Number(n.toFixed(2))} times as fast`
/** How fast it fills what it lies on, as far as that was learned of this dog. */
const asLearned = (coat: Coat, cause: Cause, factor: number) =>
  times(factor * timesUnder(coat.causes, UNDER[cause]))
/** Minutes a week the coat asks as long as it is now. @param coat this morning */
export function weekOfCoat(profile: Profile, coat: Coat): number {
  const lengths = Object.fromEntries(coat.places.map((p) => [p.region.part, p.mm])) as Parameters<
    typeof weeklyMinutes
  >[2]
  return Math.round(weeklyMinutes(profile.coat, profile.weightKg, lengths))
}

/** What a thing that is true of the dog does, in a few words; nothing where nothing is worked out from it. */
export function effectOfTruth(which: About, profile: Profile, coat: Coat, today: string): string {
  const wants = () => `about ${weekOfCoat(profile, coat)} minutes a week`
  switch (which) {
    case 'weightKg':
      return wants()
    case 'coat':
      return `${wants()}; no place longer than ${COATS[profile.coat].ceilingDays} days without the comb`
    case 'born':
      return COATS[profile.coat].puppyChange ? 'from 6 to 14 months a coat like this knots twice as fast' : ''
    case 'ears':
      return profile.habits?.ears === 'pricked'
        ? 'wiped when there is something to wipe'
        : 'wiped at every look'
    case 'absent':
      return `${41 - profile.absent.length} places on the map`
    case 'marks':
      return profile.marks?.length ? 'covered with a hand before pin, comb or blade' : ''
    case 'condition':
      return (profile.condition ?? []).map((c) => CONDITION_CHANGES[c].asks).join('; ')
    case 'hairyEars':
      return profile.hairyEars ? 'what grows there is left, or done as your school has it; never plucked' : ''
    case 'works':
      return profile.works?.length ? 'said at the place on the table, and told to the groomer' : ''
    case 'helps':
      return sayHelps(profile.helps) ? 'told to the groomer' : ''
    case 'harnessHours':
      return profile.harnessHours
        ? `shoulders, chest, girth and armpits fill ${asLearned(coat, 'harness', harnessFactor(profile.harnessHours))}`
        : 'nothing rubs there'
    case 'collarAllDay':
      return profile.collarAllDay
        ? `the collar line fills ${asLearned(coat, 'collar', COLLAR_FACTOR)}`
        : 'nothing rubs there'
    case 'garments': {
      const now = garmentHours(profile, Number(today.slice(5, 7)))
      const most = Math.max(0, ...(profile.garments ?? []).map((g) => g.hours))
      if (!most) return ''
      return `what it covers fills ${asLearned(coat, 'coat', garmentFactor(now || most))}${now ? '' : ' while it is worn'}; brush through after it comes off`
    }
    case 'ground':
      return (profile.habits?.ground ?? 'hard') === 'hard'
        ? 'nails wear by themselves'
        : 'nails want trimming oftener'
    case 'hard':
      return profile.hard.length ? 'late in the order, never last, two minutes a day' : ''
    case 'minutes': {
      const has = profile.minutes.reduce((sum, m) => sum + m, 0)
      const asks = weekOfCoat(profile, coat)
      const spare = has - asks
      return `${has} there are, the coat asks ${asks}: ${spare < 0 ? `${-spare} short` : `${spare} to spare`}`
    }
    case 'nextVisit':
      return profile.nextVisit
        ? `the stretch runs to it, ${plural(Math.max(0, daysBetween(today, profile.nextVisit)), 'day')}`
        : 'the plan looks eight weeks ahead'
    case 'groomer':
    case 'neutered':
      return ''
  }
}

/** Legs and tails that may be missing, each with its places. */
export const MISSING = [
  { words: 'the tail', regions: ['tail'] },
  { words: 'the left foreleg', regions: ['foreleg.left', 'forefoot.left'] },
  { words: 'the right foreleg', regions: ['foreleg.right', 'forefoot.right'] },
  { words: 'the left hind leg', regions: ['thigh.left', 'inner-thigh.left', 'hock.left', 'hindfoot.left'] },
  {
    words: 'the right hind leg',
    regions: ['thigh.right', 'inner-thigh.right', 'hock.right', 'hindfoot.right'],
  },
] as const
