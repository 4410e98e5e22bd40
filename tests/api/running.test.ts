import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
// @ts-expect-error plain script
import { freePort } from '../../scripts/lib/shell.mjs'
import { DatabaseLine } from '../support/database-line'
import { newDog, newGroomer, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** The service as whoever runs it meets it: what it writes down, whether it is well, what it counts. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let metricsPort: number
beforeAll(async () => {
  metricsPort = (await freePort()) as number
  app = await startApp({
    GRUMBO_LOG: 'info',
    GRUMBO_METRICS_PORT: String(metricsPort),
    GRUMBO_TRUSTED_PROXIES: 'loopback',
  })
  running = app.running
})
afterAll(() => running?.stop())

const linesOf = (said: string) =>
  said
    .split('\n')
    .filter((l) => l.startsWith('{'))
    .map((l) => JSON.parse(l) as Record<string, unknown>)

describe('the log', () => {
  it('has a line of JSON for every call, by its number, and nobody’s words, addresses or links in it', async () => {
    const owner = await newOwner(running.address, 'Rosalind')
    const { json: me } = await owner.call('GET', '/api/me')
    const dog = newDog({ name: 'Tansy' })
    await owner.call('POST', '/api/dogs', dog)
    const { json: shared } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Bell',
      scope: 'note',
      days: 3,
    })
    const holder = new Visitor(running.address, { authorization: `Bearer ${String(shared.token)}` })
    await holder.call('POST', '/api/shared/notes', { id: uuid(), body: 'Ears were sore.' })
    await holder.call('GET', `/l/${String(shared.token)}`)
    const groomer = await newGroomer(running.address, 'Imke')
    await groomer.call('POST', '/api/room/dogs', { code: shared.code })
    const { json: feed } = await owner.call('POST', `/api/dogs/${dog.id}/feed`)
    await owner.call('GET', `/api/feed/${String(feed.token)}.ics`)
    await owner.call('POST', '/api/session', { email: me.email, password: 'a wrong one' })
    const asked = await owner.call('GET', `/api/dogs/${dog.id}`)
    const number = asked.headers.get('x-request-id')!
    await expect.poll(() => running.said()).toContain(number)
    const said = running.said()
    const lines = linesOf(said)
    expect(lines.find((l) => l.call === number)).toMatchObject({
      level: 'info',
      what: 'called',
      method: 'GET',
      route: '/api/dogs/[dog]',
      status: 200,
    })
    expect(lines.map((l) => l.route)).toEqual(
      expect.arrayContaining(['/l', '/api/feed/[token]', '/api/session']),
    )
    for (const l of lines) {
      expect(
        Object.keys(l).filter(
          (k) => !['level', 'at', 'what', 'call', 'method', 'route', 'status', 'ms'].includes(k),
        ),
      ).toEqual([])
      expect(typeof l.ms === 'number' && l.ms >= 0).toBe(true)
    }
    for (const words of ['Rosalind', 'Tansy', 'Bell', 'sore', String(me.email), dog.id, PASSWORD])
      expect(said).not.toContain(words)
    for (const secret of [shared.token, shared.code, feed.token]) expect(said).not.toContain(String(secret))
  })
  it('takes a number from a proxy it believes, if it is one', async () => {
    const nobody = new Visitor(running.address)
    const given = async (as: string) =>
      (await nobody.call('GET', '/api/health', undefined, { 'x-request-id': as })).headers.get('x-request-id')
    expect(await given('from-the-proxy-1')).toBe('from-the-proxy-1')
    expect(await given('two words')).toMatch(/^[0-9a-f]{12}$/)
  })
  it('a page that is not there says the number of its call', async () => {
    const answer = await fetch(`${running.address}/nothing/of/the/kind`, { headers: { accept: 'text/html' } })
    expect(answer.status).toBe(404)
    expect(await answer.text()).toContain(`Its number is ${answer.headers.get('x-request-id')!}`)
  })
})

describe('a page that fails here', () => {
  it('says its number, by which the log has why', async () => {
    const owner = await newOwner(running.address)
    const dog = newDog()
    await owner.call('POST', '/api/dogs', dog)
    const share = { id: uuid(), groomer: 'Bell', scope: 'note', days: 3 }
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)
    const db = new pg.Client({ connectionString: app.databaseUrl })
    await db.connect()
    await db.query('alter table notes rename to notes_away')
    const answer = await fetch(`${running.address}/l/${String(json.token)}`)
    await db.query('alter table notes_away rename to notes')
    await db.end()
    expect(answer.status).toBe(500)
    const number = answer.headers.get('x-request-id')!
    await answer.text()
    await expect
      .poll(() => linesOf(running.said()).filter((l) => l.call === number).length)
      .toBeGreaterThan(1)
    expect(linesOf(running.said()).find((l) => l.call === number && l.what === 'failed')).toMatchObject({
      level: 'error',
      route: 'GET /api/shared',
      code: '42P01',
    })
  })
})

describe('whether it is well', () => {
  it('lives whatever its database does, and is ready only with it: gone, back, frozen, back', async () => {
    const { line, url } = await DatabaseLine.to(app.databaseUrl)
    const other = await app.startOn((await freePort()) as number, {
      DATABASE_URL: url,
      GRUMBO_METRICS_PORT: '',
    })
    const nobody = new Visitor(other.address)
    const ready = async () => (await nobody.call('GET', '/api/ready')).status
    const lives = async () => (await nobody.call('GET', '/api/health')).status
    try {
      expect([await lives(), await ready()]).toEqual([200, 200])
      await line.cut()
      expect([await lives(), await ready()]).toEqual([200, 503])
      await line.mend()
      await expect.poll(ready, { timeout: 60_000 }).toBe(200)
      line.freeze()
      expect([await lives(), await ready()]).toEqual([200, 503])
      await line.mend()
      await expect.poll(ready, { timeout: 60_000 }).toBe(200)
      // What it is for goes on too.
      expect((await newOwner(other.address).then((o) => o.call('GET', '/api/me'))).status).toBe(200)
    } finally {
      await other.stop('SIGKILL')
      await line.cut()
    }
  }, 90_000)
  it('says that it lives before its database was ever there', async () => {
    const { line, url } = await DatabaseLine.to(app.databaseUrl)
    await line.cut()
    const port = (await freePort()) as number
    const starting = app.startOn(port, { DATABASE_URL: url, GRUMBO_METRICS_PORT: '' })
    const early = new Visitor(`http://127.0.0.1:${port}`)
    const asked = (path: string) =>
      early.call('GET', path).then(
        ({ status }) => status,
        () => 0,
      )
    await expect.poll(() => asked('/api/health'), { timeout: 60_000 }).toBe(200)
    expect(await asked('/api/ready')).toBe(503)
    await line.mend()
    await expect.poll(() => asked('/api/ready'), { timeout: 60_000 }).toBe(200)
    await (await starting).stop()
    await line.cut()
  }, 90_000)
})

describe('what it counts', () => {
  const given = async () => (await fetch(`http://127.0.0.1:${metricsPort}/metrics`)).text()
  it('calls by route, how long they took, letters waiting, connections and jobs, in the open text format', async () => {
    const owner = await newOwner(running.address)
    for (let n = 0; n < 3; n++) await owner.call('GET', '/api/household')
    const value = (text: string, line: RegExp) => Number(line.exec(text)?.[1])
    const household = /^grumbo_calls_total\{method="GET",route="\/api\/household",status="200"\} (\d+)$/m
    await expect.poll(async () => value(await given(), household)).toBe(3)
    const text = await given()
    expect(value(text, /^grumbo_call_seconds_count\{route="\/api\/household"\} (\d+)$/m)).toBe(3)
    expect(value(text, /^grumbo_letters_waiting (\d+)$/m)).toBeGreaterThan(0)
    expect(value(text, /^grumbo_connections\{state="open"\} (\d+)$/m)).toBeGreaterThan(0)
    expect(value(text, /^grumbo_jobs_total\{job="mail",outcome="done"\} (\d+)$/m)).toBeGreaterThan(0)
    // Each line is a comment or a sample (Prometheus text format 0.0.4).
    for (const l of text.split('\n').filter(Boolean))
      expect(l).toMatch(/^(# (HELP|TYPE) \w+ .+|\w+(\{[^}]*\})? (-?[\d.e+-]+|NaN|Nan|[+-]Inf))$/)
  })
  it('on a port of their own: the app itself gives them to nobody', async () => {
    expect((await fetch(`${running.address}/metrics`)).status).toBe(404)
    expect((await fetch(`http://127.0.0.1:${metricsPort}/`)).status).toBe(404)
  })
})

describe('whoever reads the log', () => {
  it('is gone: it ends, and does not complain of that without end', async () => {
    const other = await app.startOn((await freePort()) as number, { GRUMBO_LOG: 'info' })
    // The next line of the log meets nobody.
    other.child.stdout.destroy()
    other.child.stderr.destroy()
    let ended = false
    void other.ended.then(() => (ended = true))
    await expect
      .poll(
        () =>
          fetch(`${other.address}/api/me`).then(
            () => ended,
            () => ended,
          ),
        { timeout: 60_000 },
      )
      .toBe(true)
  })
})

describe('by TLS', () => {
  const tls = { 'x-forwarded-proto': 'https' }
  it('cookies are held to this host by their name, and nobody comes by anything else again', async () => {
    const visitor = new Visitor(running.address)
    const form = { name: 'Ada', email: `${uuid()}@example.org`, password: PASSWORD, timeZone: 'UTC' }
    const origin = { origin: running.address.replace('http:', 'https:') }
    const answer = await visitor.call('POST', '/api/account', form, { ...tls, ...origin })
    expect(answer.status).toBe(200)
    const cookies = answer.headers.getSetCookie().filter((c) => !/=;/.test(c))
    expect(cookies.map((c) => c.split('=')[0]).sort()).toEqual(['__Host-grumbo', '__Host-grumbo-known'])
    for (const c of cookies) {
      expect(c).toMatch(/; Path=\/(;|$)/)
      for (const word of ['HttpOnly', 'Secure', 'SameSite=Lax']) expect(c).toContain(word)
      expect(c).not.toMatch(/Domain/i)
    }
    expect(answer.headers.get('strict-transport-security')).toBe('max-age=31536000; includeSubDomains')
    // Where nothing changes no cookie goes.
    const me = await visitor.call('GET', '/api/me', undefined, tls)
    expect([me.json.name, me.headers.getSetCookie()]).toEqual(['Ada', []])
    // By plain http the same cookie is nobody's.
    expect((await visitor.call('GET', '/api/me')).json).toHaveProperty('nobody')
  })
})

describe('answers', () => {
  it('no answer is kept on its way, guessed at, framed, or says what made it', async () => {
    const owner = await newOwner(running.address)
    for (const path of ['/api/me', '/api/health']) {
      const { headers } = await owner.call('GET', path)
      expect(headers.get('cache-control')).toBe('no-store')
      expect(headers.get('content-type')).toContain('application/json')
      expect(headers.get('x-content-type-options')).toBe('nosniff')
      for (const name of ['x-powered-by', 'server', 'access-control-allow-origin'])
        expect(headers.get(name)).toBeNull()
    }
    const page = await fetch(`${running.address}/`)
    expect(page.headers.get('content-security-policy')).toMatch(/frame-ancestors [^;]*'none'/)
    expect(page.headers.get('referrer-policy')).toBe('no-referrer')
    expect(page.headers.get('x-content-type-options')).toBe('nosniff')
  })
  it('a body that does not say that it is JSON is not read', async () => {
    const owner = await newOwner(running.address)
    for (const kind of [
      'text/plain',
      'application/x-www-form-urlencoded',
      'multipart/form-data; boundary=x',
    ]) {
      const { status, json } = await owner.call(
        'PUT',
        '/api/me',
        JSON.stringify({ mailNotes: true, remindAt: null }),
        {
          'content-type': kind,
        },
      )
      expect([kind, status, json.message]).toEqual([
        kind,
        415,
        expect.stringContaining('does not say that it is JSON'),
      ])
    }
  })
})
