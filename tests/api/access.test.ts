import { readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { routeRow, ROUTES } from '../../server/access/routes'
import type { RouteKey } from '../../server/access/routes'
import { currentInstant } from '../support/clock'
import type { Fact } from '../../core/record/entries'
import { entry, visit } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, joined, newDog, newGroomer, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** Every kind of caller there is. */
const CALLERS = [
  'anonymous',
  'owner',
  'helper',
  'viewer',
  'ex-member',
  'other-owner',
  'groomer',
  'note-groomer',
  'other-groomer',
  'colleague',
  'former-colleague',
  'link-note',
  'link-stretch',
  'link-history',
  'link-expired',
  'link-revoked',
] as const
type Caller = (typeof CALLERS)[number]

let app: Running
let mine: Visitor
const callers = {} as Record<Caller, Visitor>
/** The share in a room, by whose it is. */
const rooms = {} as Record<'groomer' | 'note-groomer', string>
const dog = newDog()
const photo = entry(daysAgo(1), { kind: 'photo', place: 'beard' })
let picture: Buffer

async function share(scope: string) {
  const id = uuid()
  const { json } = await mine.call('POST', `/api/dogs/${dog.id}/shares`, {
    id,
    groomer: 'Imke',
    scope,
    days: 30,
  })
  return { id, token: String(json.token), code: String(json.code) }
}
/** An invitation into the groomer's room, as it is called with. */
async function askedIn() {
  const { json } = await callers.groomer.call('POST', '/api/room/invitations', { id: uuid(), name: 'Jo' })
  return { authorization: `Bearer ${String(json.token)}` }
}
/** Somebody new who works in the groomer's room. */
async function colleague() {
  const visitor = await newGroomer(app.address)
  await visitor.call('POST', '/api/room/invitation', {}, await askedIn())
  const { json } = await visitor.call('GET', '/api/room')
  return { visitor, id: (json.people as { id: string; you: boolean }[]).find((p) => p.you)!.id }
}
const linkOf = ({ token }: { token: string }) =>
  new Visitor(app.address, { authorization: `Bearer ${token}` })

beforeAll(async () => {
  const started = await startApp({ GRUMBO_DEMO: '0' })
  app = started.running
  mine = await newOwner(app.address)
  await mine.call('POST', '/api/dogs', dog)
  await mine.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [photo] })
  picture = await aPicture()
  await mine.call('PUT', `/api/dogs/${dog.id}/photographs/${photo.id}`, picture)

  callers.anonymous = new Visitor(app.address)
  callers.owner = mine
  callers['other-owner'] = await newOwner(app.address, 'Bo')
  callers.helper = (await joined(mine, 'helper')).visitor
  callers.viewer = (await joined(mine, 'viewer')).visitor
  const former = await joined(mine, 'helper')
  await mine.call('DELETE', `/api/household/members/${former.id}`)
  callers['ex-member'] = former.visitor
  for (const [who, scope] of [
    ['groomer', 'stretch'],
    ['note-groomer', 'note'],
  ] as const) {
    callers[who] = await newGroomer(app.address)
    const { id, code } = await share(scope)
    expect((await callers[who].call('POST', '/api/room/dogs', { code })).status).toBe(200)
    rooms[who] = id
  }
  callers['other-groomer'] = await newGroomer(app.address)
  for (const who of ['colleague', 'former-colleague'] as const) {
    callers[who] = await newGroomer(app.address)
    const headers = await askedIn()
    expect((await callers[who].call('POST', '/api/room/invitation', {}, headers)).status).toBe(200)
  }
  const { json: room } = await callers.groomer.call('GET', '/api/room')
  const last = (room.people as { id: string; host: boolean }[]).filter((p) => !p.host).at(-1)!
  expect((await callers.groomer.call('DELETE', `/api/room/colleagues/${last.id}`)).status).toBe(200)
  for (const scope of ['note', 'stretch', 'history'] as const)
    callers[`link-${scope}`] = linkOf(await share(scope))
  const revoked = await share('history')
  callers['link-revoked'] = linkOf(revoked)
  await mine.call('DELETE', `/api/dogs/${dog.id}/shares/${revoked.id}`)
  const expired = await share('history')
  callers['link-expired'] = linkOf(expired)
  const db = new pg.Client({ connectionString: started.databaseUrl })
  await db.connect()
  await db.query(
    `update shares set created = $2::timestamptz - interval '3 days', expires = $2::timestamptz - interval '1 second' where id = $1`,
    [expired.id, currentInstant()],
  )
  await db.end()
})
afterAll(() => app?.stop())

/** Every route file there is, as the list names it. */
function routeFiles(folder = 'server/api', path = '/api'): string[] {
  return readdirSync(folder).flatMap((name) => {
    const full = join(folder, name)
    if (statSync(full).isDirectory()) return routeFiles(full, `${path}/${name}`)
    const [, what, method] = /^(.+)\.(get|post|put|delete|patch)\.ts$/.exec(name) ?? []
    return [`${method?.toUpperCase()} ${what === 'index' ? path : `${path}/${what}`}`]
  })
}

/** A device's answer to what nobody asked it. */
const noKey = {
  id: 'a',
  rawId: 'a',
  type: 'public-key',
  clientExtensionResults: {},
  response: { clientDataJSON: 'a' },
}
/** What a route is called with when the caller may. */
const body: Partial<Record<RouteKey, () => unknown>> = {
  'POST /api/account': () => ({
    name: 'Cy',
    email: `${uuid()}@example.org`,
    password: PASSWORD,
    timeZone: 'UTC',
  }),
  'POST /api/session': () => ({ email: `${uuid()}@example.org`, password: 'wrong' }),
  'POST /api/demo': () => ({}),
  'PUT /api/me': () => ({ mailNotes: true, remindAt: null }),
  'POST /api/me/confirmation': () => ({}),
  'POST /api/me/again': () => ({ password: PASSWORD }),
  'PUT /api/me/password': () => ({ now: PASSWORD, password: PASSWORD }),
  'POST /api/me/address': () => ({ email: `${uuid()}@example.org` }),
  'POST /api/me/passkeys/options': () => ({}),
  'POST /api/me/passkeys': () => ({ name: 'A telephone', response: noKey }),
  'POST /api/room/passkeys/options': () => ({}),
  'POST /api/room/passkeys': () => ({ name: 'A telephone', response: noKey }),
  'POST /api/passkey/options': () => ({}),
  'POST /api/passkey': () => ({ response: noKey }),
  'POST /api/password': () => ({ email: `${uuid()}@example.org`, of: 'household' }),
  'PUT /api/password': () => ({ password: PASSWORD }),
  'POST /api/address': () => ({}),
  'POST /api/letters': () => ({ token: 'x', may: true }),
  'PUT /api/household': () => ({ name: 'Alder Lane', timeZone: 'Europe/London', sharesCounts: true }),
  'POST /api/household/invitations': () => ({ id: uuid(), name: 'Di', role: 'viewer' }),
  'PUT /api/household/members/[member]': () => ({ role: 'viewer' }),
  'POST /api/invitation': () => ({ name: 'Di', email: `${uuid()}@example.org`, password: PASSWORD }),
  'POST /api/dogs': () => newDog(),
  'PUT /api/dogs/[dog]': () => ({ profile: dog.profile }),
  'POST /api/dogs/[dog]/entries': () => ({
    entries: [entry(daysAgo(1), { kind: 'check', region: 'beard', finding: 'glides' })],
  }),
  'PUT /api/dogs/[dog]/photographs/[photograph]': () => picture,
  'POST /api/dogs/[dog]/notes': () => ({ id: uuid(), body: 'Well.' }),
  'POST /api/dogs/[dog]/shares': () => ({ id: uuid(), groomer: 'Imke', scope: 'note', days: 3 }),
  'POST /api/shared/read': () => ({}),
  'POST /api/shared/notes': () => ({ id: uuid(), body: 'Seen.' }),
  'POST /api/groomer/account': () => ({
    name: 'Imke',
    room: 'The Wash House',
    email: `${uuid()}@example.org`,
    password: PASSWORD,
  }),
  'POST /api/groomer/session': () => ({ email: `${uuid()}@example.org`, password: 'wrong' }),
  'POST /api/groomer/demo': () => ({}),
  'PUT /api/room': () => ({ room: 'The Wash House', mailNotes: true }),
  'POST /api/room/confirmation': () => ({}),
  'POST /api/room/again': () => ({ password: PASSWORD }),
  'PUT /api/room/password': () => ({ now: PASSWORD, password: PASSWORD }),
  'POST /api/room/address': () => ({ email: `${uuid()}@example.org` }),
  'POST /api/room/invitations': () => ({ id: uuid(), name: 'Jo' }),
  'POST /api/room/invitation': () => ({}),
  'POST /api/room/dogs/[share]/read': () => ({}),
  'POST /api/room/dogs/[share]/notes': () => ({ id: uuid(), body: 'Seen.' }),
  'POST /api/room/dogs/[share]/visits': () => ({ visit: visit(daysAgo(2), 'wool-cross', 16), advice: [] }),
  'POST /api/room/dogs/[share]/words': () => ({
    entry: entry(daysAgo(0), { kind: 'proposed', from: 'Imke', days: [daysAgo(-20)] }),
  }),
  'POST /api/room/dogs/[share]/price': () => ({ lines: [{ part: 'body', mm: 14 }] }),
}

const [OK, WHO, NO, NONE] = [200, 401, 403, 404]
type Cells = Record<Caller, number>
const HOUSE = { anonymous: WHO, owner: OK, helper: OK, viewer: OK, 'ex-member': WHO, 'other-owner': NONE }
const NO_ROOM = {
  groomer: WHO,
  'note-groomer': WHO,
  'other-groomer': WHO,
  colleague: WHO,
  'former-colleague': WHO,
}
const NO_LINK = {
  'link-note': WHO,
  'link-stretch': WHO,
  'link-history': WHO,
  'link-expired': WHO,
  'link-revoked': WHO,
}
const NOT_HOUSE = {
  anonymous: WHO,
  owner: WHO,
  helper: WHO,
  viewer: WHO,
  'ex-member': WHO,
  'other-owner': WHO,
}
const NO_KEY = {
  anonymous: NONE,
  owner: NONE,
  helper: NONE,
  viewer: NONE,
  'ex-member': NONE,
  'other-owner': NONE,
  groomer: NONE,
  'note-groomer': NONE,
  'other-groomer': NONE,
  colleague: NONE,
  'former-colleague': NONE,
}
const LINKS = {
  'link-note': OK,
  'link-stretch': OK,
  'link-history': OK,
  'link-expired': NONE,
  'link-revoked': NONE,
}
/** What each kind of caller is answered, by how a route is guarded. A cell that is missing does not compile. */
const ANSWERS: Record<string, Cells> = {
  anyone: Object.fromEntries(CALLERS.map((c) => [c, OK])) as Cells,
  member: { ...HOUSE, 'other-owner': OK, ...NO_ROOM, ...NO_LINK },
  'member owner': { ...HOUSE, helper: NO, viewer: NO, 'other-owner': OK, ...NO_ROOM, ...NO_LINK },
  household: { ...HOUSE, ...NO_ROOM, ...NO_LINK },
  'household helper': { ...HOUSE, viewer: NO, ...NO_ROOM, ...NO_LINK },
  'household owner': { ...HOUSE, helper: NO, viewer: NO, ...NO_ROOM, ...NO_LINK },
  link: { ...NO_KEY, ...LINKS },
  'link wider': { ...NO_KEY, ...LINKS, 'link-note': NONE },
  groomer: {
    ...NOT_HOUSE,
    groomer: OK,
    'note-groomer': OK,
    'other-groomer': OK,
    colleague: OK,
    'former-colleague': OK,
    ...NO_LINK,
  },
  invited: {
    ...NOT_HOUSE,
    groomer: OK,
    'note-groomer': OK,
    'other-groomer': NONE,
    colleague: OK,
    'former-colleague': NONE,
    ...NO_LINK,
  },
  'invited wider': {
    ...NOT_HOUSE,
    groomer: OK,
    'note-groomer': NONE,
    'other-groomer': NONE,
    colleague: OK,
    'former-colleague': NONE,
    ...NO_LINK,
  },
}
const guardOf = (key: RouteKey) => {
  const { access, role, wider } = routeRow(key)
  return [access, role, wider && 'wider'].filter(Boolean).join(' ')
}
const everyone = (answer: number) => Object.fromEntries(CALLERS.map((c) => [c, answer]))
/** Whoever may is answered this. */
const whoMay = (guard: string, answer: number) =>
  Object.fromEntries(CALLERS.filter((c) => ANSWERS[guard]![c] === OK).map((c) => [c, answer]))
/** Asked before anybody is known: where nobody is signed in that is the answer, not a refusal. */
const orNobody = (key: RouteKey, answer: number) => (routeRow(key).orNobody && answer === WHO ? OK : answer)
/** Where a route answers otherwise than its guard says. */
const SPECIAL: Partial<Record<RouteKey, Partial<Cells>>> = {
  // Wrong on purpose: anyone may call it, and is told no.
  'POST /api/session': everyone(WHO),
  'POST /api/groomer/session': everyone(WHO),
  // Outside the demo there are no such routes.
  'POST /api/demo': everyone(NONE),
  'POST /api/letters': everyone(NONE),
  // By a letter's link, which nobody here has.
  'GET /api/password': everyone(NONE),
  'PUT /api/password': everyone(NONE),
  'POST /api/address': everyone(NONE),
  // By a key that no device was asked for, or that is nobody's.
  'POST /api/passkey': everyone(WHO),
  'POST /api/me/passkeys': whoMay('member', WHO),
  'POST /api/room/passkeys': whoMay('groomer', WHO),
  'DELETE /api/me/passkeys/[key]': whoMay('member', NONE),
  'DELETE /api/room/passkeys/[key]': whoMay('groomer', NONE),
  // A session that is nobody's.
  'DELETE /api/me/sessions/[session]': whoMay('member', NONE),
  'DELETE /api/room/sessions/[session]': whoMay('groomer', NONE),
  'POST /api/groomer/demo': everyone(NONE),
  // Somebody else leaves only by the owner's hand, and of their own household.
  'DELETE /api/household/members/[member]': { helper: NO, viewer: NO, 'other-owner': NONE },
  'PUT /api/household/members/[member]': { 'other-owner': NONE },
  'DELETE /api/household/invitations/[invitation]': { 'other-owner': NONE },
  // Who comes into a room and who goes is for whose room it is; nobody goes from a room they are not in.
  'POST /api/room/invitations': { colleague: NO },
  'DELETE /api/room/invitations/[invitation]': { colleague: NO },
  'DELETE /api/room/colleagues/[groomer]': {
    colleague: NO,
    'note-groomer': NONE,
    'other-groomer': NONE,
    'former-colleague': NONE,
  },
}

it('every route stands in the list, and the list holds nothing else', () => {
  expect(routeFiles().sort()).toEqual(Object.keys(ROUTES).sort())
})
it('every way a route is guarded has an answer for every caller', () => {
  for (const key of Object.keys(ROUTES) as RouteKey[])
    expect(Object.keys(ANSWERS[guardOf(key)] ?? {}).sort(), key).toEqual([...CALLERS].sort())
})

/** Routes that sign whoever calls them in: called by a caller with no cookie yet. */
const SIGNS_IN: readonly RouteKey[] = [
  'POST /api/account',
  'POST /api/invitation',
  'POST /api/groomer/account',
]

async function invitation() {
  const id = uuid()
  const { json } = await mine.call('POST', '/api/household/invitations', { id, name: 'Di', role: 'viewer' })
  return { id, headers: { authorization: `Bearer ${String(json.token)}` } }
}

describe.each(Object.keys(ROUTES) as RouteKey[])('%s', (key) => {
  it.each([...CALLERS])('called by %s', async (caller) => {
    let visitor = SIGNS_IN.includes(key) ? new Visitor(app.address) : callers[caller]
    let headers: Record<string, string> = {}
    let given = body[key]?.()
    const parts: Record<string, string> = {
      dog: dog.id,
      photograph: photo.id,
      session: uuid(),
      key: 'a',
      share: caller === 'note-groomer' ? rooms['note-groomer'] : rooms.groomer,
    }
    const may = ANSWERS[guardOf(key)]![caller] === OK
    // What a call would use up is made anew for it.
    if (key === 'DELETE /api/session' && may) visitor = await newOwner(app.address)
    if (key === 'DELETE /api/groomer/session' && may) visitor = await newGroomer(app.address)
    if (key === 'DELETE /api/dogs/[dog]/shares/[share]') parts.share = (await share('note')).id
    if (key === 'POST /api/room/dogs') given = { code: (await share('note')).code }
    if (key === 'DELETE /api/room/dogs/[share]' && may) {
      const fresh = await share('stretch')
      await visitor.call('POST', '/api/room/dogs', { code: fresh.code })
      parts.share = fresh.id
    }
    if (key.includes('[member]')) parts.member = (await joined(mine, 'helper')).id
    if (key.includes('invitation')) {
      const made = await invitation()
      parts.invitation = made.id
      if (key.endsWith('/api/invitation')) headers = made.headers
    }
    if (key.startsWith('DELETE /api/room/colleagues')) parts.groomer = (await colleague()).id
    if (key.endsWith('/api/room/invitation')) headers = await askedIn()
    // Whoever goes to work in another room is in that one from then on.
    if (key === 'POST /api/room/invitation' && may) visitor = await newGroomer(app.address)
    if (key.includes('feed'))
      parts.token = String((await mine.call('POST', `/api/dogs/${dog.id}/feed`)).json.token)

    const [method, pattern] = key.split(' ') as [string, string]
    const path = pattern.replace(/\[(\w+)\]/g, (_, name: string) => parts[name] ?? '')
    const { status, json } = await visitor.call(method, path, given, headers)
    const guarded = ANSWERS[guardOf(key)]![caller]
    expect(status).toBe(SPECIAL[key]?.[caller] ?? orNobody(key, guarded))
    if (routeRow(key).orNobody) expect('nobody' in json).toBe(guarded === WHO)
    if (guarded === WHO && status === OK) expect(Object.keys(json).sort()).toEqual(['nobody', 'says'])
    expect(JSON.stringify(json)).not.toContain('at async')
  })
})

describe('members', () => {
  it('what is true of the dog is for its owner to change: a helper’s word on it is refused, the rest is taken', async () => {
    const { visitor } = await joined(mine, 'helper')
    const told = entry(daysAgo(1), { kind: 'dog', weightKg: 9 })
    const own = { entries: [told, entry(daysAgo(1), { kind: 'check', region: 'chest', finding: 'glides' })] }
    const { status, json } = await visitor.call('POST', `/api/dogs/${dog.id}/entries`, own)
    expect([status, (json.refused as { id: string; says: string }[]).map((r) => [r.id, r.says])]).toEqual([
      200,
      [[told.id, 'What is true of the dog is for its owner to change.']],
    ])
    // Nor what passes between the owner and the groomer.
    const wish = entry(daysAgo(1), { kind: 'wish', lines: [{ part: 'body', mm: 14 }] })
    const refusedWish = await visitor.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [wish] })
    expect([refusedWish.status, refusedWish.json.message]).toEqual([
      422,
      'What is wished of the groomer is for the owner to say.',
    ])
    // Nor by a visit that says what works: it would be true of the dog.
    const slip = (works: object) =>
      entry(daysAgo(1), { kind: 'visit', lengths: {}, found: [], did: ['bath'], only: true, ...works })
    const byVisit = slip({ works: [{ place: 'beard', position: 'lying' }] })
    const corrected = entry(daysAgo(1), {
      kind: 'correction',
      replaces: own.entries[1]!.id,
      by: byVisit.what as Fact,
    })
    for (const e of [byVisit, corrected]) {
      const answer = await visitor.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [e] })
      expect([answer.status, answer.json.message]).toEqual([
        422,
        'What is true of the dog is for its owner to change.',
      ])
    }
    expect((await visitor.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [slip({})] })).status).toBe(
      200,
    )
    // Nor is what the owner said taken back.
    expect((await mine.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [told] })).status).toBe(200)
    const back = entry(daysAgo(1), { kind: 'correction', replaces: told.id, by: null })
    expect((await visitor.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [back] })).status).toBe(422)
    expect((await mine.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [back] })).status).toBe(200)
  })

  it('one who was taken out is told so in words, and their open page writes nothing more', async () => {
    const { visitor, id } = await joined(mine, 'helper')
    const write = () =>
      visitor.call('POST', `/api/dogs/${dog.id}/entries`, {
        entries: [entry(daysAgo(1), { kind: 'check', region: 'chest', finding: 'glides' })],
      })
    expect((await write()).status).toBe(200)
    await mine.call('DELETE', `/api/household/members/${id}`)
    const after = await write()
    expect(after.status).toBe(401)
    expect(after.json.message).toMatch(/^You are no longer a member of /)
    expect(after.json.data).toEqual({ code: 'no-longer' })
    expect((await visitor.call('GET', '/api/me')).json).toEqual({
      nobody: 'no-longer',
      says: after.json.message,
    })
  })
  it('anyone may leave but the last owner', async () => {
    const { visitor, id } = await joined(mine, 'viewer')
    expect((await visitor.call('DELETE', `/api/household/members/${id}`)).status).toBe(200)
    const alone = await newOwner(app.address)
    const { json } = await alone.call('GET', '/api/household')
    const [me] = json.members as { id: string }[]
    const left = await alone.call('DELETE', `/api/household/members/${me!.id}`)
    expect([left.status, left.json.message]).toEqual([409, expect.stringContaining('keeps an owner')])
    expect((await alone.call('PUT', `/api/household/members/${me!.id}`, { role: 'viewer' })).status).toBe(409)
  })
  it('an invitation serves once', async () => {
    const { headers } = await invitation()
    const form = () => ({ name: 'Di', email: `${uuid()}@example.org`, password: PASSWORD })
    const answers: number[] = []
    for (let n = 0; n < 2; n++)
      answers.push((await new Visitor(app.address).call('POST', '/api/invitation', form(), headers)).status)
    expect(answers).toEqual([200, 404])
  })
})

it('a code serves once, and a link passed on does not take a dog out of a room', async () => {
  const { code, token } = await share('stretch')
  const [first, second] = [await newGroomer(app.address), await newGroomer(app.address)]
  const keep = async (who: Visitor, what: object) => (await who.call('POST', '/api/room/dogs', what)).status
  expect(await keep(first, { code: code.toLowerCase().replace(/(.{4})/, '$1-') })).toBe(200)
  expect(await keep(second, { code })).toBe(404)
  expect(await keep(second, { token })).toBe(404)
})

describe('sign-in', () => {
  it('holds a session to a row that can be revoked, in a sealed cookie no script can read', async () => {
    const owner = await newOwner(app.address)
    const { json } = await owner.call('GET', '/api/me')
    const again = new Visitor(app.address)
    const answer = await again.call('POST', '/api/session', { email: json.email, password: PASSWORD })
    const cookie = answer.headers.getSetCookie().join()
    expect(cookie).toMatch(/HttpOnly/i)
    expect(cookie).toMatch(/SameSite=Lax/i)
    expect(cookie).not.toContain(String(json.email))
    expect((await again.call('DELETE', '/api/session')).status).toBe(200)
    expect((await again.call('GET', '/api/me')).json).toMatchObject({ nobody: 'sign-in' })
    expect((await owner.call('GET', '/api/me')).json.email).toBe(json.email)
  })
  it('says the same of a wrong password and of nobody', async () => {
    const owner = await newOwner(app.address)
    const { json } = await owner.call('GET', '/api/me')
    const tries = [String(json.email), 'nobody@example.org'].map((email) =>
      new Visitor(app.address).call('POST', '/api/session', { email, password: 'not-it-at-all' }),
    )
    const [a, b] = await Promise.all(tries)
    expect([a!.status, a!.json.message]).toEqual([b!.status, b!.json.message])
  })
  it('takes no write from another site', async () => {
    for (const origin of ['https://elsewhere.example', 'null', '']) {
      const { status } = await mine.call('POST', '/api/dogs', newDog(), { origin })
      expect(status).toBe(403)
    }
  })
})

it('guesses are rationed', async () => {
  const { running } = await startApp({ GRUMBO_RATION_TIMES: '0.3' })
  const visitor = new Visitor(running.address)
  const answers: number[] = []
  let asked: string | null = null
  for (let i = 0; i < 6; i++) {
    const answer = await visitor.call('POST', '/api/session', { email: 'a@example.org', password: 'x' })
    answers.push(answer.status)
    asked = answer.headers.get('retry-after')
  }
  await running.stop()
  expect(Number(asked)).toBeGreaterThan(0)
  expect(answers).toEqual([401, 401, 401, 429, 429, 429])
})

it('pages carry a strict policy and no referrer', async () => {
  const { headers } = await new Visitor(app.address).call('GET', '/')
  const policy = headers.get('content-security-policy')!
  expect(policy).toContain("object-src 'none'")
  expect(policy).toMatch(/script-src [^;]*'nonce-/)
  expect(policy).not.toMatch(/script-src [^;]*'unsafe-(inline|eval)'/)
  expect(headers.get('referrer-policy')).toBe('no-referrer')
  const shared = await new Visitor(app.address).call('GET', '/l/nothing-here-at-all-1234567890')
  expect(shared.status).toBe(404)
  expect(shared.headers.get('x-robots-tag')).toContain('noindex')
})
