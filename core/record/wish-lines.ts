import { z } from '../zod'
import { PART_IDS } from '../coat/regions'
import { placeSchema } from './profile'
import { words } from './text'

/** Length of hair, mm. */
export const lengthMm = z
  .number('Give the length in millimetres.')
  .min(0, 'A length starts at 0 mm.')
  .max(400, 'Hair longer than 400 mm is past this map.')

/** What a groomer says to a wish: will do; rather another length; not on this coat. */
const WISH_ANSWERS = ['will', 'rather', 'not'] as const

/** A part of the coat, or one place of it. */
const where = z.object({ part: z.enum(PART_IDS).optional(), place: placeSchema.optional() })
export type WishWhere = z.infer<typeof where>
const ofOne = (w: WishWhere) => (w.part === undefined) !== (w.place === undefined)
const eachOnce = (lines: readonly WishWhere[]) =>
  new Set(lines.map((l) => l.place ?? `part.${l.part}`)).size === lines.length
const MOST_WISHES = 20

/** A length; or left to grow; or a shape in words; of one part or place. */
const wishLine = z
  .strictObject({
    ...where.shape,
    mm: lengthMm.optional(),
    leave: z.literal(true).optional(),
    says: words(60).min(1).optional(),
  })
  .refine(ofOne, 'A wish is of a part or of a place.')
  .refine((w) => w.mm !== undefined || w.leave || w.says, 'Say what you would like there.')
  .refine((w) => w.mm === undefined || !w.leave, 'Either a length, or left to grow.')
export const wishLinesSchema = z
  .array(wishLine)
  .min(1, 'Wish for one place at least.')
  .max(MOST_WISHES, `${MOST_WISHES} lines are the most.`)
  .refine(eachOnce, 'Each part or place once.')
export type WishLine = z.infer<typeof wishLine>
const wishAnswerLine = z
  .strictObject({
    ...where.shape,
    how: z.enum(WISH_ANSWERS),
    mm: lengthMm.optional(),
    because: words(120).min(1).optional(),
  })
  .refine(ofOne, 'An answer is to a part or to a place.')
  .refine((a) => a.how !== 'rather' || a.mm !== undefined, 'Say which length you would rather leave.')
  .refine((a) => a.how !== 'will' || a.mm === undefined, 'A length goes with “rather”.')
export type WishAnswerLine = z.infer<typeof wishAnswerLine>
export const wishAnswerLinesSchema = z
  .array(wishAnswerLine)
  .min(1, 'Answer one line at least.')
  .max(MOST_WISHES, `${MOST_WISHES} lines are the most.`)
  .refine(eachOnce, 'Each part or place once.')
