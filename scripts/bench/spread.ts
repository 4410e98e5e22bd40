import { randomBytes } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import pg from 'pg'
import { findSession } from '../../server/services/accounts'
import { dogFile } from '../../server/services/dogs'
import { addEntries } from '../../server/services/entries'
import { findGroomerSession } from '../../server/services/groomers'
import { roomOf } from '../../server/services/room'
import { stopThreads } from '../../server/services/threads'
import { usePool } from '../../server/db/client'
import { migrate } from '../../server/db/migrate'
import { entry } from '../../tests/support/dogs'
import { daysAgo } from '../../tests/support/server'
import { at, slow, times } from './callers'
import { idOf, populate, populateTogether } from './population'
import { RouterPool } from './router'
import { row } from './table'

/** A rehearsal of growing: sixteen databases and one for what crosses, an owner's and a groomer's day among ten thousand dogs and among many more. */
const SHARDS = 16
const FEW = 10_000
/** Dogs with whole diaries: of rooms of three hundred, and of the owners who are measured. */
const ROOMS = 10
const IN_A_ROOM = 300
const OWNERS = 400
const WHOLE = ROOMS * IN_A_ROOM + OWNERS
/** So many at a time, for each size in turn so often: the machine is no steadier than that (judgement). */
const CALLERS = 8
const ROUNDS = 3
const OWNER_DAYS = 400
const GROOMER_DAYS = 60

/** Makes the databases, each with the tables of all. @returns their addresses, the last of what stands together */
async function makeShards(address: (name: string) => string, of: string): Promise<string[]> {
  const folder = 'server/db/migrations'
  const pool = new pg.Pool({ connectionString: address('postgres') })
  const source = `${of}_model`
  await pool.query(`create database ${source}`)
  const model = new pg.Pool({ connectionString: address(source) })
  await migrate(
    model,
    readdirSync(folder)
      .filter((f) => f.endsWith('.sql'))
      .map((name) => ({ name, sql: readFileSync(`${folder}/${name}`, 'utf8') })),
  )
  await model.end()
  const names = [...Array.from({ length: SHARDS }, (_, i) => `${of}_${i}`), `${of}_together`]
  for (const name of names) await pool.query(`create database ${name} template ${source}`)
  await pool.end()
  return names.map(address)
}

async function fill(addresses: readonly string[], many: number) {
  const all = { many, rooms: ROOMS, inARoom: IN_A_ROOM, whole: WHOLE, shards: SHARDS }
  for (let shard = 0; shard < SHARDS; shard++)
    await at(addresses[shard]!, (client) => populate(client, { ...all, shard }))
  await at(addresses[SHARDS]!, (client) => populateTogether(client, { ...all, shard: 0 }))
}

/** An owner opens the app, reads the dog and writes what was combed. */
async function ownerDay(n: number) {
  const i = ROOMS * IN_A_ROOM + (n % OWNERS)
  const [home, dog] = [idOf('house', i), idOf('dog', i)]
  const member = await findSession(home, idOf('session', i))
  if (member?.kind !== 'member') throw new Error('nobody is signed in')
  const { entries } = await dogFile(home, dog)
  if (entries.length < 20) throw new Error('a diary is missing')
  const combed = Array.from({ length: 5 }, () =>
    entry(daysAgo(0), { kind: 'check', region: 'beard', finding: 'glides' }),
  )
  const { taken } = await addEntries(home, dog, member, combed)
  if (taken.length !== combed.length) throw new Error('an entry was refused')
}
/** A groomer opens the room of three hundred. */
async function groomerDay(n: number) {
  const r = n % ROOMS
  const groomer = await findGroomerSession(idOf('room', r), idOf('room session', r))
  const { dogs } = await roomOf(groomer!)
  if (dogs.length !== IN_A_ROOM || dogs.some((d) => d.stale)) throw new Error(`a room of ${dogs.length}`)
}

async function round(addresses: readonly string[]) {
  const router = new RouterPool(addresses)
  usePool(router as unknown as pg.Pool)
  try {
    // What is asked for the first time is read from disk.
    await times(CALLERS, OWNERS, ownerDay)
    await times(CALLERS, ROOMS, groomerDay)
    return {
      owner: await times(CALLERS, OWNER_DAYS, ownerDay),
      groomer: await times(CALLERS, GROOMER_DAYS, groomerDay),
    }
  } finally {
    await router.end()
  }
}

/** @param many dogs, beside the few */
export async function spread(many: number) {
  process.env.NUXT_SESSION_PASSWORD ??= randomBytes(32).toString('hex')
  const address = (name: string) => `postgres://grumbo@127.0.0.1:${process.env.GRUMBO_TEST_PG}/${name}`
  const sizes = []
  for (const [of, dogs] of [
    ['few', FEW],
    ['many', many],
  ] as const) {
    const addresses = await makeShards(address, of)
    await fill(addresses, dogs)
    sizes.push({ addresses, owner: [] as number[], groomer: [] as number[] })
  }
  try {
    for (let n = 0; n < ROUNDS; n++)
      for (const size of sizes) {
        const { owner, groomer } = await round(size.addresses)
        size.owner.push(...owner)
        size.groomer.push(...groomer)
      }
    for (const [who, what] of [
      ['owner', 'an owner’s day'],
      ['groomer', `a groomer’s room of ${IN_A_ROOM}`],
    ] as const) {
      const [before, after] = sizes.map((s) => slow(s[who]))
      row(
        `${what}, ${FEW} dogs to ${many}, ${SHARDS} shards`,
        `${(after! / before!).toFixed(2)} × at the 95th of 100 (${before!.toFixed(0)} to ${after!.toFixed(0)} ms, ${CALLERS} callers; at most 1.2)`,
      )
    }
  } finally {
    await stopThreads()
  }
}
