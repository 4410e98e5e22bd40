import type pg from 'pg'

/** Any number; it keeps two processes that start together from migrating at once. */
const LOCK = 730_411

export interface Migration {
  name: string
  sql: string
}

/** Applies, in order and once, each migration not yet applied. Forward only. */
export async function migrate(pool: pg.Pool, migrations: readonly Migration[]): Promise<void> {
  const client = await pool.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [LOCK])
    await client.query(
      'create table if not exists migrations (name text primary key, applied timestamptz not null default now())',
    )
    const { rows } = await client.query<{ name: string }>('select name from migrations')
    const done = new Set(rows.map((r) => r.name))
    const ours = new Set(migrations.map((m) => m.name))
    const newer = [...done].filter((name) => !ours.has(name))
    if (newer.length)
      throw new Error(
        `The database is newer than this program: it has ${newer.join(', ')}. Start a newer program.`,
      )
    for (const { name, sql } of [...migrations].sort((a, b) => a.name.localeCompare(b.name))) {
      if (done.has(name)) continue
      await client.query('begin')
      try {
        await client.query(sql)
        await client.query('insert into migrations (name) values ($1)', [name])
        await client.query('commit')
      } catch (error) {
        await client.query('rollback')
        throw new Error(`Migration ${name} failed.`, { cause: error })
      }
    }
  } finally {
    await client.query('select pg_advisory_unlock($1)', [LOCK]).catch(() => undefined)
    client.release()
  }
}
