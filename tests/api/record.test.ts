import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { assess } from '../../core/record/fold'
import type { Entry } from '../../core/record/entries'
import { currentInstant } from '../support/clock'
import { entry } from '../support/dogs'
import { daysAgo, newDog, newOwner, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'
import type { DogFile, SharedDog } from '../../shared/answers'

let app: Running
let databaseUrl: string
let owner: Visitor
beforeAll(async () => {
  const started = await startApp()
  app = started.running
  databaseUrl = started.databaseUrl
  owner = await newOwner(app.address)
})
afterAll(() => app?.stop())

const check = (ago: number, region: string, finding: string, more: object = {}) =>
  entry(daysAgo(ago), { kind: 'check', region, finding, ...more } as Entry['what'])
async function added() {
  const dog = newDog()
  await owner.call('POST', '/api/dogs', dog)
  return dog
}
const fileOf = async (id: string) => (await owner.call('GET', `/api/dogs/${id}`)).json as unknown as DogFile
const send = (id: string, entries: unknown[]) => owner.call('POST', `/api/dogs/${id}/entries`, { entries })

describe('the record', () => {
  it('gives back what was put in', async () => {
    const dog = await added()
    const e = check(1, 'armpit.left', 'snag', { count: 2, out: 1, comfort: 'fidgety', seconds: 40 })
    expect((await send(dog.id, [e])).json).toMatchObject({ taken: [e.id], refused: [] })
    const file = await fileOf(dog.id)
    expect(file.profile).toEqual(dog.profile)
    expect(file.entries).toContainEqual(e)
  })
  it('the same entry twice, and entries in any order, give the same state', async () => {
    const entries = [
      check(9, 'armpit.left', 'knot'),
      check(5, 'armpit.left', 'glides'),
      entry(daysAgo(7), { kind: 'wet', how: 'swim', combedDry: false }),
      check(3, 'beard', 'mat'),
      check(2, 'forefoot.left', 'refused'),
    ]
    const correction = entry(daysAgo(3), { kind: 'correction', replaces: entries[3]!.id, by: null })
    const states = []
    for (const order of [
      [...entries, correction],
      [correction, ...entries].reverse(),
      [...entries, correction, ...entries],
    ]) {
      const dog = newDog()
      await owner.call('POST', '/api/dogs', dog)
      // The correction must find its entry: one batch, then each again by itself.
      expect((await send(dog.id, order)).status).toBe(200)
      for (const e of order.slice(0, 3))
        expect((await send(dog.id, [e])).json).toMatchObject({ taken: [e.id], refused: [] })
      const { profile, entries: kept } = await fileOf(dog.id)
      expect(kept).toHaveLength(7)
      states.push(assess({ profile, entries: kept }, daysAgo(0)))
    }
    expect(states[1]).toEqual(states[0])
    expect(states[2]).toEqual(states[0])
  })
  it('keeps the first of two entries with one id', async () => {
    const dog = await added()
    const first = check(1, 'beard', 'glides')
    await send(dog.id, [first])
    await send(dog.id, [{ ...first, what: { ...first.what, finding: 'mat' } }])
    expect((await fileOf(dog.id)).entries).toContainEqual(first)
  })
  it('adding a dog twice adds one', async () => {
    const dog = newDog()
    for (let i = 0; i < 2; i++) expect((await owner.call('POST', '/api/dogs', dog)).status).toBe(200)
    const me = (await owner.call('GET', '/api/me')).json as unknown as { dogs: { id: string }[] }
    expect(me.dogs.filter((d) => d.id === dog.id)).toHaveLength(1)
  })
})

describe('what is true of a dog', () => {
  it('told as it is now, as devices of before do: what has its day becomes true today, the past keeps its own', async () => {
    const its = newDog({ name: 'Brock', nextVisit: daysAgo(-30) })
    await owner.call('POST', '/api/dogs', its)
    const had = its.profile
    const { nextVisit: _gone, ...others } = had
    const told = { ...others, name: 'Brook', weightKg: 15, minutes: [5, 5, 5, 5, 5, 5, 5] }
    expect((await owner.call('PUT', `/api/dogs/${its.id}`, { profile: told })).status).toBe(200)
    const { profile, began, entries } = (await owner.call('GET', `/api/dogs/${its.id}`)).json as {
      profile: object
      began: object
      entries: { day: string; what: object }[]
    }
    expect(profile).toEqual(told)
    // A name has no day.
    expect(began).toEqual({ ...had, name: 'Brook' })
    const truths = (list: readonly { what: object }[]) =>
      list.map((e) => e.what).filter((w) => 'kind' in w && w.kind === 'dog')
    expect(truths(entries)).toEqual([
      { kind: 'dog', weightKg: 15, minutes: [5, 5, 5, 5, 5, 5, 5], nextVisit: null },
    ])
    // The lists go by what is true now.
    const { dogs } = (await owner.call('GET', '/api/me')).json as {
      dogs: { profile: { name: string; weightKg: number } }[]
    }
    expect(dogs.find((d) => d.profile.name === 'Brook')!.profile.weightKg).toBe(15)
    // Brought into another household as it was when it began, with what became true since.
    const other = await newOwner(app.address, 'Bea')
    const visited = entry(daysAgo(3), { kind: 'visit', lengths: {}, found: [] })
    const since = entry(daysAgo(3), { kind: 'dog', nextVisit: daysAgo(-40) })
    const copy = { ...newDog({ name: 'Brock', nextVisit: daysAgo(3) }), entries: [visited, since] }
    expect((await other.call('POST', '/api/dogs', copy)).status).toBe(200)
    const brought = (await other.call('GET', `/api/dogs/${copy.id}`)).json
    expect(brought).toMatchObject({ profile: { nextVisit: daysAgo(-40) }, began: { nextVisit: daysAgo(3) } })
    // Told the same again, nothing becomes true.
    await owner.call('PUT', `/api/dogs/${its.id}`, { profile: told })
    expect(truths((await fileOf(its.id)).entries)).toHaveLength(1)
  })
})

describe('bad input is refused in words and changes nothing', () => {
  async function refuses(path: string, body: unknown, status: number, words: RegExp, method = 'POST') {
    const answer = await owner.call(method, path, body)
    expect(answer.status).toBe(status)
    expect(String(answer.json.message)).toMatch(words)
  }
  it('entries', async () => {
    const dog = await added()
    const path = `/api/dogs/${dog.id}/entries`
    const before = await fileOf(dog.id)
    await refuses(path, '{"entries": [', 400, /not JSON/)
    await refuses(path, { entries: [] }, 422, /./)
    await refuses(path, { entries: [check(-3, 'beard', 'glides')] }, 422, /has not come yet/)
    await refuses(path, { entries: [check(9000, 'beard', 'glides')] }, 422, /too long ago/)
    await refuses(path, { entries: [check(1, 'wing', 'glides')] }, 422, /no such place/)
    await refuses(path, { entries: [check(1, 'beard', 'knot', { count: 400 })] }, 422, /felt/)
    await refuses(path, { entries: [{ ...check(1, 'beard', 'glides'), id: 'seven' }] }, 422, /id/)
    await refuses(
      path,
      { entries: [entry(daysAgo(1), { kind: 'correction', replaces: uuid(), by: null })] },
      422,
      /not on file/,
    )
    await refuses(
      path,
      { entries: Array.from({ length: 501 }, () => check(1, 'beard', 'glides')) },
      422,
      /at most 500/,
    )
    await refuses(path, JSON.stringify({ entries: ['x'.repeat(600_000)] }), 413, /too much/)
    expect(await fileOf(dog.id)).toEqual(before)
  })
  it('a place the dog has not got', async () => {
    const dog = newDog({ absent: ['tail'] })
    await owner.call('POST', '/api/dogs', dog)
    await refuses(
      `/api/dogs/${dog.id}/entries`,
      { entries: [check(1, 'tail', 'glides')] },
      422,
      /Merle has no such place: tail/,
    )
  })
  it('dogs', async () => {
    for (const [weightKg, words] of [
      [0, /at least 0.5 kg/],
      [400, /pounds/],
    ] as const)
      await refuses('/api/dogs', newDog({ weightKg }), 422, words)
    await refuses('/api/dogs', newDog({ nextVisit: daysAgo(30) }), 422, /comes before the last/)
    await refuses('/api/dogs', { ...newDog(), more: 1 }, 422, /more/)
    const dog = await added()
    await refuses(
      `/api/dogs/${dog.id}`,
      { profile: { ...dog.profile, nextVisit: daysAgo(21) } },
      422,
      /comes before/,
      'PUT',
    )
  })
  it('ids that are none, unknown or another’s look the same', async () => {
    const stranger = await newOwner(app.address, 'Bo')
    const theirs = newDog()
    await stranger.call('POST', '/api/dogs', theirs)
    const answers = await Promise.all(
      ['nonsense', uuid(), theirs.id, '../me', "' or 1=1"].map((id) =>
        owner.call('GET', `/api/dogs/${encodeURIComponent(id)}`),
      ),
    )
    for (const a of answers) expect([a.status, a.json.message]).toEqual([404, 'There is nothing here.'])
    const dog = await added()
    for (const id of ['nonsense', uuid()])
      await refuses(`/api/dogs/${dog.id}/shares/${id}`, undefined, 404, /nothing here/, 'DELETE')
  })
  it('accounts', async () => {
    const good = {
      name: 'Ada',
      email: 'ada@example.org',
      password: 'long enough for it',
      timeZone: 'Europe/London',
    }
    await refuses('/api/account', { ...good, password: 'short' }, 422, /12 characters/)
    await refuses('/api/account', { ...good, email: 'ada' }, 422, /not an email/)
    await refuses('/api/account', { ...good, timeZone: 'Mars/Olympus' }, 422, /not a time zone/)
    await refuses('/api/account', { ...good, name: ' ' }, 422, /missing/)
  })
  it('the database itself refuses what slips past', async () => {
    const client = new pg.Client({ connectionString: databaseUrl })
    await client.connect()
    const dog = await added()
    await expect(
      client.query(`update dogs set profile = jsonb_set(profile, '{weightKg}', '0') where id = $1`, [dog.id]),
    ).rejects.toThrow(/check/)
    await expect(
      client.query(
        `insert into entries (household_id, dog_id, id, day, kind, entry) values ($1, $1, $1, now(), 'check', '{}')`,
        [uuid()],
      ),
    ).rejects.toThrow(/foreign key/)
    await client.end()
  })
})

describe('notes and links', () => {
  it('a link opens one dog, to read and to answer, until it is closed', async () => {
    const dog = await added()
    await send(dog.id, [check(1, 'behind-ear.left', 'mat')])
    const note = { id: uuid(), body: 'A mat behind the left ear.' }
    expect((await owner.call('POST', `/api/dogs/${dog.id}/notes`, note)).status).toBe(200)
    const shareId = uuid()
    const made = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: shareId,
      groomer: 'Imke',
      scope: 'stretch',
      days: 30,
    })
    const token = String(made.json.token)
    expect(token.length).toBeGreaterThanOrEqual(43)

    const groomer = new Visitor(app.address, { authorization: `Bearer ${token}` })
    const seen = (await groomer.call('GET', '/api/shared')).json as unknown as SharedDog
    expect(seen.profile.name).toBe('Merle')
    expect(seen.notes.map((n) => n.body)).toEqual([note.body])
    expect(seen.entries.some((e) => e.what.kind === 'check')).toBe(true)
    expect(JSON.stringify(seen)).not.toContain('@example.org')

    const reply = { id: uuid(), body: 'Leave it to me.' }
    for (let i = 0; i < 2; i++)
      expect((await groomer.call('POST', '/api/shared/notes', reply)).status).toBe(200)
    expect((await groomer.call('POST', '/api/shared/notes', { ...reply, body: 'Other words.' })).status).toBe(
      409,
    )
    const thread = (await owner.call('GET', `/api/dogs/${dog.id}/notes`)).json as {
      notes: { author: string; authorName: string; read: string | null }[]
      shares: { lastOpened: string | null }[]
    }
    expect(thread.notes.map((n) => [n.author, n.authorName])).toEqual([
      ['owner', 'Ada'],
      ['groomer', 'Imke'],
    ])
    expect(thread.notes[0]!.read).not.toBeNull()
    expect(thread.shares[0]!.lastOpened).not.toBeNull()

    expect((await owner.call('DELETE', `/api/dogs/${dog.id}/shares/${shareId}`)).status).toBe(200)
    expect((await groomer.call('GET', '/api/shared')).status).toBe(404)
    expect((await groomer.call('POST', '/api/shared/notes', { id: uuid(), body: 'Late.' })).status).toBe(404)
  })
  it('a link for a note alone shows no findings, and one that has run out shows nothing', async () => {
    const dog = await added()
    await send(dog.id, [check(1, 'behind-ear.left', 'mat')])
    const make = async () => {
      const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
        id: uuid(),
        groomer: 'Imke',
        scope: 'note',
        days: 1,
      })
      return new Visitor(app.address, { authorization: `Bearer ${String(json.token)}` })
    }
    const open = await make()
    const seen = (await open.call('GET', '/api/shared')).json as unknown as SharedDog
    expect(seen.entries.every((e) => e.what.kind === 'visit')).toBe(true)
    const client = new pg.Client({ connectionString: databaseUrl })
    await client.connect()
    await client.query(
      `update shares set created = $1::timestamptz - interval '3 days', expires = $1::timestamptz - interval '1 day'`,
      [currentInstant()],
    )
    const { rows } = await client.query<{ n: number }>(
      `select count(*)::int n from shares where encode(token_hash, 'escape') like '%Bearer%'`,
    )
    await client.end()
    expect(rows[0]!.n).toBe(0)
    expect((await open.call('GET', '/api/shared')).status).toBe(404)
  })
  it('refuses an empty, an endless and a scripted note, or holds it harmless', async () => {
    const dog = await added()
    const path = `/api/dogs/${dog.id}/notes`
    expect((await owner.call('POST', path, { id: uuid(), body: '  ' })).status).toBe(422)
    expect((await owner.call('POST', path, { id: uuid(), body: 'x'.repeat(4001) })).status).toBe(422)
    expect((await owner.call('POST', path, { id: uuid(), body: '<script>alert(1)</script>' })).status).toBe(
      200,
    )
  })
})

describe('plans on file', () => {
  const plan = (gap: number) =>
    entry(daysAgo(0), {
      kind: 'plan',
      to: daysAgo(-30),
      choices: { blocked: [daysAgo(-2)], minutesOn: {}, matWorth: 150 },
      sessions: [{ day: daysAgo(-3), places: ['beard'], pinned: false }],
      basis: '[]',
      gap,
    })

  it('the latest dozen go along with the record, and none with a groomer’s link', async () => {
    const dog = await added()
    const plans = Array.from({ length: 15 }, (_, n) => plan(n / 100))
    expect((await send(dog.id, plans)).json.taken).toHaveLength(15)
    const kept = (await fileOf(dog.id)).entries.filter((e) => e.what.kind === 'plan')
    expect(kept.map((e) => e.id).sort()).toEqual(
      plans
        .map((e) => e.id)
        .sort()
        .slice(-12),
    )
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Imke',
      scope: 'stretch',
      days: 9,
    })
    const groomer = new Visitor(app.address, { authorization: `Bearer ${String(json.token)}` })
    const shared = (await groomer.call('GET', '/api/shared')).json as unknown as SharedDog
    expect(shared.entries.length).toBeGreaterThan(0)
    expect(JSON.stringify(shared)).not.toContain('matWorth')
  })

  it('one that is not as a plan is, is refused in words and changes nothing', async () => {
    const dog = await added()
    const wrong = {
      ...plan(0),
      what: { ...plan(0).what, choices: { blocked: [], minutesOn: {}, matWorth: 5 } },
    }
    const { status, json } = await send(dog.id, [wrong])
    expect(status).toBe(422)
    expect(JSON.stringify(json)).toContain('20 minutes at least')
    expect((await fileOf(dog.id)).entries.some((e) => e.what.kind === 'plan')).toBe(false)
  })
})
