import { SMTPServer } from 'smtp-server'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Entry } from '../../core/record/entries'
import { entry } from '../support/dogs'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import { currentInstant } from '../support/clock'
import { daysAgo, newDog, newGroomer, newOwner, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'

/** Letters: to whom they may go, how many, what becomes of those that will not go, and what is left of those that went. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let box: PostRoom
let db: pg.Client
const dog = newDog({ name: 'Tansy' })

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

const addressOf = async (who: Visitor, path = '/api/me') => String((await who.call('GET', path)).json.email)
const tokenIn = (text: string) => /letters#(\S+)/.exec(text)![1]!
const firstLetter = (email: string) => box.letter((l) => l.to.includes(email))
const settle = (who: Visitor, token: string, may: boolean) => who.call('POST', '/api/letters', { token, may })
async function owners(name = 'Ada') {
  const owner = await newOwner(running.address, name)
  const mine = { ...dog, id: uuid() }
  await owner.call('POST', '/api/dogs', mine)
  return { owner, id: mine.id, email: await addressOf(owner) }
}
async function confirmed(name = 'Ada') {
  const mine = await owners(name)
  await settle(mine.owner, tokenIn((await firstLetter(mine.email)).text), true)
  return mine
}
const share = (owner: Visitor, id: string, more: object = {}) =>
  owner.call('POST', `/api/dogs/${id}/shares`, {
    id: uuid(),
    groomer: 'Bell',
    scope: 'note',
    days: 9,
    ...more,
  })
const waiting = async (email: string) =>
  (await db.query(`select * from mails where recipient = $1 order by written`, [email])).rows as Record<
    string,
    unknown
  >[]
/** The first line of each note to an address: of what went, which keeps no words, as it came. */
const noted = async (email: string) =>
  Promise.all(
    (await waiting(email))
      .filter((l) => l.kind === 'note')
      .map(async ({ id, body }) => {
        const came = () => box.letter((l) => l.headers['message-id']!.includes(String(id)))
        return (body ? String(body) : (await came()).text).split('\n')[0]
      }),
  )
const letsCome = (...emails: string[]) =>
  Promise.all([
    db.query(`insert into addresses (email, confirmed) select unnest($1::text[]), now()`, [emails]),
    ...['accounts', 'groomers'].map((table) =>
      db.query(`update ${table} set claimed = now() where email = any($1::text[])`, [emails]),
    ),
  ])

describe('to whom they may go', () => {
  it('a stranger’s address is sent nothing on the word of somebody whose own is not confirmed', async () => {
    const { owner, id } = await owners()
    const to = `${uuid()}@example.org`
    expect((await share(owner, id, { email: to })).json.mailed).toBe('own-not-confirmed')
    expect(await waiting(to)).toEqual([])
  })
  it('an invitation once, and notes only after whoever reads there said so', async () => {
    const { owner, id } = await confirmed()
    const to = `${uuid()}@example.org`
    expect((await share(owner, id, { email: to })).json.mailed).toBe('posted')
    const note = (body: string) => owner.call('POST', `/api/dogs/${id}/notes`, { id: uuid(), body })
    await note('The first one.')
    expect((await waiting(to)).map((l) => l.kind)).toEqual(['invitation'])
    await settle(owner, tokenIn((await firstLetter(to)).text), true)
    await note('The second one.')
    expect((await box.letter((l) => l.to.includes(to) && l.subject.includes('note'))).text).toContain(
      'The second one.',
    )
  })
  it('every letter has the way out, and what waits when it is taken does not go', async () => {
    const { owner, id, email } = await confirmed()
    const { text, html, headers } = await firstLetter(email)
    const token = tokenIn(text)
    expect(html).toContain(`/letters#${token}`)
    expect(headers['list-unsubscribe']).toContain(
      `http://grumbo.test/letters#${token.split('.', 2).join('.')}`,
    )
    expect((await settle(owner, token, false)).json).toEqual({ address: email })
    expect((await owner.call('GET', '/api/household')).json.mine).toMatchObject({ letters: 'stopped' })
    const { json } = await share(owner, id)
    const headersOf = { authorization: `Bearer ${String(json.token)}` }
    await owner.call('POST', '/api/shared/notes', { id: uuid(), body: 'All well.' }, headersOf)
    expect((await waiting(email)).filter((l) => l.kind === 'note')).toEqual([])
    await settle(owner, token, true)
    await owner.call('POST', '/api/shared/notes', { id: uuid(), body: 'Still well.' }, headersOf)
    expect((await waiting(email)).filter((l) => l.kind === 'note')).toHaveLength(1)
  })
  it('a token with a letter changed opens nothing', async () => {
    const { owner, email } = await owners()
    const token = tokenIn((await firstLetter(email)).text)
    for (const bad of [`${token}x`, token.slice(1), `x.${token.split('.')[1]!}`, '', 'a.b'])
      expect((await settle(owner, bad, true)).status, bad).toBe(404)
  })
})

describe('what passes between owner and groomer', () => {
  const today = daysAgo(0)
  const wish = (mm: number, day = today) => entry(day, { kind: 'wish', lines: [{ part: 'body', mm }] })
  it('a wish, its answer, days and a moved visit are told by letter, each side what the other said', async () => {
    const { owner, id, email } = await confirmed()
    const groomer = await newGroomer(running.address, 'Imke')
    const hers = await addressOf(groomer, '/api/room')
    await letsCome(hers)
    const { json } = await share(owner, id, { scope: 'history' })
    await groomer.call('POST', '/api/room/dogs', { code: json.code })
    const shareId = (await groomer.call('GET', '/api/room')).json.dogs as { share: string }[]
    const words = (e: Entry) =>
      groomer.call('POST', `/api/room/dogs/${shareId[0]!.share}/words`, { entry: e })
    const enter = (...entries: Entry[]) => owner.call('POST', `/api/dogs/${id}/entries`, { entries })
    const asked = wish(14)
    await enter(asked)
    await enter(asked)
    const answer = entry(today, {
      kind: 'wish-answer',
      wish: asked.id,
      from: 'Imke',
      lines: [{ part: 'body', how: 'rather', mm: 16, because: 'it felted' }],
    })
    await words(answer)
    await enter(entry(today, { kind: 'wish-taken', answer: answer.id }))
    const proposed = entry(today, { kind: 'proposed', from: 'Imke', days: [daysAgo(-20)], says: 'after ten' })
    await words(proposed)
    await words(proposed)
    await enter(entry(today, { kind: 'dog', nextVisit: daysAgo(-20) }))
    await enter(entry(today, { kind: 'dog', nextVisit: null }))
    expect(await noted(hers)).toEqual([
      'What we would like of Tansy’s next cut: Body 14 mm.',
      'What you answered to the wish is taken: so it is agreed.',
      expect.stringMatching(/^Tansy comes on \w+day \d+ \w+\.$/),
      'Tansy’s visit is called off.',
    ])
    expect(await noted(email)).toEqual([
      'To what you would like: body rather 16 mm, it felted.',
      expect.stringMatching(/^Imke could take Tansy on .*: after ten\.$/),
    ])
  })
  it('whoever reads the notes alone is told of no coat; and what is of long ago is no news', async () => {
    const { owner, id } = await confirmed()
    const to = `${uuid()}@example.org`
    await letsCome(to)
    await share(owner, id, { email: to })
    const enter = (...entries: Entry[]) => owner.call('POST', `/api/dogs/${id}/entries`, { entries })
    await enter(wish(14), entry(daysAgo(9), { kind: 'dog', nextVisit: daysAgo(-9) }))
    expect((await waiting(to)).map((l) => l.kind)).toEqual(['invitation'])
    await enter(entry(today, { kind: 'dog', nextVisit: daysAgo(-12) }))
    expect((await waiting(to)).map((l) => l.kind)).toEqual(['invitation', 'note'])
  })
})

describe('how many', () => {
  it('invitations of one household in a day are few, however fast they are asked for', async () => {
    const { owner, id } = await confirmed()
    const asked = await Promise.all(
      Array.from({ length: 40 }, () => share(owner, id, { email: `${uuid()}@example.org` })),
    )
    const posted = asked.filter((a) => a.json.mailed === 'posted').length
    // The one that confirmed the owner's address was the first.
    expect(posted).toBeGreaterThanOrEqual(8)
    expect(posted).toBeLessThanOrEqual(12)
    expect(asked.filter((a) => a.json.mailed === 'too-many')).toHaveLength(40 - posted)
  })
  it('to one address a few in all, from however many households', async () => {
    const to = `${uuid()}@example.org`
    const said: unknown[] = []
    for (let n = 0; n < 5; n++) {
      const { owner, id } = await confirmed(`Owner ${n}`)
      said.push((await share(owner, id, { email: to })).json.mailed)
    }
    expect(said).toEqual(['posted', 'posted', 'posted', 'too-many', 'too-many'])
  })
  it('from a groomer’s room there is an end too', async () => {
    const { owner, id, email } = await confirmed()
    const groomer = await newGroomer(running.address)
    const { json } = await share(owner, id)
    await groomer.call('POST', '/api/room/dogs', { code: json.code })
    const room = (await groomer.call('GET', '/api/room')).json as unknown as { dogs: { share: string }[] }
    const path = `/api/room/dogs/${room.dogs[0]!.share}/notes`
    for (let n = 0; n < 35; n++)
      expect((await groomer.call('POST', path, { id: uuid(), body: `Note ${n}` })).status).toBe(200)
    expect((await waiting(email)).filter((l) => l.kind === 'note').length).toBeLessThanOrEqual(30)
  })
})

describe('with what they are about', () => {
  it('a share asked for again, its answer lost, gives the same link and code, and one letter', async () => {
    const { owner, id } = await confirmed()
    const to = `${uuid()}@example.org`
    const again = { id: uuid(), email: to }
    const [first, second] = [await share(owner, id, again), await share(owner, id, again)]
    expect(second.status).toBe(200)
    expect(second.json).toMatchObject({ token: first.json.token, code: first.json.code })
    expect(await waiting(to)).toHaveLength(1)
    const other = await newOwner(running.address)
    await other.call('POST', '/api/dogs', { ...dog, id })
    expect((await share(other, id, again)).json.token).not.toBe(first.json.token)
  })
  it('a note is not kept without its letter: sent again, it is there with it', async () => {
    const { owner, id } = await confirmed()
    const to = `${uuid()}@example.org`
    await letsCome(to)
    await share(owner, id, { email: to })
    const note = { id: uuid(), body: 'Both or neither.' }
    const send = () => owner.call('POST', `/api/dogs/${id}/notes`, note)
    await db.query('alter table mails rename to mails_away')
    expect((await send()).status).toBe(500)
    await db.query('alter table mails_away rename to mails')
    expect((await db.query('select 1 from notes where id = $1', [note.id])).rows).toEqual([])
    expect((await send()).status).toBe(200)
    expect((await box.letter((l) => l.to.includes(to) && l.subject.includes('note'))).text).toContain(
      note.body,
    )
  })
})

describe('on their way', () => {
  /** A mail server that answers as told. */
  async function serverThat(onRcptTo: (done: (error?: Error) => void) => void) {
    const server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['STARTTLS', 'AUTH'],
      onRcptTo: (_to, _session, done) => onRcptTo(done),
      onData: (stream, _session, done) => {
        stream.resume()
        stream.on('end', () => done())
      },
    })
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
    const at = server.server.address()
    return { server, port: typeof at === 'object' && at ? at.port : 0 }
  }
  const close = (server: SMTPServer) => new Promise<void>((done) => server.close(done))

  it('what went keeps no words: its link and code are nobody’s to read', async () => {
    const { owner, id } = await confirmed()
    const to = `${uuid()}@example.org`
    const { json } = await share(owner, id, { email: to })
    await box.letter((l) => l.to.includes(to))
    await expect.poll(async () => (await waiting(to))[0]?.sent, { timeout: 60_000 }).toBeTruthy()
    const kept = JSON.stringify(await waiting(to))
    for (const secret of [String(json.token), String(json.code)]) expect(kept).not.toContain(secret)
    expect((await waiting(to))[0]).toMatchObject({ subject: '', body: '', html: '' })
  })
  it('a job that fails is told by a code: neither an address nor a letter stands in the log', async () => {
    const to = `${uuid()}@example.org`
    const { owner, id } = await confirmed()
    await share(owner, id, { email: to })
    await box.letter((l) => l.to.includes(to))
    await db.query('alter table mails rename column problem to problem_away')
    await expect.poll(() => running.said(), { timeout: 60_000 }).toMatch(/"job":"[a-z ]+","code":"42703"/)
    await db.query('alter table mails rename column problem_away to problem')
    expect(running.said()).not.toContain('@example.org')
  })
  it('a server away for hours costs no letter; one that will never have it ends it', async () => {
    const gone = await serverThat((done) => done())
    await close(gone.server)
    const other = await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${gone.port}` })
    const own = new pg.Client({ connectionString: other.databaseUrl })
    await own.connect()
    try {
      await newOwner(other.running.address)
      const due = () => own.query('update mails set due = $1', [currentInstant()])
      const state = async () => (await own.query('select tries, sent, given_up from mails')).rows[0]
      // Due again and again: whoever has it in hand puts it off once more when it is done with it.
      const tries = async () => {
        await due()
        return Number((await state()).tries)
      }
      await expect.poll(tries, { timeout: 50_000, interval: 200 }).toBeGreaterThanOrEqual(9)
      expect(await state()).toMatchObject({ sent: null, given_up: null })
      await other.running.stop()
      const never = await serverThat((done) =>
        done(Object.assign(new Error('No such mailbox'), { responseCode: 550 })),
      )
      const back = await other.start()
      await back.stop()
      const { sendMail } = await import('../../server/services/mail')
      const { DATABASE_URL = '', GRUMBO_SMTP = '', NUXT_SESSION_PASSWORD = '' } = process.env
      Object.assign(process.env, {
        DATABASE_URL: other.databaseUrl,
        GRUMBO_SMTP: `smtp://127.0.0.1:${never.port}`,
        NUXT_SESSION_PASSWORD: other.secret,
      })
      await due()
      await sendMail()
      const { connections } = await import('../../server/db/client')
      await connections().end()
      Object.assign(process.env, { DATABASE_URL, GRUMBO_SMTP, NUXT_SESSION_PASSWORD })
      expect((await state()).given_up).not.toBeNull()
      await close(never.server)
    } finally {
      await own.end()
      await other.running.stop()
    }
  }, 90_000)
  it('while a mail server dawdles nothing is held in the database', async () => {
    let answer: (() => void) | undefined
    const slow = await serverThat((done) => (answer = () => done()))
    const other = await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${slow.port}` })
    const own = new pg.Client({ connectionString: other.databaseUrl })
    await own.connect()
    try {
      await newOwner(other.running.address)
      // It has been asked, and has not answered.
      await expect.poll(() => !!answer, { timeout: 60_000 }).toBe(true)
      const { rows } = await own.query(
        `select 1 from pg_stat_activity where datname = current_database() and state like 'idle in transaction%'`,
      )
      expect(rows).toEqual([])
      answer!()
      const sent = async () => (await own.query('select sent from mails')).rows[0]?.sent
      await expect.poll(sent, { timeout: 60_000 }).toBeTruthy()
    } finally {
      await own.end()
      await other.running.stop()
      await close(slow.server)
    }
  })
})
