import { LEARNT_TOOLS } from './ladders'
import { z } from '../zod'
import { COAT_IDS } from '../coat/coat-types'
import { KNOT_CLASSES, PLACE_IDS, REGION_IDS } from '../coat/regions'
import type { PlaceId, RegionId } from '../coat/regions'
import { MAX_KG, MIN_KG } from '../coat/size'
import { DRYERS } from '../coat/drying'
import { TOOL_IDS } from '../coat/tools'
import {
  EAR_CARRIAGES,
  EAR_CARE_SCHOOLS,
  EAR_HAIR_SCHOOLS,
  FACE_SCHOOLS,
  GROUNDS,
  HANDLINGS,
  LINES,
  PRESSURES,
  SANITARY_SCHOOLS,
  SETTINGS,
  SITTINGS,
  STROKES,
  TURNS,
  TAUGHT,
  WASHES,
} from './habits'
import { CONDITIONS } from './condition'
import { CUTTER_IDS, GUARDS_MM } from './cutters'
import { MEANS_IDS } from './means'
import { MARKS } from './marks'
import { daySchema, oneLine, words } from './text'
import { CARE_IDS, CUT_IDS } from './tidies'
import { FIRST_LEGS, HELPS, POSITIONS } from './what-works'
import type { HelpId } from './what-works'

export { daySchema }

export const regionSchema = z.enum(REGION_IDS as [RegionId, ...RegionId[]], 'The coat map has no such place.')
export const placeSchema = z.enum(PLACE_IDS as [PlaceId, ...PlaceId[]], 'The coat map has no such place.')

const line = (most: number, what: string) =>
  z.string(`${what} is missing.`).pipe(oneLine(most, what).min(1, `${what} is missing.`))
export const nameSchema = line(40, 'The name')

export const MOST_MINUTES = 240
export const minutesSchema = z
  .number()
  .int('Minutes are whole numbers.')
  .min(0, 'Minutes start at 0.')
  .max(MOST_MINUTES, `A day takes ${MOST_MINUTES} minutes at most.`)

/** How an owner works, as far as they have said so. */
const habitsSchema = z
  .strictObject({
    /** Which way the lines go. */
    lines: z.enum(LINES),
    turns: z.enum(TURNS),
    strokes: z.enum(STROKES),
    pressure: z.enum(PRESSURES),
    /** Works on the floor with a dog used to it, not raised. */
    floor: z.boolean(),
    sittings: z.enum(SITTINGS),
    wash: z.enum(WASHES),
    handling: z.enum(HANDLINGS),
    /** Who has shown the owner how a single mat is tried; unset, mats are left alone. */
    matsShownBy: oneLine(40, 'The name').min(1, 'Who showed you?'),
    /** The dog is being taught to stand on the table. */
    tableToLearn: z.boolean(),
    /** Tools it is being brought along to. */
    learns: z.array(z.enum(LEARNT_TOOLS)).max(LEARNT_TOOLS.length),
    /** What the owner may do at a tidy; at `taught`, the groomer who showed them, and what. */
    setting: z.enum(SETTINGS),
    taughtBy: oneLine(40, 'The name').min(1, 'Who showed you?'),
    taught: z.array(z.enum(TAUGHT)).max(TAUGHT.length),
    /** The same of single tidies: with what, tool by tool, and who showed it. */
    may: z.partialRecord(
      z.enum(CUT_IDS),
      z.strictObject({
        setting: z.enum(SETTINGS),
        with: z.array(z.enum(MEANS_IDS)).max(MEANS_IDS.length).optional(),
        by: oneLine(40, 'The name').min(1, 'Who showed you?').optional(),
      }),
    ),
    /** What cuts, of what the owner has; and what of it is dull or bent. */
    cutters: z.array(z.enum(CUTTER_IDS)).max(CUTTER_IDS.length),
    worn: z.array(z.enum(CUTTER_IDS)).max(CUTTER_IDS.length),
    /** Guard combs owned, by what they leave, mm. */
    guards: z.array(z.number().min(1).max(60)).max(3 * GUARDS_MM.length),
    face: z.enum(FACE_SCHOOLS),
    ears: z.enum(EAR_CARRIAGES),
    earHair: z.enum(EAR_HAIR_SCHOOLS),
    earCare: z.enum(EAR_CARE_SCHOOLS),
    sanitary: z.enum(SANITARY_SCHOOLS),
    ground: z.enum(GROUNDS),
    dryer: z.enum(DRYERS),
    watts: z.number().min(300, 'No dryer for a dog draws less than 300 W.').max(4000, 'At most 4000 W.'),
    /** When the dog goes to bed, minutes after midnight. */
    bed: z.number().int().min(0).max(1439),
    /** A vet's plan for the skin: it overrides every bath here. */
    vetPlan: words(200),
    /** Whether the day's weather suggests entries and checks. */
    weather: z.boolean(),
    tools: z.array(z.enum(TOOL_IDS)).max(TOOL_IDS.length),
    /** How often each kind of care is to come, days, where the owner has said so: it holds. */
    every: z.partialRecord(
      z.enum(CARE_IDS),
      z.number().int('Whole days.').min(1, 'Every day at most.').max(365, 'Once a year at least.'),
    ),
    /** Width of the owner's forefinger at the last joint, mm: a ruler that is always at hand. */
    fingerMm: z.number().min(8, 'A finger is at least 8 mm wide.').max(30, 'A finger is at most 30 mm wide.'),
  })
  .partial()
export type Habits = z.infer<typeof habitsSchema>

const hours = z
  .number('Give the hours as a number.')
  .min(0, 'Hours start at 0.')
  .max(24, 'A day has 24 hours.')
/** No coat comes to more than so many times what is taken of it, or less than one in so many (judgement). */
const MOST_TIMES = 20
const month = z.number().int().min(1).max(12)

/** What is true of a dog from a day on, until it is told otherwise. */
export const TRUTHS = {
  coat: z.enum(COAT_IDS, 'Choose one of the eight coats.'),
  weightKg: z
    .number('Give the weight in kilograms.')
    .min(MIN_KG, `A dog weighs at least ${MIN_KG} kg.`)
    .max(MAX_KG, `A dog weighs at most ${MAX_KG} kg. Was that pounds?`),
  /** Birth month, for the puppy coat change. */
  born: z
    .string()
    .regex(/^(19|20|21)\d{2}-(0[1-9]|1[0-2])$/, 'Give the birth month as year-month, such as 2025-04.'),
  neutered: z.boolean(),
  groomer: nameSchema,
  harnessHours: hours,
  collarAllDay: z.boolean(),
  /** Clothes it wears: from month to month, over the new year where the first is the later, and hours a day. */
  garments: z
    .array(z.strictObject({ what: line(30, 'What it wears'), from: month, to: month, hours }))
    .max(6, 'Six garments at most.'),
  /** Minutes to spare, Monday to Sunday. */
  minutes: z.array(minutesSchema).length(7, 'Seven days, Monday to Sunday.'),
  /** Places the dog finds hard, as the owner says. */
  hard: z.array(placeSchema).max(28),
  /** Regions this dog has not got: a docked tail, a leg lost. */
  absent: z.array(regionSchema).max(20),
  marks: z
    .array(
      z.strictObject({
        what: z.enum(MARKS),
        region: regionSchema,
        says: oneLine(80, 'What it is').optional(),
      }),
    )
    .max(20, 'Twenty marks at most.'),
  condition: z.array(z.enum(CONDITIONS)).max(CONDITIONS.length),
  /** What coats like it come to, of many dogs, as it was learned then: times what is taken of that coat, by class of place. */
  like: z.strictObject({
    version: z.number().int().min(1),
    coat: z.enum(COAT_IDS),
    times: z.partialRecord(
      z.enum(KNOT_CLASSES),
      z
        .number()
        .min(MOST_TIMES ** -1)
        .max(MOST_TIMES),
    ),
  }),
  /** Hair grows in the ears' openings. */
  hairyEars: z.boolean(),
  /** What works on this dog, by place: how it stands or lies, which hold, which leg first. */
  works: z
    .array(
      z.strictObject({
        place: placeSchema,
        position: z.enum(POSITIONS).optional(),
        hold: oneLine(40, 'The hold').optional(),
        first: z.enum(FIRST_LEGS).optional(),
      }),
    )
    .max(28, 'A place each, at most.'),
  /** What helps it through, and what does not: breaks, treats, the mouth, noises. */
  helps: z.strictObject(
    Object.fromEntries(HELPS.map((of) => [of, oneLine(60).optional()])) as Record<
      HelpId,
      z.ZodOptional<ReturnType<typeof oneLine>>
    >,
  ),
}

/** A dog as it is on a day. What happens on a day is an entry; so is what becomes true on one. */
export const profileSchema = z.strictObject({
  ...TRUTHS,
  name: nameSchema,
  sex: z.enum(['female', 'male'], 'Say she or he.'),
  breed: oneLine(60, 'The breed').optional(),
  born: TRUTHS.born.optional(),
  neutered: TRUTHS.neutered.optional(),
  garments: TRUTHS.garments.optional(),
  marks: TRUTHS.marks.optional(),
  condition: TRUTHS.condition.optional(),
  hairyEars: TRUTHS.hairyEars.optional(),
  like: TRUTHS.like.optional(),
  works: TRUTHS.works.optional(),
  helps: TRUTHS.helps.optional(),
  /** First day of the record, where nothing earlier is known. */
  since: daySchema,
  nextVisit: daySchema.optional(),
  groomer: TRUTHS.groomer.optional(),
  hemisphere: z.enum(['north', 'south', 'none']),
  /** What the owner would like of the groomer, in their words. */
  wish: words(200).optional(),
  /** How the owner works, where they have said so. */
  habits: habitsSchema.optional(),
})
export type Profile = z.infer<typeof profileSchema>
