import { request } from 'node:http'
import pg from 'pg'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 as uuid } from 'uuid'
import type { Room, SharedDog } from '../../shared/answers'
import { OURS } from '../../shared/limits'
import { LONGEST_SIDE } from '../../shared/photographs'
import { currentInstant } from '../support/clock'
import { entry } from '../support/dogs'
import { daysAgo, newDog, newGroomer, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** What comes to the doors: entries of which some are wrong, text that is none, bodies without end. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let owner: Visitor
let db: pg.Client
const dog = newDog({ name: 'Merle', habits: { bed: 1300, vetPlan: 'weekly, with the vet’s own' } })

beforeAll(async () => {
  app = await startApp()
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
const send = (entries: unknown[]) => owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries })
const check = (day: string, region = 'beard') =>
  entry(day, { kind: 'check', region: region as 'beard', finding: 'glides' })

describe('entries', () => {
  it('are answered one by one: a wrong one keeps none of the others', async () => {
    const good = [check(daysAgo(1)), check(daysAgo(2)), check(daysAgo(3))]
    const tomorrow = check(daysAgo(-3))
    const odd = { ...check(daysAgo(1)), what: { kind: 'check', region: 'wing', finding: 'glides' } }
    const { status, json } = await send([good[0], tomorrow, good[1], odd, good[2]])
    expect(status).toBe(200)
    expect([...(json.taken as string[])].sort()).toEqual(good.map((e) => e.id).sort())
    expect(json.refused).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ id: tomorrow.id, code: 'not-come-yet' }),
        expect.objectContaining({ id: odd.id, code: 'wrong', says: 'The coat map has no such place.' }),
      ]),
    )
    expect(Math.abs(Date.parse(String(json.now)) - currentInstant().getTime())).toBeLessThan(60_000)
  })
  it('where none could be taken, each is named with its reason all the same', async () => {
    const e = check(daysAgo(-3))
    const { status, json } = await send([e])
    expect(status).toBe(422)
    expect(json.data).toMatchObject({ refused: [{ id: e.id, code: 'not-come-yet' }] })
  })
  it('a correction of what was refused is refused with it', async () => {
    const e = check(daysAgo(-3))
    const undo = entry(daysAgo(0), { kind: 'correction', replaces: e.id, by: null })
    const { json } = await send([undo, e, check(daysAgo(1), 'tail')])
    expect((json.refused as { id: string }[]).map((r) => r.id).sort()).toEqual([e.id, undo.id].sort())
  })
  it('a correction of a correction is taken with it, though the clock it was made by was behind', async () => {
    const id = (n: number) => `0190000${n}-0000-7000-8000-00000000000${n}`
    const first = { ...check(daysAgo(1), 'tail'), id: id(1) }
    const ahead = { ...entry(daysAgo(0), { kind: 'correction', replaces: first.id, by: null }), id: id(9) }
    const back = {
      ...entry(daysAgo(0), { kind: 'correction', replaces: ahead.id, by: null, knows: ahead.id }),
      id: id(5),
    }
    const { json } = await send([back, ahead, first])
    expect(json.refused).toEqual([])
    expect(json.taken).toHaveLength(3)
  })
  it('of many posts at once to one record none waits for another, and all are there', async () => {
    const posts = Array.from({ length: 12 }, (_, i) => [check(daysAgo(i % 9)), check(daysAgo(i % 9), 'tail')])
    const answers = await Promise.all(posts.map(send))
    expect(answers.map((a) => a.status)).toEqual(posts.map(() => 200))
    const ids = new Set(posts.flat().map((e) => e.id))
    const { rows } = await db.query(`select id from entries where id = any($1)`, [[...ids]])
    expect(rows).toHaveLength(ids.size)
  })
})

describe('answers', () => {
  it('all carry our mark, refusals too', async () => {
    const nobody = new Visitor(running.address)
    for (const [who, path] of [
      [owner, '/api/me'],
      [owner, `/api/dogs/${uuid()}`],
      [nobody, '/api/household'],
      [nobody, '/api/health'],
    ] as const)
      expect((await who.call('GET', path)).headers.get(OURS), path).toBe('1')
  })
  it('of what failed here say a number; the log has that, the route and a code, and nobody’s words', async () => {
    const body = 'a word for nobody else'
    await db.query('alter table notes rename to notes_away')
    const { status, json } = await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body })
    await db.query('alter table notes_away rename to notes')
    expect(status).toBe(500)
    const number = /number is (\w+)/.exec(String(json.message))![1]!
    const said = running.said()
    const line = said.split('\n').find((l) => l.includes(number))!
    expect(JSON.parse(line)).toMatchObject({
      level: 'error',
      what: 'failed',
      call: number,
      route: 'POST /api/dogs/[dog]/notes',
      code: '42P01',
    })
    expect(said).not.toContain(body)
    expect(said).not.toContain(dog.id)
  })
})

describe('text that is none', () => {
  const NUL = 'Mer\u0000le'
  it.each([
    ['a name with U+0000', { name: NUL }],
    ['half a character', { name: 'Mer\ud800' }],
    ['a name of two lines', { name: 'Merle\r\nBEGIN:VEVENT' }],
    ['a wish with U+0000', { wish: NUL }],
    ['year 0000', { since: '0000-01-01' }],
    ['year 9999', { nextVisit: '9999-12-31' }],
  ])('%s is refused in words', async (_what, more) => {
    const { status, json } = await owner.call('POST', '/api/dogs', newDog(more))
    expect(status).toBe(422)
    expect(String(json.message).length).toBeGreaterThan(5)
  })
  it.each([
    ['the nil id', '00000000-0000-0000-0000-000000000000'],
    ['the largest id', 'ffffffff-ffff-ffff-ffff-ffffffffffff'],
    ['an id in capitals', uuid().toUpperCase()],
  ])('%s is refused', async (_what, id) => {
    expect((await owner.call('POST', '/api/dogs', { ...newDog(), id })).status).toBe(422)
    expect((await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id, body: 'x' })).status).toBe(422)
    expect((await send([{ ...check(daysAgo(1)), id }])).status).toBe(422)
  })
  it('notes and plans too', async () => {
    const note = (body: string) => owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body })
    expect((await note('a\u0000b')).status).toBe(422)
    expect((await note('two\nlines are well')).status).toBe(200)
    const plan = {
      kind: 'plan',
      to: '9999-12-31',
      choices: { blocked: [], minutesOn: {}, matWorth: 150 },
      sessions: [],
      basis: '',
    }
    expect((await send([entry(daysAgo(0), plan as never)])).status).toBe(422)
  })
  it('a zone is kept by its own name, however it was spelled, and an offset is none', async () => {
    const put = (timeZone: string) => owner.call('PUT', '/api/household', { name: 'Alder', timeZone })
    expect((await put('eUROPE/lONDON')).status).toBe(200)
    expect((await owner.call('GET', '/api/household')).json.timeZone).toBe('Europe/London')
    for (const zone of ['+01:00', '-11:30', 'Mars/Olympus', '']) expect((await put(zone)).status).toBe(422)
  })
  it('a link that is no link opens nothing, with no fault of the server’s', async () => {
    for (const path of ['/l/%00', '/l/%ff', '/l/..%2f', '/l/x']) {
      const { status } = await fetch(running.address + path)
      expect([400, 404], path).toContain(status)
    }
  })
})

describe('bodies without end', () => {
  /** Sends for as long as it is read. @returns the answer and how many bytes went */
  const pour = (path: string, cookie: string) =>
    new Promise<{ status: number; sent: number }>((resolve) => {
      const chunk = Buffer.alloc(64 * 1024, 0x20)
      let sent = 0
      let status = 0
      const req = request(running.address + path, {
        method: 'POST',
        headers: { origin: running.address, 'content-type': 'application/json', cookie },
      })
      const end = () => resolve({ status, sent })
      req.on('response', (res) => {
        status = res.statusCode ?? 0
        res.resume()
        res.on('end', end)
      })
      req.on('error', end)
      const more = () => {
        while (sent < 60_000_000 && !status && !req.destroyed) {
          sent += chunk.length
          if (!req.write(chunk)) return void req.once('drain', more)
        }
        req.end()
      }
      more()
    })
  it('told no length are counted while they are read, and refused', async () => {
    const { status, sent } = await pour('/api/session', '')
    expect([413, 0]).toContain(status)
    expect(sent).toBeLessThan(20_000_000)
    expect((await owner.call('GET', '/api/health')).status).toBe(200)
  })
  it('a picture a pixel wide and very tall is refused before it is opened', async () => {
    const photo = entry(daysAgo(1), { kind: 'photo' })
    await send([photo])
    const ribbon = await sharp({
      create: { width: 1, height: LONGEST_SIDE + 1, channels: 3, background: '#fff' },
      limitInputPixels: false,
    })
      .png()
      .toBuffer()
    const { status } = await owner.call(
      'PUT',
      `/api/dogs/${dog.id}/photographs/${photo.id}`,
      new Uint8Array(ribbon),
    )
    expect(status).toBe(413)
  })
})

describe('a room', () => {
  it('keeps dogs of one id in two households apart, and with the notes alone reads no forecast', async () => {
    const [first, second] = [await newOwner(running.address, 'Ada'), await newOwner(running.address, 'Bo')]
    const id = uuid()
    await first.call('POST', '/api/dogs', { ...newDog({ name: 'First' }), id })
    await second.call('POST', '/api/dogs', { ...newDog({ name: 'Second' }), id })
    const groomer = await newGroomer(running.address)
    const keep = async (by: Visitor, scope: string) => {
      const { json } = await by.call('POST', `/api/dogs/${id}/shares`, {
        id: uuid(),
        groomer: 'Imke',
        scope,
        days: 9,
      })
      await groomer.call('POST', '/api/room/dogs', { code: json.code })
    }
    await keep(first, 'stretch')
    await keep(second, 'note')
    const room = (await groomer.call('GET', '/api/room')).json as unknown as Room
    expect(room.dogs.map((d) => [d.name, d.owner, d.scope]).sort()).toEqual([
      ['First', 'Ada', 'stretch'],
      ['Second', 'Bo', 'note'],
    ])
    expect(room.dogs.find((d) => d.name === 'Second')!.arrival).toBe(null)
  })
  it('a share of the notes alone tells neither the owner’s week nor their ways', async () => {
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Imke',
      scope: 'note',
      days: 9,
    })
    const read = await new Visitor(running.address).call('GET', '/api/shared', undefined, {
      authorization: `Bearer ${String(json.token)}`,
    })
    const { profile } = read.json as unknown as SharedDog
    expect(profile).toMatchObject({ name: 'Merle', minutes: [0, 0, 0, 0, 0, 0, 0] })
    for (const key of ['habits', 'wish', 'groomer', 'born']) expect(profile).not.toHaveProperty(key)
  })
})

describe('sessions', () => {
  it('signing in again ends the one before', async () => {
    const again = await newOwner(running.address)
    const { email } = (await again.call('GET', '/api/me')).json
    const before = again.copy()
    expect((await again.call('POST', '/api/session', { email, password: PASSWORD })).status).toBe(200)
    expect((await again.call('GET', '/api/me')).json.email).toBe(email)
    expect((await before.call('GET', '/api/me')).json).toMatchObject({ nobody: 'sign-in' })
  })
})

describe('the database', () => {
  it('newer than the program is noticed at start, in words', async () => {
    const other = await startApp()
    await other.running.stop()
    const client = new pg.Client({ connectionString: other.databaseUrl })
    await client.connect()
    await client.query(`insert into migrations (name) values ('9999_of_a_later_program.sql')`)
    await client.end()
    await expect(other.start()).rejects.toThrow(/newer than this program: it has 9999_of_a_later_program/)
  })
  it('has the indexes that what is looked for by itself wants', async () => {
    const { rows } = await db.query<{ indexname: string }>(
      `select indexname from pg_indexes where schemaname = 'public'`,
    )
    expect(rows.map((r) => r.indexname)).toEqual(
      expect.arrayContaining([
        'households_to_delete',
        'accounts_to_remind',
        'accounts_removed',
        'loose_pictures_by_since',
        'rate_limits_run_out',
        'doors_of_household',
        'mails_of_household',
      ]),
    )
  })
})
