import { sql } from 'drizzle-orm'
import {
  boolean,
  check,
  foreignKey,
  index,
  integer,
  pgTable,
  primaryKey,
  text,
  uuid,
} from 'drizzle-orm/pg-core'
import { ROLES } from '../../../shared/limits'
import { address, between, bytea, hash, household, long, made, moment, oneOf } from './columns'
import { MOST_DEVICE, sessionColumns } from './sign-in'

/** A household, its people, where they are signed in, and who is asked to join. */
export const households = pgTable(
  'households',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    timeZone: text('time_zone').notNull(),
    /** Whether what its dogs' coats come to is counted with others', sums by coat and class; null while nobody has said. */
    sharesCounts: boolean('shares_counts'),
    created: made('created'),
    deleteAfter: moment('delete_after'),
  },
  (t) => [
    index('households_to_delete')
      .on(t.deleteAfter)
      .where(sql`(delete_after IS NOT NULL)`),
    long('households', 'name', 1, 60),
    long('households', 'time_zone', 1, 60),
  ],
)

export const accounts = pgTable(
  'accounts',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    name: text('name').notNull(),
    email: text('email').notNull(),
    passwordHash: text('password_hash').notNull(),
    /** When whoever reads the mail there said that this account is theirs. */
    claimed: moment('claimed'),
    role: text('role', { enum: ROLES }).notNull().default('owner'),
    removed: moment('removed'),
    mailNotes: boolean('mail_notes').notNull().default(true),
    remindAt: integer('remind_at'),
    /** The next instant to remind them at. */
    remindNext: moment('remind_next'),
    created: made('created'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.id], name: 'accounts_pkey' }),
    foreignKey({
      columns: [t.householdId],
      foreignColumns: [households.id],
      name: 'accounts_household_id_fkey',
    }).onDelete('cascade'),
    index('accounts_removed')
      .on(t.removed)
      .where(sql`(removed IS NOT NULL)`),
    index('accounts_to_remind')
      .on(t.remindNext)
      .where(sql`(remind_next IS NOT NULL)`),
    long('accounts', 'name', 1, 40),
    address('accounts'),
    oneOf('accounts', 'role', ROLES),
    between('accounts', 'remind_at', 0, 1439),
  ],
)

export const sessions = pgTable(
  'sessions',
  {
    householdId: household(),
    accountId: uuid('account_id').notNull(),
    id: uuid('id').notNull(),
    ...sessionColumns(),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.id], name: 'sessions_pkey' }),
    long('sessions', 'device', 0, MOST_DEVICE),
    foreignKey({
      columns: [t.householdId, t.accountId],
      foreignColumns: [accounts.householdId, accounts.id],
      name: 'sessions_household_id_account_id_fkey',
    }).onDelete('cascade'),
    index('sessions_of_account').on(t.householdId, t.accountId),
  ],
)

export const invitations = pgTable(
  'invitations',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    tokenHash: bytea('token_hash').notNull(),
    role: text('role', { enum: ROLES }).notNull(),
    name: text('name').notNull(),
    created: made('created'),
    expires: moment('expires').notNull(),
    used: moment('used'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.id], name: 'invitations_pkey' }),
    foreignKey({
      columns: [t.householdId],
      foreignColumns: [households.id],
      name: 'invitations_household_id_fkey',
    }).onDelete('cascade'),
    hash('invitations', 'token_hash'),
    oneOf('invitations', 'role', ROLES),
    long('invitations', 'name', 1, 40),
    check('invitations_check', sql`expires > created`),
  ],
)
