import type { Times } from '../core/learn/shared-counts'
import type {
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/server'
import { z } from '../core/zod'
import type { Arrival } from '../core/care/note/arrival'
import type { PricedWish } from '../core/care/note/wish-price'
import type { Entry } from '../core/record/entries'
import type { Profile } from '../core/record/profile'
import type { FeedDay } from '../core/season/weather'
import { attachedSchema } from './api'
import { ROLES, SCOPES } from './limits'

/**
 * What the service answers, as devices read it: an answer that is not of its shape is none of ours. What of a
 * record is on file was checked when it came in, so of profiles and entries it is seen only that they are such.
 */
const profileShape = z.looseObject({
  name: z.string(),
  coat: z.string(),
  weightKg: z.number(),
  minutes: z.array(z.number()),
  absent: z.array(z.string()),
}) as unknown as z.ZodType<Profile>
const entryShape = z.looseObject({
  id: z.string(),
  day: z.string(),
  what: z.looseObject({ kind: z.string() }),
}) as unknown as z.ZodType<Entry>
const arrivalShape = z.looseObject({
  any: z.number(),
  mats: z.number(),
  shades: z.record(z.string(), z.number()),
  minutes: z.looseObject({ usual: z.number(), low: z.number(), high: z.number() }),
}) as unknown as z.ZodType<Arrival>
const instant = z.iso.datetime()

/** Who is there, where nobody is signed in. */
const nobody = z.object({ nobody: z.enum(['sign-in', 'no-longer']), says: z.string() })
export type Nobody = z.output<typeof nobody>

/** An entry that was not taken, by its id, and why. */
const refusedEntrySchema = z.object({
  id: z.string(),
  /** Its day has not come by the server's clock, or it is wrong whenever it is sent. */
  code: z.enum(['not-come-yet', 'wrong']),
  says: z.string(),
})
export type RefusedEntry = z.output<typeof refusedEntrySchema>
/** What becomes of entries that were sent, each by its id: only so do they leave the device. */
export const entriesAnswer = z.object({
  taken: z.array(z.string()),
  refused: z.array(refusedEntrySchema),
  /** The server's time, for a device whose clock is off. */
  now: z.iso.datetime(),
})
export type EntriesAnswer = z.output<typeof entriesAnswer>

const me = z.object({
  name: z.string(),
  role: z.enum(ROLES),
  email: z.string(),
  household: z.string(),
  timeZone: z.string(),
  demo: z.boolean(),
  dogs: z.array(
    z.object({
      id: z.string(),
      profile: profileShape,
      /** It was asked to be deleted. */
      deleteAfter: instant.optional(),
    }),
  ),
})
export type Me = z.output<typeof me>
export const meAnswer = z.union([me, nobody])

export const dogAnswer = z.object({
  id: z.string(),
  profile: profileShape,
  /** As it was when its record began, where something has become otherwise since. */
  began: profileShape.optional(),
  entries: z.array(entryShape),
  /** What this comes to, to be asked on from. A file a device kept from earlier has none. */
  mark: z.string().optional(),
  /** The entries are only those since this mark. */
  since: z.string().optional(),
})
export type DogFile = z.output<typeof dogAnswer>

const note = z.object({
  id: z.string(),
  author: z.enum(['owner', 'groomer']),
  authorName: z.string(),
  body: z.string(),
  sent: instant,
  read: instant.nullable(),
  attached: attachedSchema.nullable(),
})
export type Note = z.output<typeof note>
const share = z.object({
  id: z.string(),
  groomer: z.string(),
  scope: z.enum(SCOPES),
  created: instant,
  expires: instant,
  revoked: instant.nullable(),
  lastOpened: instant.nullable(),
  /** Who shared it and who closed it. */
  madeBy: z.string().nullable(),
  closedBy: z.string().nullable(),
  /** The room it is kept in. */
  room: z.string().nullable(),
  /** Who of the room has had it before their eyes, the last first. */
  seen: z.array(z.object({ name: z.string(), last: instant })),
})
export type Share = z.output<typeof share>
export const threadAnswer = z.object({ notes: z.array(note), shares: z.array(share) })
export type Thread = z.output<typeof threadAnswer>

/** What became of the letter to the groomer; null where none was asked for, or it went before. */
export const shareAnswer = z.object({
  token: z.string(),
  code: z.string(),
  expires: instant,
  mailed: z.enum(['posted', 'own-not-confirmed', 'not-confirmed', 'stopped', 'too-many']).nullable(),
})
export type MadeShare = z.output<typeof shareAnswer>
export const tokenAnswer = z.object({ token: z.string() })
export const keptAnswer = z.object({ share: z.string() })
export const postedAnswer = z.object({
  posted: z.enum(['posted', 'not-confirmed', 'stopped', 'too-many']),
})
const signedIn = z.object({
  id: z.string(),
  /** What it is signed in from; nothing where it did not say. */
  device: z.string(),
  since: instant,
  lastSeen: instant,
  here: z.boolean(),
})
export type SignedIn = z.output<typeof signedIn>
const passkey = z.object({ id: z.string(), name: z.string(), since: instant, lastUsed: instant.nullable() })
export type Passkey = z.output<typeof passkey>
export const passkeysAnswer = z.object({ passkeys: z.array(passkey) })
/** What a device is asked to make a key by, or to answer with one; its own library reads it. */
export const newKeyOptionsAnswer = z.looseObject({
  challenge: z.string(),
}) as unknown as z.ZodType<PublicKeyCredentialCreationOptionsJSON>
export const keyOptionsAnswer = z.looseObject({
  challenge: z.string(),
}) as unknown as z.ZodType<PublicKeyCredentialRequestOptionsJSON>
export const sessionsAnswer = z.object({ sessions: z.array(signedIn) })
export const passwordAnswer = z.object({ of: z.enum(['household', 'room']) })
export const addressAnswer = z.object({ address: z.string() })

/** Whether letters may go to an address. */
const lettersMay = z.enum(['may-come', 'not-confirmed', 'stopped'])
export type LettersMay = z.output<typeof lettersMay>

export const householdAnswer = z.object({
  name: z.string(),
  timeZone: z.string(),
  /** Null while nobody has said. */
  sharesCounts: z.boolean().nullable(),
  /** When everything goes, if that was asked. */
  deleteAfter: instant.nullable(),
  mine: z.object({ mailNotes: z.boolean(), remindAt: z.number().nullable(), letters: lettersMay }),
  members: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      email: z.string().nullable(),
      role: z.enum(ROLES),
      you: z.boolean(),
    }),
  ),
  invitations: z.array(z.object({ id: z.string(), name: z.string(), role: z.enum(ROLES), expires: instant })),
})
export type Household = z.output<typeof householdAnswer>
/** What coats were found to come to, the last count; null before the first. */
export const coatsLikeAnswer = z.object({
  last: z
    .object({
      version: z.number(),
      made: instant,
      households: z.number(),
      times: z.record(z.string(), z.record(z.string(), z.number())) as unknown as z.ZodType<Times>,
    })
    .nullable(),
})
export type CoatsLike = z.output<typeof coatsLikeAnswer>
export const invitationAnswer = z.object({ name: z.string(), role: z.enum(ROLES), household: z.string() })
export type Invitation = z.output<typeof invitationAnswer>

export const colleagueAnswer = z.object({ room: z.string(), host: z.string(), name: z.string() })
export type Colleague = z.output<typeof colleagueAnswer>

/** A dog in a groomer's room, one line of the list. */
const roomDog = z.object({
  share: z.string(),
  name: z.string(),
  owner: z.string(),
  coat: z.string() as unknown as z.ZodType<Profile['coat']>,
  weightKg: z.number(),
  scope: z.enum(SCOPES),
  expires: instant,
  /** The day it comes next, if one is booked. */
  visit: z.string().nullable(),
  /** Null with scope `note`, and while it is being worked out for the first time. */
  arrival: arrivalShape.nullable(),
  /** It is being worked out anew. */
  stale: z.boolean(),
  unread: z.number(),
})
export type RoomDog = z.output<typeof roomDog>
const room = z.object({
  name: z.string(),
  room: z.string(),
  email: z.string(),
  mailNotes: z.boolean(),
  letters: lettersMay,
  /** They asked to be deleted. */
  deleteAfter: instant.nullable(),
  /** Whether it is their own; who works in it, and who is asked to. */
  host: z.boolean(),
  people: z.array(z.object({ id: z.string(), name: z.string(), you: z.boolean(), host: z.boolean() })),
  invitations: z.array(z.object({ id: z.string(), name: z.string(), expires: instant })),
  dogs: z.array(roomDog),
})
export type Room = z.output<typeof room>
export const roomAnswer = z.union([room, nobody])

/** What a wish costs at home. */
export const priceAnswer = z.looseObject({
  days: z.number(),
  lines: z.array(z.looseObject({ minutes: z.number(), clear: z.number() })),
}) as unknown as z.ZodType<PricedWish>

/** What a share shows: the dog as it should arrive, the thread, and what was found. */
const sharedDog = z.object({
  /** Where the household is: the days of what is told are its. */
  timeZone: z.string(),
  groomer: z.string(),
  owner: z.string(),
  scope: z.enum(SCOPES),
  expires: instant,
  today: z.string(),
  profile: profileShape,
  began: profileShape.optional(),
  entries: z.array(entryShape),
  notes: z.array(note),
  /** Null with scope `note`. */
  arrival: arrivalShape.nullable(),
})
export type SharedDog = z.output<typeof sharedDog>
export const sharedDogAnswer = sharedDog
export const roomDogAnswer = z.union([sharedDog, nobody])

export const weatherAnswer = z.object({
  days: z.array(z.looseObject({ day: z.string() })) as unknown as z.ZodType<FeedDay[]>,
})
