import { once } from 'node:events'
import { buffer } from 'node:stream/consumers'
import { simpleParser } from 'mailparser'
import PostalMime from 'postal-mime'
import { SMTPServer } from 'smtp-server'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newDog, newOwner, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'

/** The letters as they go over the wire, opened by a reader of mail that had no part in writing them (postal-mime). */
const NAME = 'Žofie Ångström-Müller 🐕'
const DOG = 'Pippin “Pip” Ħ'
const raw: { to: string; letter: Buffer }[] = []
const server = new SMTPServer({
  authOptional: true,
  disabledCommands: ['STARTTLS', 'AUTH'],
  onData(stream, session, done) {
    void buffer(stream).then((letter) => {
      raw.push({ to: session.envelope.rcptTo[0]!.address, letter })
      server.emit('letter')
      done()
    })
  },
})
let running: Running
let owner: Visitor
let mine: string
async function letter(to: string, holds: RegExp) {
  for (;;) {
    for (const l of raw.filter((r) => r.to === to)) {
      const read = await PostalMime.parse(l.letter)
      if (holds.test(read.text ?? '')) return { wire: l.letter, read }
    }
    await once(server, 'letter')
  }
}

beforeAll(async () => {
  server.listen(0, '127.0.0.1')
  await once(server.server, 'listening')
  const { port } = server.server.address() as { port: number }
  running = (
    await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${port}`, GRUMBO_ADDRESS: 'http://grumbo.test' })
  ).running
  owner = await newOwner(running.address, NAME)
  mine = String((await owner.call('GET', '/api/me')).json.email)
  const dog = newDog({ name: DOG })
  await owner.call('POST', '/api/dogs', dog)
  const { read } = await letter(mine, /letters#/)
  const token = /letters#(\S+)/.exec(read.text!)![1]
  await owner.call('POST', '/api/letters', { token, may: true })
  const share = { id: uuid(), groomer: 'Bell', scope: 'note', days: 9, email: 'bell@example.org' }
  await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)
  await new Visitor(running.address).call('POST', '/api/password', {
    email: mine,
    of: 'household',
  })
})
afterAll(async () => {
  await running?.stop()
  await new Promise<void>((closed) => server.close(() => closed()))
})

describe.each([
  ['may letters come', () => letter(mine, /letters#/), /letters#\S+/],
  ['a dog is shared', () => letter('bell@example.org', /\/l\//), /\/l\/\S+/],
  ['a new password', () => letter(mine, /password#/), /password#\S+/],
] as const)('the letter that says %s', (_name, get, link) => {
  it('is a message by RFC 5322: lines ended and short enough, headers in ASCII, the fields it must have, each once', async () => {
    const { wire, read } = await get()
    const lines = wire.toString('latin1').split('\r\n')
    expect(lines.some((l) => /[\r\n]/.test(l))).toBe(false)
    // 2.1.1: 998 at most.
    expect(Math.max(...lines.map((l) => l.length))).toBeLessThanOrEqual(998)
    expect(/^[\x20-\x7e\t]*$/.test(lines.slice(0, lines.indexOf('')).join(''))).toBe(true)
    // 3.6: when and from whom must be there, and none of these twice.
    const keys = read.headers.map((h) => h.key)
    for (const key of ['date', 'from', 'to', 'subject', 'message-id'])
      expect([key, keys.filter((k) => k === key).length]).toEqual([key, 1])
    expect(Date.parse(read.date!)).toBeGreaterThan(0)
  })
  it('reads the same by another: who, what, and a way out', async () => {
    const { wire, read } = await get()
    const other = await simpleParser(wire)
    expect(read.subject).toBe(other.subject)
    expect(read.from?.address).toBe(other.from?.value[0]?.address)
    expect(read.text!.trim()).toBe(other.text!.trim())
    expect(read.text).toMatch(/No more letters from Grumbo to this address: http:\/\/grumbo\.test\/letters#/)
  })
  it('has its words and links in both its forms, the plain one first (RFC 2046, 5.1.4)', async () => {
    const { wire, read } = await get()
    const where = /http:\/\/grumbo\.test/.exec(read.text!) && link.exec(read.text!)![0]
    const hrefs = [...read.html!.matchAll(/href="([^"]+)"/g)].map((m) => m[1]!.replaceAll('&amp;', '&'))
    expect(hrefs.some((h) => h.endsWith(where!))).toBe(true)
    const plain = wire.indexOf('text/plain')
    expect(plain).toBeGreaterThan(0)
    expect(plain).toBeLessThan(wire.indexOf('text/html'))
    expect(read.attachments).toEqual([])
  })
})
it('names of letters from elsewhere come through whole', async () => {
  const { read } = await letter('bell@example.org', /\/l\//)
  expect(`${read.subject} ${read.text}`).toContain(DOG)
  expect(read.text).toContain(NAME)
})
