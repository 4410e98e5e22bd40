import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/server'
import { z } from '../core/zod'
import { entrySchema } from '../core/record/entries'
import { wishLinesSchema } from '../core/record/wish-lines'
import { UNMET_SHADE } from '../core/record/odds'
import { nameSchema, profileSchema, regionSchema } from '../core/record/profile'
import { daySchema, idSchema, oneLine, words } from '../core/record/text'
import { LEAST_PASSWORD, MOST_NOTE, MOST_PASSWORD, ROLES, SCOPES } from './limits'
import type { RefusedEntry } from './answers'

/** What crosses the wire. Bodies are parsed with these on the server; their types serve both ends. */

const emailSchema = z
  .email('That is not an email address.')
  .max(254, 'That address is too long.')
  .transform((s) => s.toLowerCase())
/** Length alone: long enough to be worth guessing at, short enough to hash. */
const passwordSchema = z
  .string()
  .min(LEAST_PASSWORD, `A password wants ${LEAST_PASSWORD} characters or more.`)
  .max(MOST_PASSWORD, `A password is at most ${MOST_PASSWORD} characters.`)

/** Long enough for a year's visits. */
const MOST_SHARE_DAYS = 400

/** A zone by its own name, however it was spelled; a bare offset is none, for it knows no change of clocks. */
const timeZoneSchema = z.string().transform((zone, context) => {
  try {
    if (!/^[A-Za-z]/.test(zone)) throw new RangeError(zone)
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone
  } catch {
    context.addIssue({ code: 'custom', message: 'That is not a time zone.' })
    return z.NEVER
  }
})

export const signUpBody = z.strictObject({
  name: nameSchema,
  email: emailSchema,
  password: passwordSchema,
  timeZone: timeZoneSchema,
})
export const signInBody = z.strictObject({
  email: emailSchema,
  password: z.string().min(1, 'Give the password.').max(200, 'A password is at most 200 characters.'),
})

/** What a device answers with a key; the library that reads it knows its shape. */
const keySays = z.looseObject({
  id: z
    .string()
    .regex(/^[\w-]+$/)
    .max(1400),
  rawId: z.string().max(1400),
  type: z.literal('public-key'),
  clientExtensionResults: z.looseObject({}),
  response: z.looseObject({ clientDataJSON: z.string() }),
})
export const keyBody = z.strictObject({
  response: keySays as unknown as z.ZodType<AuthenticationResponseJSON>,
})
export const newKeyBody = z.strictObject({
  name: oneLine(60, 'The name').min(1, 'A key wants a name, to know it by.'),
  response: keySays as unknown as z.ZodType<RegistrationResponseJSON>,
})
/** A password changed by whoever knows the one there is. */
export const changePasswordBody = z.strictObject({ now: signInBody.shape.password, password: passwordSchema })
/** Once more who somebody is: by password, or by a key. */
export const againBody = z
  .strictObject({
    password: signInBody.shape.password.optional(),
    passkey: keyBody.shape.response.optional(),
  })
  .refine((b) => b.password ?? b.passkey, { message: 'Give the password.', path: ['password'] })
export const newPasswordBody = z.strictObject({ password: passwordSchema })
export const addressBody = z.strictObject({ email: emailSchema })
/** A password that was forgotten: of a household's account, or a room's. */
export const forgottenBody = z.strictObject({ email: emailSchema, of: z.enum(['household', 'room']) })

/** A new dog comes with its first entries: the last visit, or the lengths as measured. */
export const newDogBody = z.strictObject({
  id: idSchema(),
  profile: profileSchema,
  entries: z.array(entrySchema).max(50),
})
export const profileBody = z.strictObject({ profile: profileSchema })
const MOST_ENTRIES_AT_ONCE = 500
/** Entries are parsed one by one, so that one that is wrong keeps none of the others waiting. */
export const entriesBody = z.strictObject({
  entries: z
    .array(z.unknown())
    .min(1, 'There is no entry in it.')
    .max(MOST_ENTRIES_AT_ONCE, `Send at most ${MOST_ENTRIES_AT_ONCE} entries at once.`),
})

const noteText = words(MOST_NOTE, 'The note').min(1, 'The note is empty.')
/** What of the record goes along with a note: the map as it stood, and photographs. */
export const attachedSchema = z.strictObject({
  map: z
    .strictObject({
      day: daySchema,
      shades: z.partialRecord(regionSchema, z.number().int().min(0).max(UNMET_SHADE)),
    })
    .optional(),
  photographs: z.array(idSchema()).max(6, 'Six photographs at most go with a note.').optional(),
})
export const noteBody = z.strictObject({
  id: idSchema(),
  body: noteText,
  attached: attachedSchema.optional(),
})
export const replyBody = z.strictObject({ id: idSchema(), body: noteText })

export const shareBody = z.strictObject({
  id: idSchema(),
  groomer: nameSchema,
  scope: z.enum(SCOPES),
  /** Where the link is to be mailed, and notes after it. */
  email: emailSchema.optional(),
  days: z
    .number()
    .int()
    .min(1, 'A link stays open a day at least.')
    .max(MOST_SHARE_DAYS, `A link stays open ${MOST_SHARE_DAYS} days at most.`),
})

export const householdBody = z.strictObject({
  name: oneLine(60, 'The name').min(1, 'A household wants a name.'),
  timeZone: timeZoneSchema,
  /** Whether what its dogs' coats come to is counted with others'; left out, as it was. */
  sharesCounts: z.boolean().optional(),
})
export const invitationBody = z.strictObject({ id: idSchema(), name: nameSchema, role: z.enum(ROLES) })
export const joinBody = z.strictObject({ name: nameSchema, email: emailSchema, password: passwordSchema })
export const roleBody = z.strictObject({ role: z.enum(ROLES) })
/** How somebody wants to hear of things: notes by mail, and a reminder at minutes after midnight or none. */
export const mePrefsBody = z.strictObject({
  mailNotes: z.boolean(),
  remindAt: z.number().int().min(0).max(1439).nullable(),
})

export const groomerBody = z.strictObject({
  name: nameSchema,
  room: oneLine(60, 'The name').min(1, 'A room wants a name.'),
  email: emailSchema,
  password: passwordSchema,
})
export const roomBody = z.strictObject({ room: groomerBody.shape.room, mailNotes: z.boolean() })
/** Somebody asked into a room, by the name they are asked by. */
export const colleagueBody = z.strictObject({ id: idSchema(), name: nameSchema })
/** A dog is kept in a room by its link, or by the code that goes with it. */
export const keepBody = z
  .strictObject({
    token: z.string().max(100).optional(),
    code: z.string().trim().max(40, 'A code is shorter than that.').optional(),
  })
  .refine((b) => b.token || b.code, 'Give the code, or open the link.')

/** A visit as the groomer enters it: the visit itself, what is said for home, and a word to the owner. */
export const visitBody = z.strictObject({
  visit: entrySchema,
  advice: z.array(entrySchema).max(30, 'Thirty instructions are more than anyone keeps.'),
  note: replyBody.optional(),
})

/** What a groomer says of a dog between visits: to a wish, or which days there are. */
export const groomersWordsBody = z.strictObject({ entry: entrySchema })
/** Lengths a groomer would rather leave, to see what they cost at home. */
export const priceBody = z.strictObject({ lines: wishLinesSchema })

/** Whoever reads letters to an address says whether more may come; the token is in each of them. */
export const lettersBody = z.strictObject({ token: z.string().max(600), may: z.boolean() })

export type NewDog = z.input<typeof newDogBody>
export type Attached = z.output<typeof attachedSchema>

/** How every refusal looks. */
export interface Refusal {
  statusCode: number
  message: string
  fields?: Record<string, string>
  /** What a page acts on; the words are for people. */
  code?: 'no-longer' | 'again'
  /** Of entries, those that were not taken, by the server's time. */
  refused?: RefusedEntry[]
  now?: string
}
