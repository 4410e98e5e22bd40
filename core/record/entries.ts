import { z } from 'zod'
import { PART_IDS } from '../coat/regions'
import { COMFORT_IDS, FINDING_IDS } from './findings'
import { daySchema, nameSchema, regionSchema } from './profile'

/** Knots of one kind in one place; past this a place is felted, not counted (judgement). */
export const MOST_KNOTS = 40
const count = z
  .number()
  .int('Count whole knots.')
  .min(0, 'A count starts at 0.')
  .max(MOST_KNOTS, `More than ${MOST_KNOTS} in one place is felt: choose felt.`)

const lengthMm = z
  .number('Give the length in millimetres.')
  .min(0, 'A length starts at 0 mm.')
  .max(400, 'Hair longer than 400 mm is past this map.')

const regions = z.array(regionSchema).min(1, 'Name at least one place.').max(41)

const comfort = z.enum(COMFORT_IDS, 'Comfort is easy, fidgety or stopped.')
const finding = z.enum(FINDING_IDS, 'A finding is glides, snag, knot, mat, felt or refused.')

/** What can be recorded of a day. Each kind is one thing that happens to a coat. */
export const factSchema = z.discriminatedUnion('kind', [
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
    })
    .refine((c) => (c.out ?? 0) <= (c.count ?? 1), 'More came out than were found.'),
  z.strictObject({ kind: z.literal('brush'), depth: z.enum(['skin', 'surface']), regions }),
  z.strictObject({ kind: z.literal('wash'), combedOut: z.boolean() }),
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
    lengths: z.record(z.enum(PART_IDS), lengthMm),
    found: z.array(z.strictObject({ region: regionSchema, finding, count: count.optional() })).max(41),
    by: nameSchema.optional(),
  }),
  /** A session at the table, for its minutes. */
  z.strictObject({ kind: z.literal('session'), minutes: z.number().min(0).max(600), places: count }),
])
export type Fact = z.infer<typeof factSchema>
export type FactOf<K extends Fact['kind']> = Extract<Fact, { kind: K }>

/** Takes the place of an earlier entry, or with null takes it back. The earlier one stays on file. */
const correctionSchema = z.strictObject({
  kind: z.literal('correction'),
  replaces: z.uuid('A correction names the entry it replaces.'),
  by: factSchema.nullable(),
})

export const entrySchema = z.strictObject({
  /** Made on the device, so that adding one twice changes nothing. UUIDv7, so later is larger. */
  id: z.uuid('An entry wants an id made on the device.'),
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
