import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { OURS } from '#shared/limits'
import { api, ask, inWords, NoAnswer, Refused } from './api'

/** Calls as pages make them, to a server that answers as told. */
let address = ''
let answer: { status: number; headers?: Record<string, string>; body: unknown } = { status: 200, body: {} }
const server = createServer((_req, res) => {
  res.writeHead(answer.status, { 'content-type': 'application/json', ...answer.headers })
  res.end(typeof answer.body === 'string' ? answer.body : JSON.stringify(answer.body))
})
const ours = { [OURS]: '1' }

beforeAll(async () => {
  vi.stubGlobal('currentMs', () => Date.UTC(2026, 10, 27, 12))
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
  address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
afterAll(() => {
  vi.unstubAllGlobals()
  server.close()
})

const room = { share: 'x' }
const asked = () => ask('keptAnswer', `${address}/api/room/dogs`).catch((e: unknown) => e)

describe('an answer', () => {
  it('of ours, in its shape, is what was asked for', async () => {
    answer = { status: 200, headers: ours, body: { ...room, more: 1 } }
    expect(await asked()).toEqual(room)
  })
  it.each([
    ['in another shape', { status: 200, headers: ours, body: { share: 7 } }, 'not-understood'],
    ['that is a page', { status: 200, headers: ours, body: '<!doctype html>' }, 'not-understood'],
    ['without our mark', { status: 200, body: room }, 'not-ours'],
    ['that refuses without our mark', { status: 403, body: { message: 'Pay first' } }, 'not-ours'],
    ['of a server that fails', { status: 502, headers: ours, body: '' }, 'server-away'],
  ])('%s is none', async (_what, given, kind) => {
    answer = given
    const error = await asked()
    expect(error).toBeInstanceOf(NoAnswer)
    expect((error as NoAnswer).kind).toBe(kind)
  })
  it('that refuses says why, at which field, and when to come again', async () => {
    answer = {
      status: 429,
      headers: { ...ours, 'retry-after': '90' },
      body: { statusCode: 429, message: 'Wait.', data: { fields: { email: 'Taken.' }, code: 'no-longer' } },
    }
    const error = (await asked()) as Refused
    expect(error).toBeInstanceOf(Refused)
    expect(error).toMatchObject({
      statusCode: 429,
      message: 'Wait.',
      fields: { email: 'Taken.' },
      code: 'no-longer',
      retryAfterMs: 90_000,
    })
  })
  it('may say when to come again by the date', async () => {
    answer = { status: 503, headers: { 'retry-after': 'Fri, 27 Nov 2026 12:01:00 GMT' }, body: '' }
    expect(((await asked()) as NoAnswer).retryAfterMs).toBe(60_000)
  })
  it('of nobody is no signal', async () => {
    const error = await api('http://127.0.0.1:9/api/me').catch((e: unknown) => e)
    expect((error as NoAnswer).kind).toBe('no-signal')
    expect(inWords(error, 'It stays here.')).toMatch(/no signal.*It stays here\.$/)
  })
})
