import { integer, jsonb, pgTable } from 'drizzle-orm/pg-core'
import type { Times } from '../../../core/learn/shared-counts'
import { between, made } from './columns'

/** What coats were found to come to, count by count: of nobody in particular, and kept. */
export const coatsLike = pgTable(
  'coats_like',
  {
    version: integer('version').primaryKey(),
    made: made('made'),
    /** Households that shared what it rests on. */
    households: integer('households').notNull(),
    times: jsonb('times').$type<Times>().notNull(),
  },
  () => [between('coats_like', 'version', 1, 1_000_000)],
)
