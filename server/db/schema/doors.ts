import { index, pgTable, primaryKey, uuid } from 'drizzle-orm/pg-core'
import { bytea, hash, household } from './columns'

/**
 * What is come to with no household known: a link, a code that is typed, an address, a groomer's room. Behind a door's
 * key stands whose it is and which; whether it opens, that row says itself. Doors stand together, whatever machine a
 * household lies on, so nothing here points at a household's rows; who writes those writes these.
 */
export const doors = pgTable(
  'doors',
  {
    key: bytea('key').notNull(),
    householdId: household(),
    /** Of a dog, or of the household itself. */
    dogId: uuid('dog_id'),
    /** Of the share, the invitation or the account; of a calendar, the dog's. */
    id: uuid('id').notNull(),
  },
  (t) => [
    primaryKey({ columns: [t.key, t.householdId, t.id], name: 'doors_pkey' }),
    index('doors_of_household').on(t.householdId, t.dogId),
    hash('doors', 'key'),
  ],
)
