import pg from 'pg'
import { demoDogs } from '../../demo/household'
import type { Groomer, Member } from '../../server/access/authorise'
import { usePool } from '../../server/db/client'
import { findSession } from '../../server/services/accounts'
import { dogFile, findDog } from '../../server/services/dogs'
import { addEntries } from '../../server/services/entries'
import { findGroomerSession } from '../../server/services/groomers'
import { roomOf } from '../../server/services/room'
import type { Entry } from '../../core/record/entries'
import { entry } from '../../tests/support/dogs'
import { daysAgo, newDog, newGroomer, newOwner, startApp } from '../../tests/support/server'
import type { Visitor } from '../../tests/support/server'
import { at, slow, times } from './callers'
import { populate, populateTogether } from './population'
import { row } from './table'

/** A hundred thousand dogs on one database: what a call costs beside its own statements, and beside few dogs. */
const FEW = 2_000
const MANY = 100_000
const CALLERS = 20
const DIARY = 120
const IN_A_ROOM = 300
const ROUNDS = 3
const CALLS = 300
const ROOM_CALLS = 80
/** Calls before those that are timed, on both sides: a program just begun is slower by a third (measured), and one that serves has been up for long. */
const WARM = 1_500
const ROOM_WARM = 40
const MOST_TIMES = 3

interface House {
  owner: Visitor
  member: Member
  dog: string
}
interface Size {
  many: number
  databaseUrl: string
  stop: () => Promise<void>
  houses: House[]
  groomer: Visitor
  hers: Groomer
  took: Record<Call, number[]>
  bare: Record<Call, number[]>
}
const CALLED = { read: 'reading a dog', add: 'adding five entries', room: `a room of ${IN_A_ROOM}` } as const
type Call = keyof typeof CALLED
const KINDS = Object.keys(CALLED) as Call[]
const none = (): Record<Call, number[]> => ({ read: [], add: [], room: [] })
const five = (): Entry[] =>
  Array.from({ length: 5 }, () => entry(daysAgo(0), { kind: 'check', region: 'beard', finding: 'glides' }))

async function fill(many: number): Promise<Size> {
  const { running, databaseUrl } = await startApp()
  const [model] = demoDogs(daysAgo(0))
  const all = { many, rooms: 1, inARoom: IN_A_ROOM, whole: IN_A_ROOM, shard: 0, shards: 1 }
  await at(databaseUrl, async (client) => {
    await populate(client, all)
    await populateTogether(client, all)
  })
  const houses: House[] = []
  for (let n = 0; n < CALLERS; n++) {
    const owner = await newOwner(running.address, `Caller ${n}`)
    const dog = newDog()
    await owner.call('POST', '/api/dogs', { ...dog, profile: model!.profile })
    const entries = model!.entries.slice(-DIARY)
    const { status } = await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries })
    if (status !== 200) throw new Error(`The diary was answered ${status}.`)
    const email = String((await owner.call('GET', '/api/me')).json.email)
    const member = await at(databaseUrl, async (client) => {
      const { rows } = await client.query<{ household_id: string; id: string }>(
        'select s.household_id, s.id from accounts a join sessions s on s.household_id = a.household_id and s.account_id = a.id where a.email = $1',
        [email],
      )
      usePool(new pg.Pool({ connectionString: databaseUrl, max: 1 }))
      return findSession(rows[0]!.household_id, rows[0]!.id)
    })
    if (member?.kind !== 'member') throw new Error('nobody is signed in')
    houses.push({ owner, member, dog: dog.id })
  }
  const groomer = await newGroomer(running.address)
  const email = String((await groomer.call('GET', '/api/room')).json.email)
  const hers = await at(databaseUrl, async (client) => {
    const { rows } = await client.query<{ groomer_id: string; id: string }>(
      'select s.groomer_id, s.id from groomers g join groomer_sessions s on s.groomer_id = g.id where g.email = $1',
      [email],
    )
    const { groomer_id: id, id: session } = rows[0]!
    // The room of the population is hers.
    await client.query(`update shares set groomer_id = $1 where groomer_id = md5('room0')::uuid`, [id])
    await client.query(
      `update doors set key = sha256(convert_to('room' || chr(10) || $1, 'UTF8')) where key = sha256(convert_to('room' || chr(10) || md5('room0')::uuid, 'UTF8'))`,
      [id],
    )
    await client.query('vacuum analyze')
    return findGroomerSession(id, session)
  })
  return { many, databaseUrl, stop: running.stop, houses, groomer, hers: hers!, took: none(), bare: none() }
}

/** What a service asks the database, kept to be asked again with nothing between; what it would write is taken back. */
class TellingPool {
  said: { text: string; values: unknown[] }[] = []
  constructor(private readonly pool: pg.Pool) {}
  private tell(query: pg.QueryConfig | string, values?: unknown[]) {
    const text = typeof query === 'string' ? query : query.text
    this.said.push({ text, values: values ?? [] })
  }
  query(query: pg.QueryConfig, values?: unknown[]) {
    this.tell(query, values)
    return this.pool.query(query, values)
  }
  async connect() {
    const client = await this.pool.connect()
    return {
      query: (query: pg.QueryConfig, values?: unknown[]) => {
        this.tell(query, values)
        const ends = typeof query === 'string' && /^commit/i.test(query)
        return ends ? client.query('rollback') : client.query(query, values)
      },
      release: () => client.release(),
    }
  }
}

/** The statements of each call, as often as they will be asked. */
async function tellAll(size: Size) {
  const pool = new pg.Pool({ connectionString: size.databaseUrl, max: 10 })
  const house = (n: number) => size.houses[n % size.houses.length]!
  const services: Record<Call, (n: number) => Promise<unknown>> = {
    async read(n) {
      const { member, dog } = house(n)
      await findSession(member.householdId, member.sessionId)
      await findDog(member.householdId, dog)
      return dogFile(member.householdId, dog)
    },
    async add(n) {
      const { member, dog } = house(n)
      await findSession(member.householdId, member.sessionId)
      await findDog(member.householdId, dog)
      return addEntries(member.householdId, dog, member, five())
    },
    async room() {
      await findGroomerSession(size.hers.groomerId, size.hers.sessionId)
      return roomOf(size.hers)
    },
  }
  const tell = async (call: Call, n: number) => {
    const telling = new TellingPool(pool)
    usePool(telling as unknown as pg.Pool)
    await services[call](n)
    return telling.said
  }
  const told: Record<Call, Awaited<ReturnType<typeof tell>>[]> = { read: [], add: [], room: [] }
  for (let n = 0; n < CALLS; n++) told.add.push(await tell('add', n))
  for (let n = 0; n < CALLERS; n++) told.read.push(await tell('read', n))
  told.room.push(await tell('room', 0))
  return { pool, told }
}

async function round(size: Size) {
  const { pool, told } = await tellAll(size)
  const house = (n: number) => size.houses[n % size.houses.length]!
  const ok = ({ status }: { status: number }) => {
    if (status !== 200) throw new Error(`A call was answered ${status}.`)
  }
  const calls: Record<Call, (n: number) => Promise<void>> = {
    read: async (n) => ok(await house(n).owner.call('GET', `/api/dogs/${house(n).dog}`)),
    add: async (n) =>
      ok(await house(n).owner.call('POST', `/api/dogs/${house(n).dog}/entries`, { entries: five() })),
    room: async () => ok(await size.groomer.call('GET', '/api/room')),
  }
  const bare = async (call: Call, n: number) => {
    const client = await pool.connect()
    try {
      for (const { text, values } of told[call][n % told[call].length]!) await client.query(text, values)
    } finally {
      client.release()
    }
  }
  for (const call of KINDS) {
    const many = call === 'room' ? ROOM_CALLS : CALLS
    const warm = call === 'room' ? ROOM_WARM : WARM
    if (!size.took[call].length) {
      await times(CALLERS, warm, calls[call])
      await times(CALLERS, warm, (n) => bare(call, n))
    }
    size.took[call].push(...(await times(CALLERS, many, calls[call])))
    size.bare[call].push(...(await times(CALLERS, many, (n) => bare(call, n))))
  }
  await pool.end()
}

/** Rows read by going through a whole table, of tables that are large. */
const scanned = (size: Size) =>
  at(size.databaseUrl, async (client) => {
    const { rows } = await client.query<{ relname: string; seq_tup_read: string }>(
      'select relname, seq_tup_read from pg_stat_user_tables where n_live_tup > 10000',
    )
    return new Map(rows.map((r) => [r.relname, Number(r.seq_tup_read)]))
  })

export async function crowd() {
  const sizes: Size[] = []
  try {
    for (const many of [FEW, MANY]) sizes.push(await fill(many))
    const before = await scanned(sizes[1]!)
    for (let n = 0; n < ROUNDS; n++) for (const size of sizes) await round(size)
    const after = await scanned(sizes[1]!)
    const [few, many] = sizes
    for (const call of KINDS) {
      const [took, bare] = [slow(many!.took[call]), slow(many!.bare[call])]
      row(
        `${CALLED[call]} among ${MANY}, ${CALLERS} callers`,
        `${(took / bare).toFixed(1)} times its own statements at the 95th of 100 (${took.toFixed(0)} ms against ${bare.toFixed(0)}; at most ${MOST_TIMES}); ${(took / slow(few!.took[call])).toFixed(2)} times what it is among ${FEW}`,
      )
    }
    const gone = [...after].filter(([table, n]) => n > (before.get(table) ?? 0)).map(([table]) => table)
    row('tables gone through whole meanwhile', gone.join(', ') || 'none')
  } finally {
    for (const { stop } of sizes) await stop()
  }
}
