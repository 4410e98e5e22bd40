import { millisecondsInDay } from 'date-fns/constants'
import { gunzipSync } from 'node:zlib'
import { request } from 'node:http'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { DogFile, Thread } from '../../shared/answers'
import { clockAheadMs, currentInstant } from '../support/clock'
import { entry } from '../support/dogs'
import { daysAgo, newDog, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** Many at once: who is counted as whom, who waits for whom, and what goes over the wire. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let owner: Visitor
let db: pg.Client
const dog = newDog({ name: 'Merle' })

beforeAll(async () => {
  // Behind a proxy on this machine, with a tenth of the rations there are.
  app = await startApp({ GRUMBO_TRUSTED_PROXIES: 'loopback', GRUMBO_RATION_TIMES: '0.2' })
  running = app.running
  owner = await newOwner(running.address)
  await owner.call('POST', '/api/dogs', dog)
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
})
afterAll(async () => {
  await db?.end()
  await running?.stop()
})
const check = (day: string) => entry(day, { kind: 'check', region: 'beard', finding: 'glides' })
const send = (entries: unknown[], by = owner, id = dog.id) =>
  by.call('POST', `/api/dogs/${id}/entries`, { entries })
const from = (address: string) => ({ 'x-forwarded-for': address })
async function shared() {
  const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
    id: uuid(),
    groomer: 'Imke',
    scope: 'stretch',
    days: 9,
  })
  return String(json.token)
}

describe('behind a proxy', () => {
  const guess = (address: string) =>
    new Visitor(running.address).call(
      'POST',
      '/api/session',
      { email: `${uuid()}@example.org`, password: 'wrong' },
      from(address),
    )
  it('each caller has a ration of their own, and is told when to come again', async () => {
    expect((await guess('198.51.100.1')).status).toBe(401)
    expect((await guess('198.51.100.1')).status).toBe(401)
    const third = await guess('198.51.100.1')
    expect(third.status).toBe(429)
    expect(Number(third.headers.get('retry-after'))).toBeGreaterThan(60)
    expect((await guess('198.51.100.2')).status).toBe(401)
  })
  it('what a caller writes of itself before the proxy’s word is not believed', async () => {
    for (let n = 0; n < 3; n++) await guess(`203.0.113.${n}, 198.51.100.7`)
    expect((await guess('203.0.113.9, 198.51.100.7')).status).toBe(429)
  })
  it('a page drawn here spends its reader’s ration, not everybody’s', async () => {
    const token = await shared()
    const open = async (address: string) =>
      (await fetch(`${running.address}/l/${token}`, { headers: from(address) })).status
    const seen: number[] = []
    for (let n = 0; n < 26; n++) seen.push(await open('198.51.100.20'))
    expect(seen.slice(0, 24)).toEqual(Array(24).fill(200))
    expect(seen.at(-1)).toBe(429)
    expect(await open('198.51.100.21')).toBe(200)
  })
  it('with none named nobody is believed', async () => {
    const bare = await startApp({ GRUMBO_RATION_TIMES: '0.2' })
    try {
      const status = async (n: number) =>
        (
          await new Visitor(bare.running.address).call(
            'POST',
            '/api/session',
            { email: `${uuid()}@example.org`, password: 'wrong' },
            from(`198.51.100.${n}`),
          )
        ).status
      expect([await status(1), await status(2), await status(3)]).toEqual([401, 401, 429])
    } finally {
      await bare.running.stop()
    }
  })
})

describe('guessing at one account', () => {
  it('waits longer each time, and keeps neither its owner nor anybody’s right word out for good', async () => {
    const other = await newOwner(running.address, 'Bo')
    const { email } = (await other.call('GET', '/api/me')).json
    let address = 30
    const signIn = (who: Visitor, password: string) =>
      who.call('POST', '/api/session', { email, password }, from(`198.51.100.${address++}`))
    const stranger = new Visitor(running.address)
    for (let n = 0; n < 5; n++) expect((await signIn(stranger, 'wrong')).status).toBe(401)
    const sixth = await signIn(stranger, 'wrong')
    expect(sixth.status).toBe(429)
    const first = Number(sixth.headers.get('retry-after'))
    expect(first).toBeLessThanOrEqual(15)
    // From the device that signed in before there is no wait.
    expect((await signIn(other, PASSWORD)).status).toBe(200)
    // Nor is anybody locked out: once the wait is over the right word opens, and the count begins anew.
    await db.query(`delete from rate_limits where key like 'sign-in-waits%'`)
    expect((await signIn(stranger, 'wrong')).status).toBe(401)
    expect(Number((await signIn(stranger, 'wrong')).headers.get('retry-after'))).toBeGreaterThan(first)
    await db.query(`delete from rate_limits where key like 'sign-in-waits%'`)
    expect((await signIn(stranger, PASSWORD)).status).toBe(200)
    expect((await signIn(new Visitor(running.address), 'wrong')).status).toBe(401)
  })
})

describe('a preview robot', () => {
  it('fetches a link and its page, and nothing is read by that', async () => {
    const token = await shared()
    const headers = { authorization: `Bearer ${token}`, ...from('198.51.100.60') }
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: 'Mind the left ear.' })
    const robot = new Visitor(running.address)
    await robot.call('GET', `/l/${token}`, undefined, from('198.51.100.60'))
    await robot.call('GET', '/api/shared', undefined, headers)
    const thread = async () =>
      (await owner.call('GET', `/api/dogs/${dog.id}/notes`)).json as unknown as Thread
    expect((await thread()).notes.at(-1)!.read).toBeNull()
    expect((await thread()).shares[0]!.lastOpened).toBeNull()
    await robot.call('POST', '/api/shared/read', {}, headers)
    expect((await thread()).notes.at(-1)!.read).not.toBeNull()
    expect((await thread()).shares[0]!.lastOpened).not.toBeNull()
  })
})

describe('what is new', () => {
  const get = async (since = '') =>
    (await owner.call('GET', `/api/dogs/${dog.id}${since && `?since=${since}`}`)).json as unknown as DogFile
  it('is sent to a device that says what it has, and nothing else', async () => {
    const all = await get()
    expect(all.since).toBeUndefined()
    const [one, two] = [check(daysAgo(9)), check(daysAgo(3))]
    await send([one])
    await send([two, one])
    const more = await get(all.mark)
    expect(more.since).toBe(all.mark)
    expect(more.entries.map((e) => e.id).sort()).toEqual([one.id, two.id].sort())
    expect((await get(more.mark)).entries).toEqual([])
    expect((await get()).entries).toHaveLength(all.entries.length + 2)
  })
  it('a changed profile comes with it', async () => {
    const { mark } = await get()
    await owner.call('PUT', `/api/dogs/${dog.id}`, { profile: { ...dog.profile, weightKg: 11 } })
    expect((await get(mark)).profile.weightKg).toBe(11)
  })
  it('a mark of a record that is not this one, as after an older state was brought back, is sent all of it', async () => {
    await send([check(daysAgo(2))])
    const { mark } = await get()
    // What came last is gone, and as much came anew.
    await db.query('delete from entries where dog_id = $1 and version = (select max(version) from entries)', [
      dog.id,
    ])
    expect((await get(mark)).since).toBeUndefined()
    for (const odd of ['7', '9999.3', '-1.2', 'x', "1.1';--"]) expect((await get(odd)).since).toBeUndefined()
  })
  it('of many at once none is missed by one who asks all the while', async () => {
    let { mark, entries } = await get()
    const had = new Set(entries.map((e) => e.id))
    const posts = Array.from({ length: 24 }, () => [check(daysAgo(4)), check(daysAgo(5))])
    let going = true
    const sending = Promise.all(posts.map((p) => send(p))).finally(() => (going = false))
    const look = async () => {
      ;({ mark, entries } = await get(mark))
      for (const e of entries) had.add(e.id)
    }
    while (going) await look()
    await sending
    await look()
    expect([...had].sort()).toEqual((await get()).entries.map((e) => e.id).sort())
  })
})

describe('one household’s crowd', () => {
  it('at a record that is held keeps nobody else waiting, and is told to come again when it grows too long', async () => {
    const other = await newOwner(running.address, 'Bo')
    const holder = new pg.Client({ connectionString: app.databaseUrl })
    await holder.connect()
    await holder.query('begin')
    await holder.query('select 1 from dogs where id = $1 for update', [dog.id])
    const crowd = Array.from({ length: 60 }, () => send([check(daysAgo(1))]))
    try {
      for (let n = 0; n < 10; n++) {
        expect((await other.call('GET', '/api/me')).status).toBe(200)
        expect((await new Visitor(running.address).call('GET', '/api/health')).status).toBe(200)
      }
      const { rows } = await db.query('select 1 from pg_locks where not granted')
      expect(rows.length).toBeGreaterThan(0)
    } finally {
      await holder.query('rollback')
      await holder.end()
    }
    const answers = await Promise.all(crowd)
    const turnedAway = answers.filter((a) => a.status === 503)
    expect(turnedAway.length).toBeGreaterThan(0)
    for (const a of turnedAway) expect(a.headers.get('retry-after')).toBeTruthy()
    expect(answers.filter((a) => a.status === 200).length).toBe(60 - turnedAway.length)
  })
})

describe('over the wire', () => {
  const raw = (path: string, headers: Record<string, string>) =>
    new Promise<{ encoding: string | undefined; bytes: Buffer }>((resolve, reject) => {
      const req = request(running.address + path, { headers }, (res) => {
        const chunks: Buffer[] = []
        res.on('data', (c: Buffer) => chunks.push(c))
        res.on('end', () =>
          resolve({ encoding: res.headers['content-encoding'], bytes: Buffer.concat(chunks) }),
        )
      })
      req.on('error', reject)
      req.end()
    })
  it('pages and answers go compressed to whoever can read that, and are the same', async () => {
    const token = await shared()
    const headers = { authorization: `Bearer ${token}`, ...from('198.51.100.70') }
    const plain = await raw('/api/shared', headers)
    const packed = await raw('/api/shared', { ...headers, 'accept-encoding': 'gzip' })
    expect([plain.encoding, packed.encoding]).toEqual([undefined, 'gzip'])
    expect(packed.bytes.length).toBeLessThan(plain.bytes.length / 3)
    expect(JSON.parse(gunzipSync(packed.bytes).toString())).toEqual(JSON.parse(plain.bytes.toString()))
    const page = await raw('/', { 'accept-encoding': 'gzip, br' })
    expect(page.encoding).toBe('gzip')
    expect(gunzipSync(page.bytes).toString()).toContain('<title>')
  })
})

describe('a clock a little ahead in the farthest east', () => {
  it('makes no day too early; one an hour ahead does', async () => {
    // Two minutes to midnight there.
    const now = currentInstant()
    const then = new Date(now)
    then.setUTCHours(9, 58, 0, 0)
    const ahead = then.getTime() - now.getTime() + clockAheadMs()
    const east = await startApp({ GRUMBO_CLOCK_AHEAD_MS: String(ahead) })
    try {
      const away = await newOwner(east.running.address)
      const mine = newDog({ since: daysAgo(20) })
      await away.call('POST', '/api/dogs', mine)
      const day = (n: number) => new Date(then.getTime() + n * millisecondsInDay).toISOString().slice(0, 10)
      expect((await send([check(day(1))], away, mine.id)).status).toBe(200)
      expect((await send([check(day(2))], away, mine.id)).status).toBe(422)
    } finally {
      await east.running.stop()
    }
  })
})
