import { v7 as uuid } from 'uuid'
import type { CoatId } from '#core/coat/coat-types'
import { COATS } from '#core/coat/coat-types'
import { PART_IDS, REGIONS } from '#core/coat/regions'
import { MAX_KG, MIN_KG } from '#core/coat/size'
import { addDays } from '#core/record/day'
import type { Entry, FactOf } from '#core/record/entries'
import { COMBED_TOLD, HAND_FEELS } from '#core/record/hand'
import { profileSchema } from '#core/record/profile'
import type { Profile } from '#core/record/profile'
import { z } from '#core/zod'
import { lengthsAt, longestThatFits, weeklyMinutes } from '#core/plan/weekly'
import type { Lengths } from '#core/plan/weekly'
import type { NewDog } from '#shared/api'

/** The answers of setup as they stand, kept on this device so that a reload loses none; what cannot be read is asked again. */
const answersSchema = z.object({
  name: z.string().catch(''),
  sex: profileSchema.shape.sex.catch('female'),
  coat: profileSchema.shape.coat.nullable().catch(null),
  kg: z.string().catch(''),
  unit: z.enum(['kg', 'lb']).catch('kg'),
  born: z.string().catch(''),
  lastVisit: z.string().catch(''),
  /** No groomer yet, or nobody knows when: when a comb last went through, and what a hand feels. */
  combed: z.enum(COMBED_TOLD).nullable().catch(null),
  feels: z.enum(HAND_FEELS).nullable().catch(null),
  bodyMm: z.number().catch(20),
  nextVisit: z.string().catch(''),
  harnessHours: profileSchema.shape.harnessHours.catch(1),
  collarAllDay: z.boolean().catch(false),
  minutes: profileSchema.shape.minutes.catch([0, 10, 0, 10, 0, 30, 0]),
  hard: profileSchema.shape.hard.catch([]),
  groomer: z.string().catch(''),
  wish: z.string().catch(''),
})
export type Answers = z.output<typeof answersSchema>
/** @param kept what this device has of them, as it was written down */
export function answersFrom(kept: string | null): Answers {
  let read: unknown = null
  try {
    read = JSON.parse(kept ?? '{}')
  } catch {
    // Then there are none.
  }
  return answersSchema.catch(() => answersSchema.parse({})).parse(read)
}
export const freshAnswers = () => answersFrom(null)

const KG_PER_LB = 0.45359237

export const kilograms = (a: Answers): number | null => {
  const n = Number(String(a.kg).replace(',', '.'))
  if (!a.kg || !Number.isFinite(n)) return null
  return Math.round(n * (a.unit === 'lb' ? KG_PER_LB : 1) * 100) / 100
}

/** South of the line by the zone's own name; elsewhere the seasons of the north. */
const SOUTHERN =
  /^(Australia|Antarctica)\/|Auckland|Johannesburg|Buenos_Aires|Santiago|Sao_Paulo|Montevideo|Harare|Maputo/
function hemisphereHere(): Profile['hemisphere'] {
  return SOUTHERN.test(Intl.DateTimeFormat().resolvedOptions().timeZone) ? 'south' : 'north'
}

/** The weight while it is being typed may be no dog's: then the effect is said for a middling one. */
const MIDDLING_KG = 12

/** What the answers come to: minutes a week this coat wants, what there are, and what would fit. */
export function effectOf(a: Answers, mm = a.bodyMm) {
  if (!a.coat) return null
  const given = kilograms(a)
  const kg = given !== null && given >= MIN_KG && given <= MAX_KG ? given : MIDDLING_KG
  const wants = weeklyMinutes(a.coat, kg, lengthsAt(a.coat, mm))
  const has = a.minutes.reduce((s, m) => s + m, 0)
  return {
    /** The weight it is said for, and whether that is the dog's. */
    kg,
    isOwn: kg === given,
    wants: Math.round(wants),
    has,
    fits: wants <= has,
    shorter: longestThatFits(a.coat, kg, mm, has),
  }
}

/** A coat no groomer has had in hand: what was told of it, and as long as it is today. No place of it counts as met. */
const unmet = (hand: FactOf<'hand'>, lengths: Lengths, today: string): Entry[] => [
  { id: uuid(), day: today, what: hand },
  ...PART_IDS.map((part) => ({
    id: uuid(),
    day: today,
    what: {
      kind: 'measure' as const,
      regions: REGIONS.filter((r) => r.part === part).map((r) => r.id),
      mm: lengths[part],
    },
  })),
]

/**
 * The answers as a new dog: its profile, and as its first entries the last visit, or the lengths of a
 * coat that has met none.
 */
export function dogFrom(a: Answers, today: string): NewDog {
  if (!a.coat) throw new Error('Choose the coat first.')
  const since = a.lastVisit || today
  const lengths = lengthsAt(a.coat, a.bodyMm)
  const profile: Profile = {
    name: a.name.trim(),
    sex: a.sex,
    coat: a.coat,
    weightKg: kilograms(a) ?? 0,
    since,
    harnessHours: a.harnessHours,
    collarAllDay: a.collarAllDay,
    minutes: a.minutes,
    hard: a.hard,
    absent: [],
    hemisphere: hemisphereHere(),
    ...(a.born ? { born: a.born } : {}),
    ...(a.nextVisit ? { nextVisit: a.nextVisit } : {}),
    ...(a.groomer.trim() ? { groomer: a.groomer.trim() } : {}),
    ...(a.wish.trim() ? { wish: a.wish.trim() } : {}),
  }
  const first: Entry[] = !a.lastVisit
    ? unmet({ kind: 'hand', combed: a.combed ?? 'never', feels: a.feels ?? 'nothing' }, lengths, today)
    : [
        {
          id: uuid(),
          day: since,
          what: { kind: 'visit', lengths, found: [], ...(profile.groomer ? { by: profile.groomer } : {}) },
        },
      ]
  return { id: uuid(), profile, entries: first }
}

export const usualBody = (coat: CoatId) => COATS[coat].usualMm.body
export const inWeeks = (from: string, weeks: number) => addDays(from, weeks * 7)
