import { sql } from 'drizzle-orm'
import { bigint, check, customType, timestamp, uuid } from 'drizzle-orm/pg-core'
import { currentInstant } from '../../clock'

/** What the tables' columns and checks are made of. */
export const bytea = customType<{ data: Buffer }>({ dataType: () => 'bytea' })
export const moment = (name: string) => timestamp(name, { withTimezone: true })
/** When a row was made: by our clock; by the database's for rows made by hand. */
export const made = (name: string) => moment(name).notNull().defaultNow().$defaultFn(currentInstant)
export const household = () => uuid('household_id').notNull()
export const dog = () => uuid('dog_id').notNull()
export const version = () => bigint('version', { mode: 'number' }).notNull()

/*
 * Checks stand as PostgreSQL gives them back, so that schema and database can be compared word for word.
 */
export const between = (table: string, column: string, least: number, most: number, of = column) =>
  check(`${table}_${column}_check`, sql.raw(`(${of} >= ${String(least)}) AND (${of} <= ${String(most)})`))
/** So many letters, or bytes. */
export const long = (table: string, column: string, least: number, most: number) =>
  between(table, column, least, most, `length(${column})`)
export const address = (table: string) =>
  check(`${table}_email_check`, sql.raw(`(length(email) <= 254) AND (email = lower(email))`))
/** A SHA-256. */
export const hash = (table: string, column: string) =>
  check(`${table}_${column}_check`, sql.raw(`length(${column}) = 32`))
export const oneOf = (table: string, column: string, all: readonly string[]) =>
  check(
    `${table}_${column}_check`,
    sql.raw(`${column} = ANY (ARRAY[${all.map((one) => `'${one}'::text`).join(', ')}])`),
  )
