import { sql } from 'drizzle-orm'
import { bigint, check, foreignKey, index, pgTable, text, uuid } from 'drizzle-orm/pg-core'
import { address, bytea, hash, long, made, moment, oneOf } from './columns'
import { groomers } from './thread'

/** What goes by letter to whoever an account is, once: to set a new password, to move to another address. */
export const LINK_KINDS = ['reset', 'move'] as const

/** A member's or a groomer's: one of the two. */
const whose = () => ({
  householdId: uuid('household_id'),
  accountId: uuid('account_id'),
  groomerId: uuid('groomer_id'),
})
const oneOfTwo = (table: string) =>
  check(
    `${table}_whose_check`,
    sql.raw(
      '((groomer_id IS NULL) <> (account_id IS NULL)) AND ((account_id IS NULL) = (household_id IS NULL))',
    ),
  )

/** Links into one's own account. They come with nobody known yet, so they are found by themselves. */
export const accountLinks = pgTable(
  'account_links',
  {
    tokenHash: bytea('token_hash').primaryKey(),
    kind: text('kind', { enum: LINK_KINDS }).notNull(),
    ...whose(),
    /** Where the account moves to. */
    email: text('email'),
    created: made('created'),
    expires: moment('expires').notNull(),
    used: moment('used'),
  },
  (t) => [
    foreignKey({
      columns: [t.groomerId],
      foreignColumns: [groomers.id],
      name: 'account_links_groomer_fkey',
    }).onDelete('cascade'),
    index('account_links_run_out').on(t.expires),
    hash('account_links', 'token_hash'),
    oneOf('account_links', 'kind', LINK_KINDS),
    address('account_links'),
    oneOfTwo('account_links'),
  ],
)

/** Keys that devices hold in place of a password. They come with nobody known yet, so they are found by themselves. */
export const passkeys = pgTable(
  'passkeys',
  {
    /** The credential's own, as the device names it. */
    id: text('id').primaryKey(),
    ...whose(),
    publicKey: bytea('public_key').notNull(),
    /** How often it was used, where the device counts. */
    counter: bigint('counter', { mode: 'number' }).notNull().default(0),
    name: text('name').notNull(),
    created: made('created'),
    lastUsed: moment('last_used'),
  },
  (t) => [
    foreignKey({
      columns: [t.groomerId],
      foreignColumns: [groomers.id],
      name: 'passkeys_groomer_fkey',
    }).onDelete('cascade'),
    index('passkeys_of_account').on(t.householdId, t.accountId),
    index('passkeys_of_groomer').on(t.groomerId),
    long('passkeys', 'id', 1, 1400),
    long('passkeys', 'name', 1, 60),
    oneOfTwo('passkeys'),
  ],
)
