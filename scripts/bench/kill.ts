import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import pg from 'pg'
import { entry } from '../../tests/support/dogs'
import { daysAgo, newDog, newOwner, startApp } from '../../tests/support/server'
import type { Running, Visitor } from '../../tests/support/server'
// @ts-expect-error plain script
import { startPostgres } from '../lib/postgres.mjs'
import { row } from './table'

const DEVICES = 12
/** Of the app and of the database each, in turn. */
const KILLS = 10
/** And on until so many entries went up. */
const ENTRIES = 5000
/** How long it lives between two kills, ms. */
const LIVES_MS = 700
const MOST_AT_ONCE = 4

interface Device {
  by: Visitor
  dog: string
  acknowledged: Set<string>
  sent: number
}

const FOLDER = '.data/bench-kill'
const rest = (ms: number) => new Promise((go) => setTimeout(go, ms))
/** All of the database's processes at once, as when the power goes; and up again where it was. */
async function killDatabase(at: Database): Promise<Database> {
  const children = readdirSync('/proc')
    .filter((p) => /^\d+$/.test(p))
    .filter((p) => parentOf(p) === at.pid)
    .map(Number)
  for (const pid of [at.pid, ...children]) process.kill(pid, 'SIGKILL')
  while (existsSync(`/proc/${at.pid}`)) await rest(5)
  return startPostgres(FOLDER, { on: at.port }) as Promise<Database>
}
function parentOf(pid: string): number | null {
  try {
    return Number(/^PPid:\t(\d+)$/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1])
  } catch {
    // It ended meanwhile.
    return null
  }
}
interface Database {
  port: number
  pid: number
  stop: () => Promise<void>
}

/** Many devices, a queue each, and app and database killed again and again: what was acknowledged is there, once. */
export async function kill() {
  rmSync(FOLDER, { recursive: true, force: true })
  // One that writes down before it answers, as people's does.
  let database = (await startPostgres(FOLDER)) as Database
  const { GRUMBO_TEST_PG } = process.env
  process.env.GRUMBO_TEST_PG = String(database.port)
  const { running: first, start, databaseUrl } = await startApp()
  process.env.GRUMBO_TEST_PG = GRUMBO_TEST_PG
  let running: Running = first
  const devices: Device[] = []
  for (let n = 0; n < DEVICES; n++) {
    const by = await newOwner(running.address, `Owner ${n}`)
    const dog = newDog()
    await by.call('POST', '/api/dogs', dog)
    devices.push({ by, dog: dog.id, acknowledged: new Set(), sent: 0 })
  }
  let over = false
  const send = async (d: Device) => {
    for (let n = 0; !over; n++) {
      const batch = Array.from({ length: 1 + (n % MOST_AT_ONCE) }, (_, i) =>
        entry(daysAgo(i), { kind: 'check', region: 'beard', finding: 'glides' }),
      )
      // The same ones again and again, until they are named in an answer.
      for (let taken: string[] = []; !over && taken.length < batch.length;) {
        d.sent += 1
        try {
          const { status, json } = await d.by.call('POST', `/api/dogs/${d.dog}/entries`, { entries: batch })
          if (status !== 200) throw new Error(String(status))
          taken = json.taken as string[]
          for (const id of taken) d.acknowledged.add(id)
        } catch {
          await rest(40)
        }
      }
    }
  }
  const sending = devices.map(send)
  const acknowledged = () => devices.reduce((sum, d) => sum + d.acknowledged.size, 0)
  for (let n = 0; n < KILLS || acknowledged() < ENTRIES; n++) {
    await rest(LIVES_MS)
    await running.stop('SIGKILL')
    running = await start()
    await rest(LIVES_MS)
    database = await killDatabase(database)
  }
  over = true
  await Promise.all(sending)
  await running.stop()
  const client = new pg.Client({ connectionString: databaseUrl })
  await client.connect()
  let [lost, twice] = [0, 0]
  for (const { dog, acknowledged } of devices) {
    const { rows } = await client.query<{ id: string }>('select id from entries where dog_id = $1', [dog])
    const there = rows.map((r) => r.id)
    twice += there.length - new Set(there).size
    const known = new Set(there)
    lost += [...acknowledged].filter((id) => !known.has(id)).length
  }
  await client.end()
  await database.stop()
  rmSync(FOLDER, { recursive: true, force: true })
  row(
    `kill −9 of app and database, ${KILLS} times each, ${DEVICES} devices`,
    `${acknowledged()} entries acknowledged, ${lost} lost, ${twice} there twice; ${devices.reduce((s, d) => s + d.sent, 0)} requests`,
  )
  if (lost || twice) throw new Error('Entries were lost or doubled.')
}
