import { z } from '../zod'
import { DRYERS } from '../coat/drying'
import { PART_IDS } from '../coat/regions'
import { BLADE_IDS } from './cutters'
import { LEARNT_TOOLS } from './ladders'
import { KNOT_ANSWERS, KNOT_REASONS } from './knot-answers'
import { CARE_PART_IDS, carePart } from './care-parts'
import { FOUND_IDS, LENGTH_BY, PART_DID, PART_HOW } from './part-done'
import { OUTCOME_IDS } from './look-outcomes'
import { MEANS_IDS } from './means'
import { COMBED_TOLD, HAND_FEELS } from './hand'
import { NAILS_DID } from './nails-did'
import { SIGN_IDS } from './signs'
import { SPOT_IDS } from './spots'
import { VISIT_DID } from './visit-did'
import { COMFORT_IDS, FINDING_IDS, MOST_KNOTS, UNDERCOAT_IDS } from './findings'
import { EAR_CARRIAGES, GROUNDS, SETTINGS, TAUGHT } from './habits'
import { CARE_UNIT_IDS, CUT_IDS, REHEARSED_IDS, TIDY_IDS } from './tidies'
import { minutesSchema, nameSchema, placeSchema, regionSchema, TRUTHS } from './profile'
import { daySchema, idSchema, words as someText } from './text'
import { lengthMm, wishAnswerLinesSchema, wishLinesSchema } from './wish-lines'

const count = z
  .number()
  .int('Count whole knots.')
  .min(0, 'A count starts at 0.')
  .max(MOST_KNOTS, `More than ${MOST_KNOTS} in one place is felt: choose felt.`)

const regions = z.array(regionSchema).min(1, 'Name at least one place.').max(41)

const comfort = z.enum(COMFORT_IDS, 'Comfort is easy, fidgety or stopped.')
const finding = z.enum(FINDING_IDS, 'A finding is glides, snag, knot, mat, felt or refused.')

/** What the owner decides about the days to come; the planner keeps to it. */
const choicesSchema = z.strictObject({
  /** Days without a session. */
  blocked: z.array(daySchema).max(400),
  /** Minutes on single days, other than the week's. */
  minutesOn: z.record(daySchema, minutesSchema),
  /** Longest session the dog is asked to bear, minutes. */
  longest: minutesSchema.optional(),
  /** What a mat is worth, minutes: 20, a few are fine, to 400, keep it long at any cost. */
  matWorth: z.number().min(20, 'A mat is worth 20 minutes at least.').max(400, 'And 400 at most.'),
})
export type Choices = z.infer<typeof choicesSchema>

const plannedSchema = z.strictObject({
  day: daySchema,
  places: z.array(placeSchema).max(28),
  /** The owner put it there: it stays. */
  pinned: z.boolean(),
})
export type Planned = z.infer<typeof plannedSchema>

/** Care beside the comb, on its day. */
const plannedCareSchema = z.strictObject({
  day: daySchema,
  unit: z.enum(CARE_UNIT_IDS),
  /** The owner put it there: it stays. */
  pinned: z.boolean(),
})
export type PlannedCare = z.infer<typeof plannedCareSchema>

export const REHEARSED_WENT = ['kept', 'open', 'later'] as const
export const ADVICE_ANSWERS = ['read', 'done', 'asked'] as const

/** Words a person writes beside a thing, at most 200 letters. */
const words = someText(200)
const someWords = words.min(1, 'Say what.')

/** What a groomer says this owner may do at home, and was shown. */
const allowsSchema = z.strictObject({
  setting: z.enum(SETTINGS),
  taught: z.array(z.enum(TAUGHT)).max(TAUGHT.length),
  /** At single tidies, tool by tool. */
  may: z.partialRecord(z.enum(CUT_IDS), z.array(z.enum(MEANS_IDS)).max(MEANS_IDS.length)).optional(),
  /** May try a single mat, as shown. */
  mats: z.boolean(),
})

/** Minutes care took, as timed or told. */
const careMinutes = z.number('Give the minutes as a number.').min(0).max(600, 'Ten hours at most.')

/** What became of a part of a tidy. Nothing is cut unless it says cut. */
const partDone = z
  .strictObject({
    part: z.enum(CARE_PART_IDS, 'There is no such part.'),
    did: z.enum(PART_DID),
    how: z.enum(PART_HOW).optional(),
    /** What it was cut with. */
    using: z.enum(MEANS_IDS).optional(),
    /** Length left, and where it comes from. */
    mm: lengthMm.optional(),
    by: z.enum(LENGTH_BY).optional(),
    comfort: comfort.optional(),
    outcome: z.enum(OUTCOME_IDS).optional(),
    /** What was met there. */
    found: z.array(z.enum(FOUND_IDS)).min(1).max(FOUND_IDS.length).optional(),
  })
  .refine((p) => p.mm === undefined || p.how === 'cut', 'A length is left only where it was cut.')
export type PartDone = z.infer<typeof partDone>

/** What can be recorded of a day. Each kind is one thing that happens to a coat. */
export const factSchema = z.discriminatedUnion('kind', [
  /** What becomes true of the dog, from this day until it is told otherwise. */
  z
    .strictObject({
      kind: z.literal('dog'),
      ...TRUTHS,
      /** The next visit: booked or moved, or with null called off. */
      nextVisit: daySchema.nullable(),
      ears: z.enum(EAR_CARRIAGES),
      /** What it walks on: hard ground wears nails. */
      ground: z.enum(GROUNDS),
    })
    .partial()
    .required({ kind: true })
    .refine((d) => Object.keys(d).length > 1, 'Say what became true.'),
  /** A coat nobody has written of, or not for long: when a comb last went through it, and what a hand feels. */
  z.strictObject({
    kind: z.literal('hand'),
    combed: z.enum(COMBED_TOLD, 'Say when a comb last went through.'),
    feels: z.enum(HAND_FEELS, 'Say what a hand feels.'),
  }),
  /** A comb check of one region. `out` is how many of the `count` were teased out. */
  z
    .strictObject({
      kind: z.literal('check'),
      region: regionSchema,
      finding,
      count: count.optional(),
      out: count.optional(),
      comfort: comfort.optional(),
      seconds: z.number().min(0).max(7200).optional(),
      /** The catch may be dirt alone: the check stays open until after the wash. */
      open: z.literal(true).optional(),
      /** What was decided about a knot there, and why. */
      decided: z.strictObject({ answer: z.enum(KNOT_ANSWERS), why: z.enum(KNOT_REASONS) }).optional(),
    })
    .refine((c) => (c.out ?? 0) <= (c.count ?? 1), 'More came out than were found.')
    .refine((c) => !c.open || c.finding === 'snag', 'Only a catch can be dirt alone.'),
  z.strictObject({ kind: z.literal('brush'), depth: z.enum(['skin', 'surface']), regions }),
  z.strictObject({
    kind: z.literal('wash'),
    combedOut: z.boolean(),
    /** Only these were washed; without them all of it was. */
    places: z.array(placeSchema).min(1).max(28).optional(),
    /** Not dried to the skin. */
    damp: regions.optional(),
    /** How long drying took, and with what. */
    dried: z
      .strictObject({
        minutes: z.number().min(1, 'A minute at least.').max(600, 'Ten hours at most.'),
        with: z.enum(DRYERS),
        watts: z.number().min(300).max(4000).optional(),
        cold: z.literal(true).optional(),
      })
      .optional(),
  }),
  z.strictObject({
    kind: z.literal('wet'),
    how: z.enum(['swim', 'rain', 'grass']),
    combedDry: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('gear'),
    gear: z.enum(['harness', 'collar', 'coat']),
    hours: z.number().min(0, 'Hours start at 0.').max(24, 'A day has 24 hours.'),
  }),
  z.strictObject({ kind: z.literal('measure'), regions, mm: lengthMm }),
  /** A professional visit: lengths left by part, and what the groomer found. */
  z.strictObject({
    kind: z.literal('visit'),
    lengths: z.partialRecord(z.enum(PART_IDS), lengthMm),
    /** What was found, and how the dog was there. */
    found: z
      .array(
        z.strictObject({
          region: regionSchema,
          finding,
          count: count.optional(),
          comfort: comfort.optional(),
        }),
      )
      .max(41),
    /** What it was cut with, and which way it was run: all of it, or a part. */
    ran: z
      .array(
        z.strictObject({
          part: z.enum(PART_IDS).optional(),
          blade: z.enum(BLADE_IDS).optional(),
          guard: z.number().min(1).max(60).optional(),
          against: z.literal(true).optional(),
        }),
      )
      .max(6)
      .optional(),
    /** Minutes that knots and mats took. */
    knotMinutes: careMinutes.optional(),
    by: nameSchema.optional(),
    /** A body clip done at home: the stretch goes on. */
    home: z.literal(true).optional(),
    /** Lengths of single places, where they are not their part's. */
    except: z
      .array(z.strictObject({ place: placeSchema, side: z.enum(['left', 'right']).optional(), mm: lengthMm }))
      .max(41)
      .optional(),
    did: z.array(z.enum(VISIT_DID)).max(VISIT_DID.length).optional(),
    /** It did what `did` says and no more; without this it is taken to have done everything. */
    only: z.literal(true).optional(),
    comfort: comfort.optional(),
    allows: allowsSchema.optional(),
    /** What works on this dog, as they found it; of a place it takes the place of what was told before. */
    works: TRUTHS.works.optional(),
    /** When to come again, and why then. */
    suggests: z.strictObject({ day: daySchema, why: words }).optional(),
  }),
  /** What the owner would like of the next cut, by part or place. It takes the place of what was wished before. */
  z.strictObject({
    kind: z.literal('wish'),
    lines: wishLinesSchema,
  }),
  /** What the groomer says to it, line by line. */
  z.strictObject({
    kind: z.literal('wish-answer'),
    wish: idSchema(),
    from: nameSchema,
    lines: wishAnswerLinesSchema,
  }),
  /** The owner takes the answer: this is what is agreed. */
  z.strictObject({ kind: z.literal('wish-taken'), answer: idSchema() }),
  /** Days the groomer could take the dog, with their name. They stand until one is booked, or others are given. */
  z.strictObject({
    kind: z.literal('proposed'),
    from: nameSchema,
    days: z.array(daySchema).min(1, 'Give a day at least.').max(6, 'Six days at most.'),
    says: words.min(1).optional(),
  }),
  /** An instruction for home, with the name of who gave it. It stands until it is answered as done. */
  z.strictObject({
    kind: z.literal('advice'),
    from: nameSchema,
    place: placeSchema.optional(),
    says: someWords,
  }),
  z.strictObject({
    kind: z.literal('advice-answer'),
    advice: idSchema(),
    how: z.enum(ADVICE_ANSWERS),
  }),
  /** Care beside the comb, done at home; whether it was time for it, as it turned out. */
  z
    .strictObject({
      kind: z.literal('tidy'),
      tidy: z.enum(TIDY_IDS, 'There is no such tidy.'),
      was: z.enum(['not-yet', 'right', 'overdue']).optional(),
      /** Length left, mm; or of each side, where they were matched. */
      mm: lengthMm.optional(),
      sides: z.strictObject({ left: lengthMm, right: lengthMm }).optional(),
      nails: z.enum(NAILS_DID).optional(),
      comfort: comfort.optional(),
      /** How a look came out, of what is looked at whole. */
      outcome: z.enum(OUTCOME_IDS).optional(),
      minutes: careMinutes.optional(),
      /** What became of each part; one that is not named was left. Without them all of it was done. */
      parts: z.array(partDone).min(1, 'Name at least one part.').max(16).optional(),
    })
    .refine(
      (t) => (t.parts ?? []).every((p) => carePart(p.part).tidy === t.tidy),
      'That is no part of this tidy.',
    )
    .refine((t) => new Set(t.parts?.map((p) => p.part)).size === (t.parts?.length ?? 0), 'Each part once.'),
  /** Dead undercoat, by rake or carding knife: how packed it was. */
  z.strictObject({
    kind: z.literal('undercoat'),
    /** Of all of it; the most packed of its places, where they were told. */
    finding: z.enum(UNDERCOAT_IDS),
    comfort: comfort.optional(),
    minutes: careMinutes.optional(),
    /** What the rake met, by place and pass. */
    places: z
      .array(
        z.strictObject({
          place: placeSchema,
          finding: z.enum(UNDERCOAT_IDS),
          pass: z.number().int().min(1).max(5).optional(),
        }),
      )
      .min(1)
      .max(60)
      .optional(),
  }),
  /** Something seen at a look-over that a vet should hear of. It stays open until it is closed. */
  z.strictObject({
    kind: z.literal('concern'),
    where: z.union([placeSchema, z.enum(SPOT_IDS)]),
    seen: z.array(z.enum(SIGN_IDS)).min(1, 'Say what was seen.').max(SIGN_IDS.length),
    says: words.optional(),
  }),
  z.strictObject({
    kind: z.literal('concern-closed'),
    concern: idSchema(),
    how: z.enum(['vet', 'well', 'mistaken']),
  }),
  /** Two minutes of bringing a hard place along: the step of `core/care/handling/ladders.ts`, and how it went. */
  z.strictObject({
    kind: z.literal('handling'),
    place: z.union([placeSchema, z.literal('table'), z.enum(LEARNT_TOOLS)]),
    step: z.number().int().min(0).max(6),
    went: comfort,
    /** The dog snapped or bit. */
    snapped: z.boolean().optional(),
  }),
  /** Where no blade goes, asked on paper before a first cut; or put off, in words. */
  z.strictObject({
    kind: z.literal('rehearsed'),
    of: z.enum(REHEARSED_IDS),
    by: nameSchema.optional(),
    /** All of it was kept off; some was left open; or it was put off. */
    went: z.enum(REHEARSED_WENT),
    says: words.optional(),
  }),
  /** A photograph; the picture itself has this entry's id. */
  z.strictObject({
    kind: z.literal('photo'),
    place: placeSchema.optional(),
    says: words.optional(),
  }),
  /** The plan as it stands from this entry on. It says nothing of the coat. */
  z.strictObject({
    kind: z.literal('plan'),
    /** The day it runs to, not itself planned: the visit, or as far as a plan looks. */
    to: daySchema,
    choices: choicesSchema,
    sessions: z.array(plannedSchema).max(400),
    /** Care that has its minutes in it; a plan of before had none. */
    care: z.array(plannedCareSchema).max(800).optional(),
    /** What of the profile it was made from. */
    basis: someText(2000),
    /** By what share of its cost it is at most above the best plan there is; unset once changed by hand. */
    gap: z.number().min(0).max(1).optional(),
    /** The latest entry it was made in view of: another device's clock may run ahead of this one's. */
    knows: idSchema().optional(),
  }),
  /** A session at the table, for its minutes. */
  z.strictObject({ kind: z.literal('session'), minutes: z.number().min(0).max(600), places: count }),
])
export type Fact = z.infer<typeof factSchema>
export type FactOf<K extends Fact['kind']> = Extract<Fact, { kind: K }>

/** Takes the place of an earlier entry, or with null takes it back. The earlier one stays on file. */
const correctionSchema = z.strictObject({
  kind: z.literal('correction'),
  replaces: idSchema('A correction names the entry it replaces.'),
  by: factSchema.nullable(),
  /** The latest entry it was made in view of: another device's clock may run ahead of this one's. */
  knows: idSchema().optional(),
})

export const entrySchema = z.strictObject({
  /** Made on the device, so that adding one twice changes nothing. UUIDv7, so later is larger. */
  id: idSchema('An entry wants an id made on the device.'),
  day: daySchema,
  time: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Give the time as hours and minutes, such as 18:40.')
    .optional(),
  what: z.union([factSchema, correctionSchema]),
})
export type Entry = z.infer<typeof entrySchema>
/** An entry that is in force: corrections applied, none left. */
export interface DatedFact {
  id: string
  day: string
  time?: string | undefined
  what: Fact
}
