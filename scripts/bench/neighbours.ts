import { readFileSync } from 'node:fs'
import { request } from 'node:http'
import pg from 'pg'
import sharp from 'sharp'
import { v7 as uuid } from 'uuid'
import type { Room } from '../../shared/answers'
import { entry } from '../../tests/support/dogs'
import { daysAgo, newDog, newGroomer, newOwner, startApp } from '../../tests/support/server'
import type { Visitor } from '../../tests/support/server'
import { measured } from './neighbour-calls'
import { row } from './table'

/** More times the quiet figure than these is noticed. */
const MOST_TIMES = 3
/** Below this no call is felt, ms: a quiet figure under it counts as it (judgement). */
const NOT_FELT_MS = 10

/** What other households notice while one does its worst: their 95th percentile against the quiet one. */
export async function neighbours() {
  // With the rations as they are.
  const { running, databaseUrl } = await startApp({ GRUMBO_RATION_TIMES: '1' })
  const db = new pg.Client({ connectionString: databaseUrl })
  await db.connect()
  const [worst, neighbour] = [await newOwner(running.address, 'Ada'), await newOwner(running.address, 'Bo')]
  const dog = newDog({ since: daysAgo(3_600) })
  await worst.call('POST', '/api/dogs', dog)
  const path = `/api/dogs/${dog.id}`
  const check = () =>
    entry(daysAgo(Math.floor(Math.random() * 900)), { kind: 'check', region: 'beard', finding: 'glides' })

  /** @param stir does its worst, over and over, until it is told to stop */
  async function p95While(stir: (over: () => boolean) => Promise<unknown>) {
    let over = false
    const stirring = stir(() => over)
    const p95 = await measured(running.address, neighbour.cookie)
    over = true
    await stirring
    return p95
  }
  const many = (n: number, act: () => Promise<unknown>) => (over: () => boolean) =>
    Promise.all(
      Array.from({ length: n }, async () => {
        while (!over()) await act().catch(() => undefined)
      }),
    )

  await p95While(async () => undefined)
  const quiet = await p95While(async () => undefined)
  const tell = async (what: string, stir: (over: () => boolean) => Promise<unknown>) => {
    const under = await p95While(stir)
    const times = under / Math.max(quiet, NOT_FELT_MS)
    row(
      `neighbours, under ${what}`,
      `${times.toFixed(1)} times the quiet figure at the 95th (${under.toFixed(0)} ms, ${quiet.toFixed(1)} ms)`,
    )
    return times
  }
  const all: number[] = []

  // 8: posts to a record whose row is held, and to one of thirty thousand entries.
  const holder = new pg.Client({ connectionString: databaseUrl })
  await holder.connect()
  const post = (by: Visitor) => by.call('POST', `${path}/entries`, { entries: [check()] })
  await holder.query('begin')
  await holder.query('select 1 from dogs where id = $1 for update', [dog.id])
  all.push(
    await tell(
      'forty posts to a record that is held',
      many(40, () => post(worst)),
    ),
  )
  await holder.query('rollback')
  await holder.end()
  for (let n = 0; n < 60; n++)
    await worst.call('POST', `${path}/entries`, { entries: Array.from({ length: 500 }, check) })
  all.push(
    await tell(
      'twenty posts to a record of 30,000',
      many(20, () => post(worst)),
    ),
  )

  // 9: forecasts of that record, anew each time.
  const made = await worst.call('POST', `${path}/shares`, {
    id: uuid(),
    groomer: 'Imke',
    scope: 'stretch',
    days: 9,
  })
  const groomer = await newGroomer(running.address)
  await groomer.call('POST', '/api/room/dogs', { code: made.json.code })
  const room = (await groomer.call('GET', '/api/room')).json as unknown as Room
  const theirs = `/api/room/dogs/${room.dogs[0]!.share}`
  const cold = new pg.Pool({ connectionString: databaseUrl, max: 4 })
  all.push(
    await tell(
      'four loops of cold forecasts',
      many(4, async () => {
        await cold.query('update arrivals set version = -1')
        await groomer.call('GET', theirs)
      }),
    ),
  )

  // 10: pictures that are small on the wire and large once opened.
  const photos = Array.from({ length: 16 }, () => entry(daysAgo(1), { kind: 'photo' }))
  await worst.call('POST', `${path}/entries`, { entries: photos })
  const wide = await sharp({ create: { width: 5_000, height: 4_900, channels: 3, background: '#fff' } })
    .png({ progressive: true, compressionLevel: 9 })
    .toBuffer()
  let next = 0
  all.push(
    await tell(
      `pictures of 24 megapixels in ${Math.round(wide.length / 1000)} kB`,
      many(12, () =>
        worst.call('PUT', `${path}/photographs/${photos[next++ % photos.length]!.id}`, new Uint8Array(wide)),
      ),
    ),
  )

  const mostMb =
    Number(/VmHWM:\s+(\d+)/.exec(readFileSync(`/proc/${running.child.pid}/status`, 'utf8'))![1]) / 1024
  row('memory at most, with twelve such pictures at once', `${mostMb.toFixed(0)} MB`)

  // 11: bodies without end, from nobody.
  const pour = () =>
    new Promise<void>((done) => {
      const req = request(`${running.address}/api/session`, {
        method: 'POST',
        headers: { origin: running.address, 'content-type': 'application/json' },
      })
      const end = () => (req.destroy(), done())
      req.on('response', end)
      req.on('error', end)
      const chunk = Buffer.alloc(64 * 1024, 0x20)
      const more = () => {
        if (!req.destroyed && req.write(chunk)) setImmediate(more)
        else if (!req.destroyed) req.once('drain', more)
      }
      more()
    })
  all.push(await tell('eight bodies without end', many(8, pour)))

  await cold.end()
  await db.end()
  await running.stop()
  if (all.some((times) => times > MOST_TIMES)) throw new Error('Neighbours notice.')
}
