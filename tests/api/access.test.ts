import { readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { CALLERS, ROUTES } from '../../server/access/routes'
import type { Caller, RouteKey } from '../../server/access/routes'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, newDog, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

let app: Running
let mine: Awaited<ReturnType<typeof newOwner>>
let theirs: typeof mine
let link: Visitor
const dog = newDog()
const photo = entry(daysAgo(1), { kind: 'photo', place: 'beard' })
let picture: Buffer
let shareId = uuid()

beforeAll(async () => {
  app = (await startApp({ GRUMBO_DEMO: '0' })).running
  mine = await newOwner(app.address)
  theirs = await newOwner(app.address, 'Bo')
  await mine.call('POST', '/api/dogs', dog)
  await mine.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [photo] })
  picture = await aPicture()
  await mine.call('PUT', `/api/dogs/${dog.id}/photographs/${photo.id}`, picture)
  const share = await mine.call('POST', `/api/dogs/${dog.id}/shares`, {
    id: shareId,
    groomer: 'Imke',
    scope: 'stretch',
    days: 30,
  })
  link = new Visitor(app.address, { authorization: `Bearer ${String(share.json.token)}` })
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

/** What a route is called with when the caller may. */
const body: Partial<Record<RouteKey, () => unknown>> = {
  'POST /api/account': () => ({
    name: 'Cy',
    email: `${uuid()}@example.org`,
    password: PASSWORD,
    timeZone: 'UTC',
  }),
  'POST /api/session': () => ({ email: 'nobody@example.org', password: 'wrong' }),
  'POST /api/demo': () => ({}),
  'POST /api/dogs': () => newDog(),
  'PUT /api/dogs/[dog]': () => ({ profile: dog.profile }),
  'POST /api/dogs/[dog]/entries': () => ({
    entries: [entry(daysAgo(1), { kind: 'check', region: 'beard', finding: 'glides' })],
  }),
  'PUT /api/dogs/[dog]/photographs/[photograph]': () => picture,
  'POST /api/dogs/[dog]/notes': () => ({ id: uuid(), body: 'Well.' }),
  'POST /api/dogs/[dog]/shares': () => ({ id: uuid(), groomer: 'Imke', scope: 'note', days: 3 }),
  'POST /api/shared/notes': () => ({ id: uuid(), body: 'Seen.' }),
}
/** What each kind of caller is answered. A cell that is missing fails. */
const ANSWERS: Record<(typeof ROUTES)[RouteKey]['access'], Record<Caller, number>> = {
  anyone: { anonymous: 200, owner: 200, 'other-owner': 200, link: 200 },
  member: { anonymous: 401, owner: 200, 'other-owner': 200, link: 401 },
  household: { anonymous: 401, owner: 200, 'other-owner': 404, link: 401 },
  link: { anonymous: 404, owner: 404, 'other-owner': 404, link: 200 },
}
const SPECIAL: Partial<Record<RouteKey, number>> = {
  // Wrong on purpose: anyone may call it, and is told no.
  'POST /api/session': 401,
  // Outside the demo there is no such route.
  'POST /api/demo': 404,
}

it('every route stands in the list, and the list holds nothing else', () => {
  expect(routeFiles().sort()).toEqual(Object.keys(ROUTES).sort())
})

describe.each(Object.keys(ROUTES) as RouteKey[])('%s', (key) => {
  it.each(CALLERS)('called by %s', async (caller) => {
    if (key === 'DELETE /api/session' && caller !== 'anonymous' && caller !== 'link') {
      const leaving = await newOwner(app.address)
      expect((await leaving.call('DELETE', '/api/session')).status).toBe(200)
      expect((await leaving.call('GET', '/api/me')).status).toBe(401)
      return
    }
    if (key === 'DELETE /api/dogs/[dog]/shares/[share]') {
      shareId = uuid()
      await mine.call('POST', `/api/dogs/${dog.id}/shares`, {
        id: shareId,
        groomer: 'Imke',
        scope: 'note',
        days: 3,
      })
    }
    const signsIn = key === 'POST /api/account'
    const visitor = signsIn
      ? new Visitor(app.address)
      : { anonymous: new Visitor(app.address), owner: mine, 'other-owner': theirs, link }[caller]
    const [method, pattern] = key.split(' ') as [string, string]
    const path = pattern
      .replace('[dog]', dog.id)
      .replace('[share]', shareId)
      .replace('[photograph]', photo.id)
    const { status, json } = await visitor.call(method, path, body[key]?.())
    expect(status).toBe(SPECIAL[key] ?? ANSWERS[ROUTES[key].access][caller])
    expect(JSON.stringify(json)).not.toContain('at async')
  })
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
    expect((await again.call('GET', '/api/me')).status).toBe(401)
    expect((await owner.call('GET', '/api/me')).status).toBe(200)
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
  it('an address makes one account', async () => {
    const owner = await newOwner(app.address)
    const { json } = await owner.call('GET', '/api/me')
    const form = {
      name: 'Again',
      email: String(json.email).toUpperCase(),
      password: PASSWORD,
      timeZone: 'UTC',
    }
    expect((await new Visitor(app.address).call('POST', '/api/account', form)).status).toBe(409)
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
  for (let i = 0; i < 6; i++)
    answers.push(
      (await visitor.call('POST', '/api/session', { email: 'a@example.org', password: 'x' })).status,
    )
  await running.stop()
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
