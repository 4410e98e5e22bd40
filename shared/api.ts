import { z } from 'zod'
import { entrySchema } from '../core/record/entries'
import type { Entry } from '../core/record/entries'
import { nameSchema, profileSchema } from '../core/record/profile'
import type { Profile } from '../core/record/profile'
import { LEAST_PASSWORD, MOST_NOTE } from './limits'

/** What crosses the wire. Bodies are parsed with these on the server; their types serve both ends. */

export const emailSchema = z
  .email('That is not an email address.')
  .max(254, 'That address is too long.')
  .transform((s) => s.toLowerCase())
/** Length alone: long enough to be worth guessing at, short enough to hash. */
export const passwordSchema = z
  .string()
  .min(LEAST_PASSWORD, `A password wants ${LEAST_PASSWORD} characters or more.`)
  .max(200, 'A password is at most 200 characters.')

const timeZoneSchema = z.string().refine((zone) => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone })
    return true
  } catch {
    return false
  }
}, 'That is not a time zone.')

export const signUpBody = z.strictObject({
  name: nameSchema,
  email: emailSchema,
  password: passwordSchema,
  timeZone: timeZoneSchema,
})
export const signInBody = z.strictObject({ email: emailSchema, password: z.string().min(1).max(200) })

/** A new dog comes with its first entries: the last visit, or the lengths as measured. */
export const newDogBody = z.strictObject({
  id: z.uuid(),
  profile: profileSchema,
  entries: z.array(entrySchema).max(50),
})
export const profileBody = z.strictObject({ profile: profileSchema })
export const MOST_ENTRIES_AT_ONCE = 500
export const entriesBody = z.strictObject({
  entries: z
    .array(entrySchema)
    .min(1)
    .max(MOST_ENTRIES_AT_ONCE, `Send at most ${MOST_ENTRIES_AT_ONCE} entries at once.`),
})

const noteText = z
  .string()
  .trim()
  .min(1, 'The note is empty.')
  .max(MOST_NOTE, `The note is too long: ${MOST_NOTE} letters at most.`)
export const noteBody = z.strictObject({ id: z.uuid(), body: noteText })
export const replyBody = noteBody

export const SCOPES = ['note', 'stretch'] as const
export const shareBody = z.strictObject({
  id: z.uuid(),
  groomer: nameSchema,
  scope: z.enum(SCOPES),
  days: z
    .number()
    .int()
    .min(1, 'A link stays open a day at least.')
    .max(120, 'A link stays open 120 days at most.'),
})

export type NewDog = z.input<typeof newDogBody>

export interface Me {
  name: string
  email: string
  household: string
  timeZone: string
  demo: boolean
  dogs: { id: string; profile: Profile }[]
}
export interface DogFile {
  id: string
  profile: Profile
  entries: Entry[]
}
export interface Note {
  id: string
  author: 'owner' | 'groomer'
  authorName: string
  body: string
  sent: string
  read: string | null
}
export interface Share {
  id: string
  groomer: string
  scope: (typeof SCOPES)[number]
  created: string
  expires: string
  revoked: string | null
  lastOpened: string | null
}
export interface Thread {
  notes: Note[]
  shares: Share[]
}
/** What a link shows: the dog as it stands, the thread, and with scope `stretch` what was found. */
export interface SharedDog {
  groomer: string
  owner: string
  scope: Share['scope']
  expires: string
  today: string
  profile: Profile
  entries: Entry[]
  notes: Note[]
}
/** How every refusal looks. */
export interface Refusal {
  statusCode: number
  message: string
  fields?: Record<string, string>
}
