import { currentInstant } from '../clock'
import {
  bigint,
  boolean,
  customType,
  date,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core'
import type { Arrival } from '../../core/plan/arrival'
import type { Entry } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import type { Attached } from '../../shared/api'
import { ROLES, SCOPES } from '../../shared/limits'

/** The tables as the migrations make them; keys, checks and references stand in the SQL. */
const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })
const moment = (name: string) => timestamp(name, { withTimezone: true })
const household = () => uuid('household_id').notNull()
const dog = () => uuid('dog_id').notNull()
const version = () => bigint('version', { mode: 'number' }).notNull()

export const households = pgTable('households', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  timeZone: text('time_zone').notNull(),
  created: moment('created').notNull().$defaultFn(currentInstant),
  deleteAfter: moment('delete_after'),
})

export const accounts = pgTable(
  'accounts',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    email: text('email').notNull(),
    passwordHash: text('password_hash').notNull(),
    role: text('role', { enum: ROLES }).notNull().default('owner'),
    removed: moment('removed'),
    mailNotes: boolean('mail_notes').notNull().default(true),
    remindAt: integer('remind_at'),
    /** The next instant to remind them at. */
    remindNext: moment('remind_next'),
    created: moment('created').notNull().$defaultFn(currentInstant),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.id] })],
)

export const sessions = pgTable(
  'sessions',
  {
    householdId: household(),
    accountId: uuid('account_id').notNull(),
    id: uuid('id').notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    expires: moment('expires').notNull(),
    revoked: moment('revoked'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.id] })],
)

export const dogs = pgTable(
  'dogs',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    profile: jsonb('profile').$type<Profile>().notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    changed: moment('changed').notNull().$defaultFn(currentInstant),
    /** Rises with every change of the record. */
    version: version().default(0),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.id] })],
)

export const entries = pgTable(
  'entries',
  {
    householdId: household(),
    dogId: dog(),
    id: uuid('id').notNull(),
    day: date('day').notNull(),
    kind: text('kind').notNull(),
    entry: jsonb('entry').$type<Entry>().notNull(),
    authorId: uuid('author_id'),
    received: moment('received').notNull().$defaultFn(currentInstant),
    /** The record's, when this came. */
    version: version().default(0),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId, t.id] })],
)

export const shares = pgTable(
  'shares',
  {
    householdId: household(),
    dogId: dog(),
    id: uuid('id').notNull(),
    tokenHash: bytea('token_hash').notNull(),
    scope: text('scope', { enum: SCOPES }).notNull(),
    groomer: text('groomer').notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    expires: moment('expires').notNull(),
    revoked: moment('revoked'),
    lastOpened: moment('last_opened'),
    groomerId: uuid('groomer_id'),
    codeHash: bytea('code_hash'),
    codeExpires: moment('code_expires'),
    email: text('email'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId, t.id] })],
)

export const notes = pgTable(
  'notes',
  {
    householdId: household(),
    dogId: dog(),
    id: uuid('id').notNull(),
    author: text('author', { enum: ['owner', 'groomer'] }).notNull(),
    authorName: text('author_name').notNull(),
    body: text('body').notNull(),
    shareId: uuid('share_id'),
    sent: moment('sent').notNull().$defaultFn(currentInstant),
    read: moment('read'),
    attached: jsonb('attached').$type<Attached>(),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId, t.id] })],
)

export const photographs = pgTable(
  'photographs',
  {
    householdId: household(),
    dogId: dog(),
    id: uuid('id').notNull(),
    jpeg: bytea('jpeg').notNull(),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    received: moment('received').notNull().$defaultFn(currentInstant),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId, t.id] })],
)

export const groomers = pgTable('groomers', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  room: text('room').notNull(),
  email: text('email').notNull(),
  passwordHash: text('password_hash').notNull(),
  mailNotes: boolean('mail_notes').notNull().default(true),
  created: moment('created').notNull().$defaultFn(currentInstant),
})

export const groomerSessions = pgTable(
  'groomer_sessions',
  {
    groomerId: uuid('groomer_id').notNull(),
    id: uuid('id').notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    expires: moment('expires').notNull(),
    revoked: moment('revoked'),
  },
  (t) => [primaryKey({ columns: [t.groomerId, t.id] })],
)

export const arrivals = pgTable(
  'arrivals',
  {
    householdId: household(),
    dogId: dog(),
    day: date('day'),
    arrival: jsonb('arrival').$type<Arrival>(),
    /** Of the record it was worked out from. */
    version: version().default(-1),
    /** Being worked out by some process, until then. */
    takenUntil: moment('taken_until'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId] })],
)

export const invitations = pgTable(
  'invitations',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    tokenHash: bytea('token_hash').notNull(),
    role: text('role', { enum: ROLES }).notNull(),
    name: text('name').notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    expires: moment('expires').notNull(),
    used: moment('used'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.id] })],
)

export const feeds = pgTable(
  'feeds',
  {
    householdId: household(),
    dogId: dog(),
    tokenHash: bytea('token_hash').notNull(),
    created: moment('created').notNull().$defaultFn(currentInstant),
    lastRead: moment('last_read'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId] })],
)

export const mails = pgTable('mails', {
  id: uuid('id').primaryKey(),
  householdId: uuid('household_id'),
  recipient: text('recipient').notNull(),
  subject: text('subject').notNull(),
  body: text('body').notNull(),
  html: text('html').notNull(),
  written: moment('written').notNull().$defaultFn(currentInstant),
  due: moment('due').notNull().$defaultFn(currentInstant),
  tries: integer('tries').notNull().default(0),
  sent: moment('sent'),
  problem: text('problem'),
  groomerId: uuid('groomer_id'),
  kind: text('kind', { enum: ['confirm', 'invitation', 'note', 'reminder'] }).notNull(),
  givenUp: moment('given_up'),
})

/** Whether letters may go to an address: what whoever reads them there said. */
export const addresses = pgTable('addresses', {
  email: text('email').primaryKey(),
  confirmed: moment('confirmed'),
  stopped: moment('stopped'),
})
