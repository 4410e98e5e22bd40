import pg from 'pg'
import { readStatement, SPREAD_BY } from '../../tests/support/spread'

/**
 * Stands between the services and many databases, as an existing distributed PostgreSQL would: a statement goes to
 * where the households lie that it names, or to where what crosses them stands. For measuring only.
 */
const shardOf = (household: string, many: number) => parseInt(household.slice(-2), 16) % many

/** Connections to each: a cluster of PostgreSQL's own settings has a hundred for all (judgement). */
const AT_EACH = 5

/** The statement as the library is given it. */
type Query = string | (pg.QueryConfig & { rowMode?: 'array' })
interface Asked {
  text: string
  values: unknown[]
  query: Query
}
const asked = (query: Query, given?: unknown[]): Asked =>
  typeof query === 'string'
    ? { text: query, values: given ?? [], query }
    : { text: query.text, values: given ?? query.values ?? [], query }

export class RouterPool {
  /** Households by shards, and last what stands together. */
  private readonly pools: pg.Pool[]
  private readonly read = new Map<string, ReturnType<typeof readStatement>>()
  totalCount = 0
  idleCount = 0
  waitingCount = 0
  constructor(addresses: readonly string[]) {
    this.pools = addresses.map((connectionString) => new pg.Pool({ connectionString, max: AT_EACH }))
  }

  private async where({ text, values }: Asked): Promise<number[]> {
    let reading = this.read.get(text)
    if (!reading) this.read.set(text, (reading = readStatement(text)))
    const { said, tables, values: which } = await reading
    if (said.length) throw new Error(`${said.join(', ')}: ${text}`)
    const last = this.pools.length - 1
    if (!tables.some((t) => SPREAD_BY.has(t))) return [last]
    return [...new Set(which.map((n) => shardOf(String(values[n - 1]), last)))]
  }
  /** Asks each of them, and has their rows one after another. */
  private async askAll(a: Asked, of: (shard: number) => Promise<pg.Pool | pg.PoolClient>) {
    const shards = await this.where(a)
    const answers = await Promise.all(
      shards.map(async (s) => (await of(s)).query(a.query as pg.QueryConfig, a.values)),
    )
    const [first, ...rest] = answers
    for (const { rows, rowCount } of rest) {
      first!.rows.push(...rows)
      first!.rowCount = (first!.rowCount ?? 0) + (rowCount ?? 0)
    }
    return first!
  }

  query(query: Query, given?: unknown[]) {
    return this.askAll(asked(query, given), (s) => Promise.resolve(this.pools[s]!))
  }
  /** A transaction begins at each shard when it first comes there, and ends at all. */
  connect() {
    const at = new Map<number, Promise<pg.PoolClient>>()
    const begun = (s: number) => {
      let client = at.get(s)
      if (!client) {
        client = this.pools[s]!.connect().then(async (c) => {
          await c.query('begin')
          return c
        })
        at.set(s, client)
      }
      return client
    }
    return Promise.resolve({
      query: async (query: Query, given?: unknown[]) => {
        const a = asked(query, given)
        if (/^begin/i.test(a.text)) return { rows: [] }
        if (!/^(commit|rollback)/i.test(a.text)) return this.askAll(a, begun)
        for (const client of at.values()) await (await client).query(a.text)
        return { rows: [] }
      },
      release: () => {
        for (const client of at.values()) void client.then((c) => c.release())
      },
    })
  }
  async end() {
    await Promise.all(this.pools.map((p) => p.end()))
  }
}
