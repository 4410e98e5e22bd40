import { drizzle } from 'drizzle-orm/node-postgres'
import pg from 'pg'

/** Nothing is waited for without end, ms: a connection, a statement, a row that is held, a transaction left open (judgement). */
const PATIENCE = {
  connectionTimeoutMillis: 10_000,
  statement_timeout: 20_000,
  lock_timeout: 8_000,
  idle_in_transaction_session_timeout: 30_000,
}

/** One pool a process, made when first asked for: tests and tools import this file with no database. */
let pool: pg.Pool | undefined
export function connections(): pg.Pool {
  if (pool) return pool
  const connectionString = process.env.DATABASE_URL
  if (!connectionString) throw new Error('DATABASE_URL is not set: start with npm run demo.')
  return (pool = new pg.Pool({ connectionString, max: 10, application_name: 'grumbo', ...PATIENCE }))
}

let database: ReturnType<typeof drizzle> | undefined
/** Another stands in for the one pool, where what is measured is many databases. */
export function usePool(other: pg.Pool) {
  pool = other
  database = undefined
}

export const db = () => (database ??= drizzle(connections()))
export type Db = ReturnType<typeof db>
/**
 * A statement that every call asks, put into words once and not each time: with small ones the words take Drizzle longer
 * than the answer the database (a tenth of a call, measured). Its values are placeholders.
 */
export function oftenAsked<Statement>(inWords: (at: Db) => Statement): () => Statement {
  let asked: { at: Db; statement: Statement } | undefined
  return () => {
    const at = db()
    if (asked?.at !== at) asked = { at, statement: inWords(at) }
    return asked.statement
  }
}
/** The database's own code for what went wrong, where it was the database, however deep it is wrapped. */
export function databaseCode(error: unknown): string | undefined {
  for (let at: unknown = error, depth = 0; at instanceof Error && depth < 5; at = at.cause, depth++)
    if ('code' in at && typeof at.code === 'string') return at.code
  return undefined
}

/** Two were at the same rows and one had to give way (serialization_failure, deadlock_detected): it tries again. */
const GAVE_WAY = ['40001', '40P01']
const MOST_TRIES = 4
/** Longest rest before trying again, ms; by chance, so that the two do not meet again (judgement). */
const REST_MS = 60
/** Work that is done whole or not at all. It may be called again, so it does nothing but to the database. */
export async function inTransaction<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
  for (let tried = 1; ; tried++)
    try {
      return await db().transaction(work)
    } catch (error) {
      if (tried >= MOST_TRIES || !GAVE_WAY.includes(databaseCode(error) ?? '')) throw error
      await new Promise((again) => setTimeout(again, Math.random() * REST_MS * tried))
    }
}
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0]
