import { sql } from 'drizzle-orm'
import {
  boolean,
  check,
  foreignKey,
  index,
  jsonb,
  pgTable,
  primaryKey,
  text,
  unique,
  uuid,
} from 'drizzle-orm/pg-core'
import type { Attached } from '../../../shared/api'
import { SCOPES } from '../../../shared/limits'
import { address, bytea, dog, hash, household, long, made, moment, oneOf } from './columns'
import { ofDog } from './record'
import { MOST_DEVICE, sessionColumns } from './sign-in'

/** Groomers and where they are signed in; what is shared with them, and what is written to and fro. */
export const groomers = pgTable(
  'groomers',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    room: text('room').notNull(),
    email: text('email').notNull(),
    passwordHash: text('password_hash').notNull(),
    mailNotes: boolean('mail_notes').notNull().default(true),
    created: made('created'),
    /** In whose room they work; in their own where it is null. */
    worksIn: uuid('works_in'),
    /** When whoever reads the mail there said that this account is theirs. */
    claimed: moment('claimed'),
    /** They asked to be deleted. */
    deleteAfter: moment('delete_after'),
  },
  (t) => [
    foreignKey({
      columns: [t.worksIn],
      foreignColumns: [t.id],
      name: 'groomers_works_in_fkey',
    }).onDelete('set null'),
    index('groomers_of_room')
      .on(t.worksIn)
      .where(sql`(works_in IS NOT NULL)`),
    index('groomers_email').on(t.email),
    index('groomers_to_delete')
      .on(t.deleteAfter)
      .where(sql`(delete_after IS NOT NULL)`),
    long('groomers', 'name', 1, 40),
    long('groomers', 'room', 1, 60),
    address('groomers'),
  ],
)

export const groomerSessions = pgTable(
  'groomer_sessions',
  {
    groomerId: uuid('groomer_id').notNull(),
    id: uuid('id').notNull(),
    ...sessionColumns(),
  },
  (t) => [
    primaryKey({ columns: [t.groomerId, t.id], name: 'groomer_sessions_pkey' }),
    foreignKey({
      columns: [t.groomerId],
      foreignColumns: [groomers.id],
      name: 'groomer_sessions_groomer_id_fkey',
    }).onDelete('cascade'),
    unique('groomer_sessions_id_key').on(t.id),
    long('groomer_sessions', 'device', 0, MOST_DEVICE),
  ],
)

/** Who is asked into a room, each under their own name. */
export const roomInvitations = pgTable(
  'room_invitations',
  {
    roomId: uuid('room_id').notNull(),
    id: uuid('id').notNull(),
    tokenHash: bytea('token_hash').notNull(),
    name: text('name').notNull(),
    created: made('created'),
    expires: moment('expires').notNull(),
    used: moment('used'),
  },
  (t) => [
    primaryKey({ columns: [t.roomId, t.id], name: 'room_invitations_pkey' }),
    foreignKey({
      columns: [t.roomId],
      foreignColumns: [groomers.id],
      name: 'room_invitations_room_id_fkey',
    }).onDelete('cascade'),
    unique('room_invitations_token_hash_key').on(t.tokenHash),
    hash('room_invitations', 'token_hash'),
    long('room_invitations', 'name', 1, 40),
    check('room_invitations_check', sql`expires > created`),
  ],
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
    created: made('created'),
    expires: moment('expires').notNull(),
    revoked: moment('revoked'),
    lastOpened: moment('last_opened'),
    groomerId: uuid('groomer_id'),
    codeHash: bytea('code_hash'),
    codeExpires: moment('code_expires'),
    email: text('email'),
    /** Who shared it and who closed it, by name. */
    madeBy: text('made_by'),
    closedBy: text('closed_by'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.id], name: 'shares_pkey' }),
    ofDog(t, 'shares'),
    hash('shares', 'token_hash'),
    hash('shares', 'code_hash'),
    oneOf('shares', 'scope', SCOPES),
    long('shares', 'groomer', 1, 40),
    check('shares_check', sql`expires > created`),
    check('shares_email_check', sql`length(email) <= 254`),
  ],
)

/** Who of a room has had a shared dog before their eyes, and when last: the owner sees it. */
export const shareReads = pgTable(
  'share_reads',
  {
    householdId: household(),
    dogId: dog(),
    shareId: uuid('share_id').notNull(),
    groomerId: uuid('groomer_id').notNull(),
    name: text('name').notNull(),
    last: moment('last').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.shareId, t.groomerId], name: 'share_reads_pkey' }),
    foreignKey({
      columns: [t.householdId, t.dogId, t.shareId],
      foreignColumns: [shares.householdId, shares.dogId, shares.id],
      name: 'share_reads_share_fkey',
    }).onDelete('cascade'),
    long('share_reads', 'name', 1, 40),
  ],
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
    sent: made('sent'),
    read: moment('read'),
    attached: jsonb('attached').$type<Attached>(),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.id], name: 'notes_pkey' }),
    ofDog(t, 'notes'),
    // Of the share alone: the migration says so, which cannot be said here.
    foreignKey({
      columns: [t.householdId, t.dogId, t.shareId],
      foreignColumns: [shares.householdId, shares.dogId, shares.id],
      name: 'notes_household_id_dog_id_share_id_fkey',
    }).onDelete('set null'),
    index('notes_in_order').on(t.householdId, t.dogId, t.sent),
    oneOf('notes', 'author', ['owner', 'groomer']),
    long('notes', 'author_name', 1, 40),
    long('notes', 'body', 1, 4000),
  ],
)
