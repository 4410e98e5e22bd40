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
  const connectionString = process.env.DATABASE_URL
  if (!connectionString) throw new Error('DATABASE_URL is not set: start with npm run demo.')
  return (pool ??= new pg.Pool({ connectionString, max: 10, ...PATIENCE }))
}

let database: ReturnType<typeof drizzle> | undefined
export const db = () => (database ??= drizzle(connections()))
export type Db = ReturnType<typeof db>
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0]
