import { millisecondsInDay } from 'date-fns/constants'
import { strFromU8, unzipSync } from 'fflate'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { routeRow, ROUTES } from '../../server/access/routes'
import type { RouteKey } from '../../server/access/routes'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import { currentInstant } from '../support/clock'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, joined, newDog, newGroomer, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** What somebody does with their own account, a member's and a groomer's alike: each test is walked for both. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let box: PostRoom
let db: pg.Client
beforeAll(async () => {
  box = await openPostRoom()
  app = await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${box.port}`, GRUMBO_ADDRESS: 'http://grumbo.test' })
  running = app.running
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
})
afterAll(async () => {
  await db?.end()
  await running?.stop()
  await box?.close()
})

const ANOTHER = 'four-lines-to-the-hock'
/** The two kinds of account, and what each goes by. */
const KINDS = {
  member: {
    of: 'household',
    mine: '/api/me',
    door: '/api/session',
    start: '/api/account',
    sessions: 'sessions',
    more: { timeZone: 'UTC' },
    make: (name?: string) => newOwner(running.address, name),
  },
  groomer: {
    of: 'room',
    mine: '/api/room',
    door: '/api/groomer/session',
    start: '/api/groomer/account',
    sessions: 'groomer_sessions',
    more: { room: 'The Wash House' },
    make: (name?: string) => newGroomer(running.address, name),
  },
} as const
const emailOf = async (who: Visitor, mine: string) => String((await who.call('GET', mine)).json.email)
const letter = async (to: string, subject: string) => {
  const found = await box.letter((l) => l.to.includes(to) && l.subject === subject)
  return /#(\S+)/.exec(found.text)![1]!
}
const bearing = (token: string) => ({ authorization: `Bearer ${token}` })

describe.each(Object.entries(KINDS))('%s', (_, { of, mine, door, start, sessions, more, make }) => {
  const enter = async (email: string, password: string) => {
    const visitor = new Visitor(running.address, {
      'user-agent': 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0',
    })
    const { status } = await visitor.call('POST', door, { email, password })
    return { status, visitor }
  }
  /** Is the visitor signed in? Asked before anybody is known, the answer is no refusal. */
  const isIn = async (who: Visitor) => !('nobody' in (await who.call('GET', mine)).json)

  it('a new password ends every other place, and the old one opens nothing', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const there = (await enter(email, PASSWORD)).visitor
    expect((await here.call('PUT', `${mine}/password`, { now: PASSWORD, password: ANOTHER })).status).toBe(
      200,
    )
    expect([await isIn(here), await isIn(there)]).toEqual([true, false])
    expect((await enter(email, PASSWORD)).status).toBe(401)
    expect((await enter(email, ANOTHER)).status).toBe(200)
  })
  it('a password that stands in the lists, or is made of who they are, is refused in words', async () => {
    const here = await make('Rosalind')
    for (const password of ['password1234', 'qwertyuiop12', '123456789012', 'RosalindRosalind']) {
      const { status, json } = await here.call('PUT', `${mine}/password`, { now: PASSWORD, password })
      expect([password, status]).toEqual([password, 422])
      expect(Object.keys((json.data as { fields: object }).fields)).toEqual(['password'])
    }
    const form = { name: 'Cy', email: `${uuid()}@example.org`, password: 'iloveyou1234', ...more }
    expect((await new Visitor(running.address).call('POST', start, form)).status).toBe(422)
  })

  it('a forgotten password is set by letter, once, and ends every place', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const nobody = new Visitor(running.address)
    expect((await nobody.call('POST', '/api/password', { email, of })).json).toEqual({ ok: true })
    const token = await letter(email, 'A new password for Grumbo')
    expect((await nobody.call('GET', '/api/password', undefined, bearing(token))).status).toBe(200)
    const set = (password: string) => nobody.call('PUT', '/api/password', { password }, bearing(token))
    // One that is refused does not spend the link.
    expect((await set('password1234')).status).toBe(422)
    // Whoever was in the account may have left a key behind.
    const owns = of === 'room' ? 'groomer_id' : 'household_id, account_id'
    const from = of === 'room' ? 'id from groomers' : 'household_id, id from accounts'
    await db.query(
      `insert into passkeys (id, ${owns}, public_key, name) select 'k' || id, ${from.replace(' from', ", '\\x00', 'left behind' from")} where email = $1`,
      [email],
    )
    const keys = async () => (await db.query(`select 1 from passkeys where name = 'left behind'`)).rowCount
    expect(await keys()).toBe(1)
    expect((await set(ANOTHER)).json).toEqual({ of })
    expect(await keys()).toBe(0)
    expect((await set(PASSWORD)).status).toBe(404)
    expect(await isIn(here)).toBe(false)
    expect((await enter(email, ANOTHER)).status).toBe(200)
  })
  it('the link runs out in an hour, and a new password ends it', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const asked = async () => {
      await here.call('POST', '/api/password', { email, of })
      return letter(email, 'A new password for Grumbo')
    }
    const opens = async (token: string) =>
      (await here.call('GET', '/api/password', undefined, bearing(token))).status
    const first = await asked()
    expect(await opens(first)).toBe(200)
    await db.query(`update account_links set expires = expires - interval '61 minutes'`)
    expect(await opens(first)).toBe(404)
    await db.query(`update account_links set expires = expires + interval '61 minutes'`)
    await here.call('PUT', `${mine}/password`, { now: PASSWORD, password: ANOTHER })
    expect(await opens(first)).toBe(404)
  })
  it('to an address without an account nothing goes, and the answer is the same', async () => {
    const email = `${uuid()}@example.org`
    const { status, json } = await new Visitor(running.address).call('POST', '/api/password', { email, of })
    expect([status, json]).toEqual([200, { ok: true }])
    await make().then(async (other) => {
      const theirs = await emailOf(other, mine)
      await other.call('POST', '/api/password', { email: theirs, of })
      await letter(theirs, 'A new password for Grumbo')
    })
    expect((await db.query(`select 1 from mails where recipient = $1`, [email])).rowCount).toBe(0)
  })

  it('moves to another address once whoever reads there says so; until then nothing is changed', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const to = `${uuid()}@example.org`
    expect((await here.call('POST', `${mine}/address`, { email: to })).json).toEqual({ posted: 'posted' })
    const token = await letter(to, 'Your Grumbo account moves to this address')
    expect(await emailOf(here, mine)).toBe(email)
    const move = () => new Visitor(running.address).call('POST', '/api/address', {}, bearing(token))
    expect((await move()).json).toEqual({ address: to })
    expect((await move()).status).toBe(404)
    expect(await emailOf(here, mine)).toBe(to)
    expect([(await enter(email, PASSWORD)).status, (await enter(to, PASSWORD)).status]).toEqual([401, 200])
    // Letters come there: its reader has said whose it is.
    const letters =
      of === 'room'
        ? (await here.call('GET', '/api/room')).json.letters
        : ((await here.call('GET', '/api/household')).json.mine as { letters: string }).letters
    expect(letters).toBe('may-come')
  })

  it('tells by letter that something was changed, once its address is confirmed', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const claim = await letter(email, 'May letters come to this address?')
    await here.call('POST', '/api/letters', { token: claim, may: true })
    await here.call('PUT', `${mine}/password`, { now: PASSWORD, password: ANOTHER })
    const told = async (words: string) => box.letter((l) => l.to.includes(email) && l.text.includes(words))
    expect((await told('It has a new password.')).text).toContain(
      'If that was not you, ask for a new password',
    )
    const to = `${uuid()}@example.org`
    await here.call('POST', `${mine}/address`, { email: to })
    const token = await letter(to, 'Your Grumbo account moves to this address')
    await here.call('POST', '/api/address', {}, bearing(token))
    expect((await told('It moved to')).text).toContain(`It moved to ${to}.`)
  })
  it('shows where it is signed in, and ends one or all others', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const [one, two, three] = await Promise.all([1, 2, 3].map(() => enter(email, PASSWORD)))
    const list = async () =>
      (await here.call('GET', `${mine}/sessions`)).json.sessions as {
        id: string
        here: boolean
        device: string
      }[]
    const before = await list()
    expect(before.map((s) => s.here).sort()).toEqual([false, false, false, true])
    expect(before.find((s) => !s.here)!.device).toContain('Linux')
    const other = before.find((s) => !s.here)!
    expect((await here.call('DELETE', `${mine}/sessions/${other.id}`)).status).toBe(200)
    expect((await here.call('DELETE', `${mine}/sessions/${other.id}`)).status).toBe(404)
    const still = await Promise.all([one!, two!, three!].map(({ visitor }) => isIn(visitor)))
    expect(still.filter(Boolean)).toHaveLength(2)
    // Nobody ends another's.
    const stranger = await make()
    expect((await stranger.call('DELETE', `${mine}/sessions/${before[1]!.id}`)).status).toBe(404)
    expect((await here.call('DELETE', `${mine}/sessions`)).status).toBe(200)
    expect((await list()).map((s) => s.here)).toEqual([true])
    expect(await isIn(two!.visitor)).toBe(false)
  })
  it('a session left idle for a month ends, and one that is used lasts two', async () => {
    const here = await make()
    const idle = (days: number) =>
      db.query(`update ${sessions} set last_seen = last_seen - make_interval(days => $1)`, [days])
    await idle(29)
    expect(await isIn(here)).toBe(true)
    // Being seen has begun it anew.
    await idle(29)
    expect(await isIn(here)).toBe(true)
    await idle(31)
    expect(await isIn(here)).toBe(false)
    const again = await make()
    await db.query(`update ${sessions} set expires = expires - interval '61 days'`)
    expect(await isIn(again)).toBe(false)
  })

  it('whoever signed in a while ago says once more who they are; guesses count', async () => {
    const here = await make()
    await db.query(`update ${sessions} set proved_until = now() - interval '1 minute'`)
    const ask = () => here.call('POST', `${mine}/address`, { email: `${uuid()}@example.org` })
    const refused = await ask()
    expect([refused.status, refused.json.data]).toEqual([403, { code: 'again' }])
    const again = (password: string) => here.call('POST', `${mine}/again`, { password })
    const wrong = await again('not it at all')
    expect([wrong.status, wrong.json.data]).toEqual([
      422,
      { fields: { password: 'That is not the password.' } },
    ])
    expect((await ask()).status).toBe(403)
    expect((await again(PASSWORD)).status).toBe(200)
    expect((await ask()).status).toBe(200)
    for (let n = 0; n < 5; n++) await again('not it at all')
    expect((await again(PASSWORD)).status).toBe(429)
  })
  it('a password is changed by whoever knows the one there is, and by nobody else', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const change = (now: string) => here.call('PUT', `${mine}/password`, { now, password: ANOTHER })
    const wrong = await change('not it at all')
    expect([wrong.status, wrong.json.data]).toEqual([422, { fields: { now: 'That is not the password.' } }])
    expect((await enter(email, PASSWORD)).status).toBe(200)
    for (let n = 0; n < 5; n++) await change('not it at all')
    expect((await change(PASSWORD)).status).toBe(429)
  })

  it('signing up with an address that has an account tells nobody that it has one', async () => {
    const here = await make()
    const email = await emailOf(here, mine)
    const signUp = async (address: string, password: string) => {
      const visitor = new Visitor(running.address)
      const form = { name: 'Cy', email: address.toUpperCase(), password, ...more }
      const { status, json } = await visitor.call('POST', start, form)
      return { visitor, answer: [status, json] }
    }
    const fresh = await signUp(`${uuid()}@example.org`, ANOTHER)
    const taken = await signUp(email, ANOTHER)
    expect(taken.answer).toEqual(fresh.answer)
    // Each password opens its own; the one that was there is as it was.
    const named = async (password: string) =>
      (await (await enter(email, password)).visitor.call('GET', mine)).json.name
    expect([await named(PASSWORD), await named(ANOTHER)]).toEqual([of === 'room' ? 'Imke' : 'Ada', 'Cy'])
    // Whoever knows the password is whose it is.
    const known = await signUp(email, PASSWORD)
    expect((await known.visitor.call('GET', mine)).json.name).toBe(of === 'room' ? 'Imke' : 'Ada')
    // Only whoever reads the mail is told.
    const told = await box.letter((l) => l.to.includes(email) && l.text.includes('There was an account'))
    expect(told.subject).toBe('May letters come to this address?')
  })
})

it('an address that is another’s is not one’s own because they confirmed it', async () => {
  const theirs = await newOwner(running.address)
  const email = await emailOf(theirs, '/api/me')
  const { text } = await box.letter((l) => l.to.includes(email))
  await theirs.call('POST', '/api/letters', { token: /letters#(\S+)/.exec(text)![1], may: true })
  const letters = async (who: Visitor) =>
    ((await who.call('GET', '/api/household')).json.mine as { letters: string }).letters
  expect(await letters(theirs)).toBe('may-come')
  const other = new Visitor(running.address)
  await other.call('POST', '/api/account', { name: 'Cy', email, password: ANOTHER, timeZone: 'UTC' })
  expect(await letters(other)).toBe('not-confirmed')
})

it('somebody with an account joins a household under another password only', async () => {
  const owner = await newOwner(running.address)
  const other = await newOwner(running.address)
  const email = await emailOf(other, '/api/me')
  const ask = async (password: string) => {
    const { json } = await owner.call('POST', '/api/household/invitations', {
      id: uuid(),
      name: 'Di',
      role: 'viewer',
    })
    const visitor = new Visitor(running.address)
    const form = { name: 'Di', email, password }
    return (await visitor.call('POST', '/api/invitation', form, bearing(String(json.token)))).status
  }
  expect([await ask(PASSWORD), await ask(ANOTHER)]).toEqual([409, 200])
})

/** What a zip holds, by name: its JSON read. */
function zipped(bytes: Uint8Array) {
  const files = unzipSync(new Uint8Array(bytes))
  return Object.fromEntries(
    Object.entries(files).map(([name, file]) => [
      name.replace(/-[0-9a-f]{6}(?=\/)/, '').replace(/[0-9a-f-]{36}/, 'ID'),
      name.endsWith('.json') ? (JSON.parse(strFromU8(file)) as Record<string, unknown>) : file,
    ]),
  )
}
describe('everything in one file', () => {
  it('has a household’s people, letters, records, notes, shares and photographs; of one who helps, what is theirs', async () => {
    const owner = await newOwner(running.address)
    const dog = newDog({ name: 'Tansy/..' })
    const photo = entry(daysAgo(1), { kind: 'photo', place: 'beard' })
    await owner.call('POST', '/api/dogs', dog)
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [photo] })
    const picture = await aPicture()
    await owner.call('PUT', `/api/dogs/${dog.id}/photographs/${photo.id}`, picture)
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: 'All well.' })
    const share = { id: uuid(), groomer: 'Imke', scope: 'note', days: 3 }
    await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)
    await owner.call('DELETE', `/api/dogs/${dog.id}/shares/${share.id}`)
    const helper = await joined(owner, 'helper')
    const all = zipped((await owner.call('GET', '/api/me/everything')).bytes)
    expect(Object.keys(all).sort()).toEqual([
      'account.json',
      'dogs/Tansy/notes.json',
      'dogs/Tansy/photographs/ID.jpg',
      'dogs/Tansy/record.json',
      'dogs/Tansy/shares.json',
      'household.json',
      'letters.json',
    ])
    expect((all['household.json'] as { members: { name: string }[] }).members.map((m) => m.name)).toEqual([
      'Ada',
      'Di',
    ])
    expect(all['dogs/Tansy/notes.json']).toMatchObject([{ body: 'All well.' }])
    // Who gave it, and who closed it.
    expect(all['dogs/Tansy/shares.json']).toMatchObject([{ groomer: 'Imke', madeBy: 'Ada', closedBy: 'Ada' }])
    expect((all['dogs/Tansy/record.json'] as { entries: object[] }).entries).toHaveLength(2)
    expect((all['letters.json'] as unknown as { kind: string }[]).map((l) => l.kind)).toContain('confirm')
    const theirs = zipped((await helper.visitor.call('GET', '/api/me/everything')).bytes)
    expect(Object.keys(theirs).sort()).toEqual(['account.json', 'household.json'])
    expect(JSON.stringify(theirs)).not.toContain(await emailOf(owner, '/api/me'))
  })
  it('of a groomer the room and the threads they read, and nobody else’s', async () => {
    const owner = await newOwner(running.address)
    const dog = newDog({ name: 'Wren' })
    await owner.call('POST', '/api/dogs', dog)
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Imke',
      scope: 'note',
      days: 3,
    })
    const groomer = await newGroomer(running.address)
    await groomer.call('POST', '/api/room/dogs', { code: json.code })
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: 'Ear is sore.' })
    const all = zipped((await groomer.call('GET', '/api/room/everything')).bytes)
    expect(Object.keys(all).sort()).toEqual(['account.json', 'dogs/ID.json', 'letters.json', 'room.json'])
    expect(all['dogs/ID.json']).toMatchObject({ dog: 'Wren', notes: [{ body: 'Ear is sore.' }] })
    const other = zipped(
      (await (await newGroomer(running.address)).call('GET', '/api/room/everything')).bytes,
    )
    expect(JSON.stringify(other)).not.toContain('Wren')
  })
})

describe('what goes after a grace', () => {
  const GRACE = 15 * millisecondsInDay
  const goes = async (later = 0) => {
    const { deleteDue } = await import('../../server/services/deletion')
    const { connections } = await import('../../server/db/client')
    process.env.DATABASE_URL = app.databaseUrl
    await deleteDue(new Date(currentInstant().getTime() + later))
    return connections
  }
  afterAll(async () => (await goes())().end())
  it('one dog, its record with it, and not the others; kept after all it stays', async () => {
    const owner = await newOwner(running.address)
    const [goner, stays] = [newDog({ name: 'Tansy' }), newDog({ name: 'Wren' })]
    for (const dog of [goner, stays]) await owner.call('POST', '/api/dogs', dog)
    const names = async () =>
      (
        (await owner.call('GET', '/api/me')).json.dogs as {
          profile: { name: string }
          deleteAfter?: string
        }[]
      ).map((d) => d.profile.name + (d.deleteAfter ? ' goes' : ''))
    const ask = (method: string) => owner.call(method, `/api/dogs/${goner.id}/deletion`)
    await ask('POST')
    expect(await names()).toEqual(['Tansy goes', 'Wren'])
    await goes()
    expect(await names()).toEqual(['Tansy goes', 'Wren'])
    await ask('DELETE')
    await goes(GRACE)
    expect(await names()).toEqual(['Tansy', 'Wren'])
    await ask('POST')
    await goes(GRACE)
    expect(await names()).toEqual(['Wren'])
    expect((await db.query('select 1 from entries where dog_id = $1', [goner.id])).rowCount).toBe(0)
    expect((await owner.call('GET', `/api/dogs/${goner.id}`)).status).toBe(404)
  })
  it('a groomer: what they wrote of a dog stays with its owner, and their colleagues have their own rooms again', async () => {
    const owner = await newOwner(running.address)
    const dog = newDog()
    await owner.call('POST', '/api/dogs', dog)
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Imke',
      scope: 'stretch',
      days: 30,
    })
    const groomer = await newGroomer(running.address)
    const kept = await groomer.call('POST', '/api/room/dogs', { code: json.code })
    await groomer.call('POST', `/api/room/dogs/${String(kept.json.share)}/notes`, {
      id: uuid(),
      body: 'See you.',
    })
    const colleague = await newGroomer(running.address, 'Jo')
    const asked = await groomer.call('POST', '/api/room/invitations', { id: uuid(), name: 'Jo' })
    await colleague.call('POST', '/api/room/invitation', {}, bearing(String(asked.json.token)))
    await groomer.call('POST', '/api/room/deletion')
    expect((await groomer.call('GET', '/api/room')).json.deleteAfter).toMatch(/^\d{4}-/)
    await goes(GRACE)
    expect((await groomer.call('GET', '/api/room')).json).toHaveProperty('nobody')
    expect((await colleague.call('GET', '/api/room')).json).toMatchObject({ host: true, dogs: [] })
    const { json: thread } = await owner.call('GET', `/api/dogs/${dog.id}/notes`)
    expect(thread.notes).toMatchObject([{ authorName: 'Imke', body: 'See you.' }])
  })
  it('of a member who left, name and address; what they wrote stays', async () => {
    const owner = await newOwner(running.address)
    const dog = newDog()
    await owner.call('POST', '/api/dogs', dog)
    const { visitor, id, email } = await joined(owner, 'helper')
    const combed = entry(daysAgo(1), { kind: 'check', region: 'chest', finding: 'glides' })
    await visitor.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [combed] })
    await visitor.call('DELETE', `/api/household/members/${id}`)
    const there = async () => (await db.query('select 1 from accounts where email = $1', [email])).rowCount
    await goes()
    expect(await there()).toBe(1)
    await goes(GRACE)
    expect(await there()).toBe(0)
    const { json } = await owner.call('GET', `/api/dogs/${dog.id}`)
    expect((json.entries as { id: string }[]).map((e) => e.id)).toContain(combed.id)
  })
})

it('a key that is none is not there, however it is written', async () => {
  const owner = await newOwner(running.address)
  for (const key of ['%00', '%F0%9F', '..%2F..', "'--", 'a'.repeat(2000)])
    expect([key, (await owner.call('DELETE', `/api/me/passkeys/${key}`)).status]).toEqual([key, 404])
})

it('every route that asks once more does so before it does anything', async () => {
  const owner = await newOwner(running.address)
  const groomer = await newGroomer(running.address)
  await joined(owner, 'viewer')
  for (const table of ['sessions', 'groomer_sessions'])
    await db.query(`update ${table} set proved_until = now() - interval '1 minute'`)
  const asked = (Object.keys(ROUTES) as RouteKey[]).filter((key) => routeRow(key).again)
  // A dog's routes are about a dog: tests/api/access.test.ts walks those.
  const walked = asked.filter((key) => !key.includes('['))
  expect(walked.length).toBeGreaterThan(5)
  for (const key of walked) {
    const [method, path] = key.split(' ') as [string, string]
    const who = routeRow(key).access === 'groomer' ? groomer : owner
    const { status, json } = await who.call(method, path, method === 'GET' ? undefined : {})
    expect([key, status, json.data]).toEqual([key, 403, { code: 'again' }])
  }
})

it('the secret that seals cookies is changed with nobody signed out', async () => {
  const before = await startApp()
  const owner = await newOwner(before.running.address)
  const email = await emailOf(owner, '/api/me')
  await before.running.stop()
  const anew = await before.start({
    NUXT_SESSION_PASSWORD: 'x'.repeat(40),
    GRUMBO_SECRETS_BEFORE: before.secret,
  })
  const moved = new Visitor(anew.address, { cookie: owner.cookie })
  const first = await moved.call('GET', '/api/me')
  expect(first.json.email).toBe(email)
  // Sealed by the one that counts from then on.
  const cookie = first.headers
    .getSetCookie()
    .find((c) => c.startsWith('grumbo='))!
    .split(';')[0]!
  await anew.stop()
  const later = await before.start({ NUXT_SESSION_PASSWORD: 'x'.repeat(40) })
  const ask = (c: string) => new Visitor(later.address, { cookie: c }).call('GET', '/api/me')
  expect((await ask(cookie)).json.email).toBe(email)
  expect((await ask(owner.cookie)).json).toHaveProperty('nobody')
  await later.stop()
})
