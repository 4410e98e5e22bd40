import { readFileSync } from 'node:fs'
import { randomLcg } from 'd3-random'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { ROUTES } from '../../server/access/routes'
import { entry, visit } from '../../tests/support/dogs'
import { daysAgo, newDog, newGroomer, newOwner, PASSWORD, startApp } from '../../tests/support/server'
import type { Visitor } from '../../tests/support/server'
import { row } from './table'

const REQUESTS = 20_000
const AT_ONCE = 8
/** Requests after which memory is first looked at: caches are full and pools made. */
const WARM = 10_000
/** Growth of memory from there to the end that is no leak, as a share. */
const MOST_GROWTH = 0.25
const SEED = 0.61

const random = randomLcg(SEED)
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!

/** What comes in the place of a value that would be well. */
const ODD: readonly unknown[] = [
  null,
  '',
  ' ',
  'x'.repeat(5_000),
  'a\u0000b',
  '\ud800',
  'line\r\nbreak',
  -1,
  0,
  1e308,
  Number.MAX_SAFE_INTEGER,
  true,
  [],
  {},
  { $gt: '' },
  '0000-01-01',
  '9999-12-31',
  '2026-02-30',
  '00000000-0000-0000-0000-000000000000',
  'ffffffff-ffff-ffff-ffff-ffffffffffff',
  "'; drop table dogs; --",
  '<script>alert(1)</script>',
  '../../etc/passwd',
  '%00',
  '__proto__',
]
const PATHS = [
  '%00',
  '%ff',
  '..%2f..',
  "'",
  '{}',
  '-1',
  'x'.repeat(300),
  uuid(),
  '00000000-0000-0000-0000-000000000000',
]
const PAGES = [
  '/',
  '/sign-up',
  '/setup',
  '/household',
  '/room',
  '/letters',
  '/safe',
  '/post',
  '/dogs/ID',
  '/dogs/ID/table',
  '/l/ID',
  '/join/ID',
  '/room/ID',
  '/api/ID',
  '/ID',
]

/** A body that would be well, with something odd somewhere in it. */
function spoiled(body: unknown): unknown {
  if (random() < 0.1) return pick(ODD)
  if (Array.isArray(body))
    return body.map((b, i) => (i === Math.floor(random() * body.length) ? spoiled(b) : b))
  if (body && typeof body === 'object') {
    const keys = Object.keys(body)
    const key = pick(keys)
    const more = random() < 0.1 ? { [pick(['extra', 'constructor', 'id'])]: pick(ODD) } : {}
    return { ...body, ...more, [key]: spoiled((body as Record<string, unknown>)[key]) }
  }
  return pick(ODD)
}

const residentMb = (pid: number) =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024

/** What no device answered. */
const NO_KEY = {
  id: 'a',
  rawId: 'a',
  type: 'public-key',
  clientExtensionResults: {},
  response: { clientDataJSON: 'a', attestationObject: 'a', authenticatorData: 'a', signature: 'a' },
}

/** Requests of every kind to every route and page: none fails here, and nothing that was refused is stored. */
export async function hostile() {
  const { running, databaseUrl } = await startApp()
  const dog = newDog()
  const owner = await newOwner(running.address)
  await owner.call('POST', '/api/dogs', dog)
  const groomer = await newGroomer(running.address)
  const share = { id: uuid(), groomer: 'Imke', scope: 'history', days: 9 }
  const made = await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)
  await groomer.call('POST', '/api/room/dogs', { code: made.json.code })
  const bearer = { authorization: `Bearer ${String(made.json.token)}` }
  const form = () => ({ name: 'Cy', email: `${uuid()}@example.org`, password: PASSWORD })
  const bodies: Record<string, () => object> = {
    'POST /api/account': () => ({ ...form(), timeZone: 'UTC' }),
    'POST /api/session': () => ({ email: `${uuid()}@example.org`, password: 'wrong' }),
    'POST /api/me/again': () => ({ password: 'wrong' }),
    'PUT /api/me/password': () => ({ now: PASSWORD, password: PASSWORD }),
    'POST /api/me/address': () => ({ email: `${uuid()}@example.org` }),
    'POST /api/me/passkeys': () => ({ name: 'A telephone', response: NO_KEY }),
    'POST /api/passkey': () => ({ response: NO_KEY }),
    'POST /api/password': () => ({ email: `${uuid()}@example.org`, of: 'room' }),
    'PUT /api/password': () => ({ password: PASSWORD }),
    'PUT /api/room/password': () => ({ now: PASSWORD, password: PASSWORD }),
    'PUT /api/me': () => ({ mailNotes: true, remindAt: 60 }),
    'PUT /api/household': () => ({ name: 'Alder', timeZone: 'Europe/London', sharesCounts: true }),
    'POST /api/household/invitations': () => ({ id: uuid(), name: 'Di', role: 'viewer' }),
    'PUT /api/household/members/[member]': () => ({ role: 'viewer' }),
    'POST /api/invitation': form,
    'POST /api/dogs': () => newDog(),
    'PUT /api/dogs/[dog]': () => ({ profile: dog.profile }),
    'POST /api/dogs/[dog]/entries': () => ({
      entries: [
        entry(daysAgo(1), { kind: 'check', region: 'beard', finding: 'snag', count: 1, out: 1 }),
        visit(daysAgo(9), 'wool-cross', 20),
        entry(daysAgo(0), { kind: 'correction', replaces: uuid(), by: null }),
      ],
    }),
    'POST /api/dogs/[dog]/notes': () => ({ id: uuid(), body: 'Well.', attached: { photographs: [uuid()] } }),
    'POST /api/dogs/[dog]/shares': () => ({ ...share, id: uuid() }),
    'POST /api/shared/notes': () => ({ id: uuid(), body: 'Seen.' }),
    'POST /api/letters': () => ({ token: 'x', may: true }),
    'POST /api/groomer/account': () => ({ ...form(), room: 'The Wash House' }),
    'POST /api/groomer/session': () => ({ email: `${uuid()}@example.org`, password: 'wrong' }),
    'PUT /api/room': () => ({ room: 'The Wash House', mailNotes: true }),
    'POST /api/room/dogs': () => ({ code: 'ABCDEFGHJKLM' }),
    'POST /api/room/dogs/[share]/notes': () => ({ id: uuid(), body: 'Seen.' }),
    'POST /api/room/dogs/[share]/visits': () => ({ visit: visit(daysAgo(2), 'wool-cross', 16), advice: [] }),
  }
  const keys = Object.keys(ROUTES)
  const callers: Visitor[] = [owner, groomer]
  const failed: string[] = []
  const refusedIds: string[] = []
  let done = 0

  async function one() {
    const page = random() < 0.1
    const key = pick(keys)
    const [method, pattern] = page ? ['GET', pick(PAGES)] : (key.split(' ') as [string, string])
    const well = random() < 0.5
    const path = pattern
      .replace(/\[(\w+)\]/g, (_, name: string) =>
        well ? ({ dog: dog.id, share: share.id }[name] ?? uuid()) : pick(PATHS),
      )
      .replace('ID', () => pick(PATHS))
    const template = bodies[key]?.()
    const body = template && !page ? spoiled(template) : undefined
    // A session that ends here would leave nothing to attack with.
    if (key.startsWith('DELETE') && /session|members|deletion|\[share\]$/.test(key)) return
    const by = pick(callers).copy()
    const headers = pattern.startsWith('/api/shared') && random() < 0.8 ? bearer : {}
    const raw = random() < 0.03 ? pick(['{', '[]', 'null', '"x"', '\u0000']) : body
    const { status } = await by.call(method, path, method === 'GET' ? undefined : raw, headers)
    if (status >= 500)
      failed.push(`${status} ${method} ${path.slice(0, 80)} ${JSON.stringify(raw)?.slice(0, 200)}`)
    const id = body && typeof body === 'object' && 'id' in body ? body.id : undefined
    if (status >= 400 && typeof id === 'string' && /^[0-9a-f-]{36}$/.test(id)) refusedIds.push(id)
  }
  let warm = 0
  const work = async () => {
    while (done < REQUESTS) {
      done += 1
      if (done === WARM) warm = residentMb(running.child.pid)
      await one()
    }
  }
  const begun = performance.now()
  await Promise.all(Array.from({ length: AT_ONCE }, work))
  const seconds = (performance.now() - begun) / 1000
  const end = residentMb(running.child.pid)
  const db = new pg.Client({ connectionString: databaseUrl })
  await db.connect()
  let stored = 0
  for (const table of ['dogs', 'entries', 'notes', 'shares', 'invitations'])
    stored += Number(
      (
        await db.query(`select count(*) from ${table} where id = any($1::uuid[]) and id <> $2`, [
          refusedIds,
          dog.id,
        ])
      ).rows[0].count,
    )
  await db.end()
  await running.stop()
  row(
    `${REQUESTS} hostile requests over every route and page`,
    `${failed.length} answered 5xx, ${stored} stored of ${refusedIds.length} refused; memory ${((end / warm) * 100).toFixed(0)} % of what it was after ${WARM} (${warm.toFixed(0)} MB); ${seconds.toFixed(0)} s`,
  )
  for (const f of failed.slice(0, 5)) row('', f)
  if (failed.length || stored || end > warm * (1 + MOST_GROWTH)) throw new Error('The doors do not hold.')
}
