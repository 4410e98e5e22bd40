import type { ChildProcessByStdio } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import type { Readable } from 'node:stream'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import type { PostRoom } from '../../post-room/box'
import type { NewDog } from '../../shared/api'
import type { Role } from '../../shared/limits'
import { addDays } from '../../core/record/day'
import { weekFrom } from '../../demo/week'
import { clockAheadMs, localDay, localZone } from './clock'
import { profile, visit } from './dogs'
// @ts-expect-error plain script
import { serve } from '../../scripts/lib/serve.mjs'
// @ts-expect-error plain script
import { freePort } from '../../scripts/lib/shell.mjs'

export interface Running {
  address: string
  child: ChildProcessByStdio<null, Readable, Readable> & { pid: number }
  stop: (signal?: string) => Promise<void>
  ended: Promise<unknown>
  said: () => string
}

/** A database of its own on the tests' cluster, and the built app on it. */
export async function startApp(env: Record<string, string> = {}) {
  const pgPort = process.env.GRUMBO_TEST_PG
  if (!pgPort) throw new Error('These tests want the throwaway cluster: run them by npm test.')
  const name = `t${randomBytes(6).toString('hex')}`
  const admin = new pg.Client({ connectionString: `postgres://grumbo@127.0.0.1:${pgPort}/postgres` })
  await admin.connect()
  await admin.query(`create database ${name}`)
  await admin.end()
  const databaseUrl = `postgres://grumbo@127.0.0.1:${pgPort}/${name}`
  const secret = randomBytes(32).toString('hex')
  const startOn = (port: number, more: Record<string, string> = {}): Promise<Running> =>
    serve({
      port,
      databaseUrl,
      secret,
      env: {
        GRUMBO_LOG: 'warn',
        GRUMBO_RATION_TIMES: '1000',
        GRUMBO_CLOCK_AHEAD_MS: String(clockAheadMs()),
        ...env,
        ...more,
      },
    })
  const port = (await freePort()) as number
  /** The same again, once it was stopped; or another beside it. */
  const start = (more?: Record<string, string>) => startOn(port, more)
  return { databaseUrl, secret, start, startOn, running: await start() }
}

const bodyOf = (body: unknown): string | Uint8Array<ArrayBuffer> =>
  typeof body === 'string' || body instanceof Uint8Array
    ? (body as string | Uint8Array<ArrayBuffer>)
    : JSON.stringify(body)

/** A visitor with a cookie jar, as a browser would call. */
export class Visitor {
  private readonly cookies = new Map<string, string>()
  constructor(
    readonly address: string,
    private readonly extra: Record<string, string> = {},
  ) {}

  /** The same visitor, with the cookies of now. */
  copy(): Visitor {
    const other = new Visitor(this.address, this.extra)
    for (const [name, value] of this.cookies) other.cookies.set(name, value)
    return other
  }

  /** What goes along with a call, for one who calls in another way. */
  get cookie(): string {
    return [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; ')
  }

  async call(method: string, path: string, body?: unknown, headers: Record<string, string> = {}) {
    const response = await fetch(this.address + path, {
      method,
      headers: {
        ...(method === 'GET' ? {} : { origin: this.address }),
        ...(body === undefined || body instanceof Uint8Array ? {} : { 'content-type': 'application/json' }),
        ...(this.cookies.size ? { cookie: this.cookie } : {}),
        ...this.extra,
        ...headers,
      },
      ...(body === undefined ? {} : { body: bodyOf(body) }),
    })
    for (const set of response.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(set)!
      this.cookies.set(name!, value!)
    }
    const bytes = Buffer.from(await response.arrayBuffer())
    const text = bytes.toString('utf8')
    let json: Record<string, unknown> = {}
    try {
      json = JSON.parse(text) as Record<string, unknown>
    } catch {
      json = { text }
    }
    return { status: response.status, json, headers: response.headers, bytes }
  }
}

export const PASSWORD = 'comb-to-the-skin'
/** Somebody signed up, with a household of their own. */
export async function newOwner(address: string, name = 'Ada'): Promise<Visitor> {
  const visitor = new Visitor(address)
  const form = { name, email: `${uuid()}@example.org`, password: PASSWORD, timeZone: localZone() }
  const { status } = await visitor.call('POST', '/api/account', form)
  if (status !== 200) throw new Error(`Signing up answered ${status}.`)
  return visitor
}

/** Somebody who joined an owner's household by invitation. */
export async function joined(owner: Visitor, role: Role) {
  const { json } = await owner.call('POST', '/api/household/invitations', { id: uuid(), name: 'Di', role })
  const visitor = new Visitor(owner.address)
  const form = { name: 'Di', email: `${uuid()}@example.org`, password: PASSWORD }
  const headers = { authorization: `Bearer ${String(json.token)}` }
  const { status } = await visitor.call('POST', '/api/invitation', form, headers)
  if (status !== 200) throw new Error(`Joining answered ${status}.`)
  const home = await visitor.call('GET', '/api/household')
  const me = (home.json.members as { id: string; you: boolean }[]).find((m) => m.you)
  return { visitor, id: me!.id, email: form.email }
}

/** A groomer with a room of their own, empty yet. */
export async function newGroomer(address: string, name = 'Imke'): Promise<Visitor> {
  const visitor = new Visitor(address)
  const form = { name, room: 'The Wash House', email: `${uuid()}@example.org`, password: PASSWORD }
  const { status } = await visitor.call('POST', '/api/groomer/account', form)
  if (status !== 200) throw new Error(`Opening a room answered ${status}.`)
  return visitor
}

/** Reads the letter that came to an address, and says that more may. */
export async function lettersMayCome(box: PostRoom, by: Visitor, address: string) {
  const { text } = await box.letter((l) => l.to.includes(address) && l.subject.startsWith('May letters'))
  const token = /letters#(\S+)/.exec(text)![1]
  const { status } = await by.call('POST', '/api/letters', { token, may: true })
  if (status !== 200) throw new Error(`Confirming answered ${status}.`)
}

export const daysAgo = (n: number) => addDays(localDay(), -n)
export function newDog(more: Partial<NewDog['profile']> = {}): NewDog {
  const since = daysAgo(21)
  const minutes = weekFrom(daysAgo(0), [12, 12, 12, 40, 0, 12, 12])
  return {
    id: uuid(),
    profile: profile({ since, minutes, ...more }),
    entries: [visit(since, 'wool-cross', 20)],
  }
}
