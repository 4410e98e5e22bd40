import { sql } from 'drizzle-orm'
import {
  check,
  date,
  foreignKey,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  uuid,
} from 'drizzle-orm/pg-core'
import type { AnyPgColumn } from 'drizzle-orm/pg-core'
import type { Arrival } from '../../../core/care/note/arrival'
import type { Entry } from '../../../core/record/entries'
import type { Profile } from '../../../core/record/profile'
import { between, bytea, dog, hash, household, long, made, moment, version } from './columns'
import { households } from './household'

/** A dog, what was written of it, its photographs, what its record comes to, and its calendar. */
export const dogs = pgTable(
  'dogs',
  {
    householdId: household(),
    id: uuid('id').notNull(),
    /** As the dog is now. */
    profile: jsonb('profile').$type<Profile>().notNull(),
    /** As it was when its record began, once something has become otherwise; what did stands in the entries. */
    began: jsonb('began').$type<Profile>(),
    created: made('created'),
    changed: made('changed'),
    /** Rises with every change of the record. */
    version: version().default(0),
    deleteAfter: moment('delete_after'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.id], name: 'dogs_pkey' }),
    index('dogs_to_delete')
      .on(t.deleteAfter)
      .where(sql`(delete_after IS NOT NULL)`),
    foreignKey({
      columns: [t.householdId],
      foreignColumns: [households.id],
      name: 'dogs_household_id_fkey',
    }).onDelete('cascade'),
    check(
      'dogs_profile_check',
      sql`((((profile ->> 'weightKg'::text))::numeric >= 0.5) AND (((profile ->> 'weightKg'::text))::numeric <= (120)::numeric)) AND ((length((profile ->> 'name'::text)) >= 1) AND (length((profile ->> 'name'::text)) <= 40))`,
    ),
  ],
)
/** What goes with its dog. */
export const ofDog = (t: { householdId: AnyPgColumn; dogId: AnyPgColumn }, table: string) =>
  foreignKey({
    columns: [t.householdId, t.dogId],
    foreignColumns: [dogs.householdId, dogs.id],
    name: `${table}_household_id_dog_id_fkey`,
  }).onDelete('cascade')

/** Rows of the record are only ever added. */
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
    received: made('received'),
    /** The record's, when this came. */
    version: version().default(0),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.id], name: 'entries_pkey' }),
    ofDog(t, 'entries'),
    index('entries_by_day').on(t.householdId, t.dogId, t.day),
    index('entries_by_version').on(t.householdId, t.dogId, t.version),
    long('entries', 'kind', 1, 20),
  ],
)

export const photographs = pgTable(
  'photographs',
  {
    householdId: household(),
    dogId: dog(),
    id: uuid('id').notNull(),
    /** Nothing where it lies in a store of its own. */
    jpeg: bytea('jpeg'),
    width: integer('width').notNull(),
    height: integer('height').notNull(),
    received: made('received'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.id], name: 'photographs_pkey' }),
    foreignKey({
      columns: [t.householdId, t.dogId, t.id],
      foreignColumns: [entries.householdId, entries.dogId, entries.id],
      name: 'photographs_household_id_dog_id_id_fkey',
    }).onDelete('cascade'),
    between('photographs', 'width', 1, 4000),
    between('photographs', 'height', 1, 4000),
    long('photographs', 'jpeg', 1, 4_000_000),
  ],
)

/** What may lie in the store with no photograph to it: while one is on its way there, and once its dog is gone. */
export const loosePictures = pgTable(
  'loose_pictures',
  { householdId: household(), dogId: dog(), id: uuid('id').notNull(), since: made('since') },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId, t.id], name: 'loose_pictures_pkey' }),
    index('loose_pictures_by_since').on(t.since),
  ],
)

export const arrivals = pgTable(
  'arrivals',
  {
    householdId: household(),
    dogId: dog(),
    day: date('day'),
    arrival: jsonb('arrival').$type<Arrival>(),
    /** Of the record it was worked out from. */
    version: version().default(sql`'-1'`),
    /** Being worked out by some process, until then. */
    takenUntil: moment('taken_until'),
  },
  (t) => [primaryKey({ columns: [t.householdId, t.dogId], name: 'arrivals_pkey' }), ofDog(t, 'arrivals')],
)

export const feeds = pgTable(
  'feeds',
  {
    householdId: household(),
    dogId: dog(),
    tokenHash: bytea('token_hash').notNull(),
    created: made('created'),
    lastRead: moment('last_read'),
  },
  (t) => [
    primaryKey({ columns: [t.householdId, t.dogId], name: 'feeds_pkey' }),
    ofDog(t, 'feeds'),
    hash('feeds', 'token_hash'),
  ],
)
