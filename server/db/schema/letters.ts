import { sql } from 'drizzle-orm'
import { bigint, check, foreignKey, index, integer, pgTable, text, uuid, varchar } from 'drizzle-orm/pg-core'
import { address, made, moment, oneOf } from './columns'
import { groomers } from './thread'

/** What letters there are: `LetterKind` says what each is. */
export const LETTER_KINDS = ['confirm', 'invitation', 'note', 'reminder', 'reset', 'move', 'account'] as const

/** Letters that wait or went, whether they may, and how often anybody came. */
export const mails = pgTable(
  'mails',
  {
    id: uuid('id').primaryKey(),
    householdId: uuid('household_id'),
    recipient: text('recipient').notNull(),
    subject: text('subject').notNull(),
    body: text('body').notNull(),
    html: text('html').notNull(),
    written: made('written'),
    due: made('due'),
    tries: integer('tries').notNull().default(0),
    sent: moment('sent'),
    problem: text('problem'),
    groomerId: uuid('groomer_id'),
    kind: text('kind', { enum: LETTER_KINDS }).notNull().default('note'),
    givenUp: moment('given_up'),
  },
  (t) => [
    foreignKey({
      columns: [t.groomerId],
      foreignColumns: [groomers.id],
      name: 'mails_groomer_id_fkey',
    }).onDelete('cascade'),
    index('mails_of_household').on(t.householdId, t.written),
    index('mails_of_room').on(t.groomerId, t.written),
    index('mails_to_recipient').on(t.recipient, t.written),
    index('mails_to_send')
      .on(t.due)
      .where(sql`((sent IS NULL) AND (given_up IS NULL))`),
    check('mails_recipient_check', sql`length(recipient) <= 254`),
    oneOf('mails', 'kind', LETTER_KINDS),
  ],
)

/** Whether letters may go to an address: what whoever reads them there said. */
export const addresses = pgTable(
  'addresses',
  {
    email: text('email').primaryKey(),
    confirmed: moment('confirmed'),
    stopped: moment('stopped'),
  },
  () => [address('addresses')],
)

/** How often somebody came, as the limiter's library keeps it. */
export const rateLimits = pgTable(
  'rate_limits',
  {
    key: varchar('key', { length: 255 }).primaryKey(),
    points: integer('points').notNull().default(0),
    expire: bigint('expire', { mode: 'number' }),
  },
  (t) => [index('rate_limits_run_out').on(t.expire)],
)
