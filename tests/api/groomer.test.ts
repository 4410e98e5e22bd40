import { millisecondsInDay } from 'date-fns/constants'
import ICAL from 'ical.js'
import pg from 'pg'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import type { DogFile, Room } from '../../shared/answers'
import { priceWish } from '../../core/care/note/wish-price'
import { addDays } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { writePlan } from '../support/plans'
import { entry, visit } from '../support/dogs'
import { currentInstant } from '../support/clock'
import {
  daysAgo,
  joined,
  lettersMayCome,
  newDog,
  newGroomer,
  newOwner,
  PASSWORD,
  startApp,
  Visitor,
} from '../support/server'
import type { Running } from '../support/server'

let app: Running
let box: PostRoom
let owner: Visitor
let groomer: Visitor
let share: { id: string; token: string; code: string }
const dog = newDog({ nextVisit: daysAgo(-1), name: 'Tansy' })
const to = (n: number) => daysAgo(-n)

async function makeShare(more: object = {}) {
  const id = uuid()
  const body = { id, groomer: 'Imke', scope: 'stretch', days: 30, ...more }
  const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, body)
  return { id, token: String(json.token), code: String(json.code) }
}
const file = async () => (await owner.call('GET', `/api/dogs/${dog.id}`)).json as unknown as DogFile
const room = async () => (await groomer.call('GET', '/api/room')).json as unknown as Room

const confirm = async (who: Visitor, path: '/api/me' | '/api/room') =>
  lettersMayCome(box, who, String((await who.call('GET', path)).json.email))

beforeAll(async () => {
  box = await openPostRoom()
  const started = await startApp({
    GRUMBO_SMTP: `smtp://127.0.0.1:${box.port}`,
    GRUMBO_ADDRESS: 'http://grumbo.test',
  })
  app = started.running
  process.env.DATABASE_URL = started.databaseUrl
  process.env.NUXT_SESSION_PASSWORD = started.secret
  owner = await newOwner(app.address)
  await owner.call('POST', '/api/dogs', dog)
  groomer = await newGroomer(app.address)
  await confirm(owner, '/api/me')
  await confirm(groomer, '/api/room')
  share = await makeShare()
  await groomer.call('POST', '/api/room/dogs', { code: share.code })
})
afterAll(async () => {
  await app?.stop()
  await box?.close()
  const { connections } = await import('../../server/db/client')
  await connections().end()
})

describe('mail, over SMTP to the post room and read back there', () => {
  it('a note goes to the groomer’s room as words and as a page, script and all harmless', async () => {
    const words = 'Her <b>left</b> ear & <script>alert(1)</script> beard.\nSecond line.'
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: words })
    const letter = await box.letter((l) => l.subject === 'Tansy: a note from Ada')
    expect(letter.text).toContain(words)
    expect(letter.html).toContain('Her &lt;b&gt;left&lt;/b&gt; ear &amp; &lt;script&gt;')
    expect(letter.html).not.toContain('<script')
    expect(letter.html).toContain(`http://grumbo.test/room/${share.id}`)
    expect(letter.headers['content-type']).toMatch(/multipart\/alternative/)
    expect(letter.to[0]).toMatch(/@example\.org$/)
  })
  it('an answer goes to the owner, and not to one who wants none', async () => {
    const { visitor: other, email } = await joined(owner, 'owner')
    await other.call('PUT', '/api/me', { mailNotes: false, remindAt: null })
    await groomer.call('POST', `/api/room/dogs/${share.id}/notes`, { id: uuid(), body: 'Lying down, then.' })
    const letter = await box.letter((l) => l.text.includes('Lying down, then.'))
    expect(letter.html).toContain(`http://grumbo.test/dogs/${dog.id}/groomer`)
    const { json } = await owner.call('GET', '/api/me')
    expect(letter.to).toEqual([json.email])
    expect(box.letters.filter((l) => l.to.includes(email)).map((l) => l.subject)).toEqual([
      'May letters come to this address?',
    ])
  })
  it('an address the owner gives is sent the link itself, and the code', async () => {
    const { token, code } = await makeShare({ email: 'bell@example.org', groomer: 'Bell' })
    const letter = await box.letter((l) => l.to.includes('bell@example.org'))
    expect(letter.text).toContain(`http://grumbo.test/l/${token}`)
    expect(letter.text.replace(/-/g, '')).toContain(code)
  })
  it('a subject has one line, whatever the dog is called', async () => {
    // No dog can be called so any more; one in the database from before could be.
    const called = 'Pip\r\nBcc: all@example.org'
    const odd = newDog({ name: 'Pip' })
    expect((await owner.call('POST', '/api/dogs', newDog({ name: called }))).status).toBe(422)
    await owner.call('POST', '/api/dogs', odd)
    const client = new pg.Client({ connectionString: process.env.DATABASE_URL })
    await client.connect()
    await client.query(
      `update dogs set profile = profile || jsonb_build_object('name', $1::text) where id = $2`,
      [called, odd.id],
    )
    await client.end()
    await owner.call('POST', `/api/dogs/${odd.id}/shares`, {
      id: uuid(),
      groomer: 'Odd',
      scope: 'note',
      days: 3,
      email: 'odd@example.org',
    })
    const letter = await box.letter((l) => l.to.includes('odd@example.org'))
    expect(letter.headers.bcc).toBeUndefined()
    expect(letter.to).toEqual(['odd@example.org'])
  })
  it('waits for a server that is away, and goes when it is back', async () => {
    const { port } = box
    await box.close()
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: 'Are you there?' })
    const { db } = await import('../../server/db/client')
    const { mails } = await import('../../server/db/schema')
    const tried = async () => (await db().select().from(mails)).find((m) => m.tries > 0)
    await expect.poll(tried, { timeout: 60_000 }).toBeDefined()
    box = await openPostRoom(port)
    await db().update(mails).set({ due: currentInstant() })
    expect((await box.letter((l) => l.text.includes('Are you there?'))).subject).toContain('Tansy')
  })
})

describe('reminders', () => {
  it('come at the owner’s hour in the household’s time zone, once a day, of what is planned and not done', async () => {
    const { remind } = await import('../../server/services/reminders')
    const owner = await newOwner(app.address, 'Ruth')
    const mine = newDog({ name: 'Wren', nextVisit: to(30) })
    await owner.call('POST', '/api/dogs', mine)
    // Two hours east of Greenwich all year round.
    await owner.call('PUT', '/api/household', { name: 'Ruth’s', timeZone: 'Africa/Johannesburg' })
    const dayIn = (at: Date) =>
      new Intl.DateTimeFormat('en-CA', { timeZone: 'Africa/Johannesburg' }).format(at)
    // The first day on which that hour is still to come.
    const on = dayIn(new Date(currentInstant().getTime() + 6 * 3_600_000))
    const written = dayIn(currentInstant())
    await owner.call('POST', `/api/dogs/${mine.id}/entries`, {
      entries: [
        writePlan(
          mine.profile,
          written,
          to(30),
          [{ day: on, places: ['beard', 'armpit'] }],
          [
            { day: on, unit: 'nails.left', pinned: false },
            { day: on, unit: 'nails.right', pinned: false },
          ],
        ),
      ],
    })
    const at = (hour: number) => new Date(`${on}T${String(hour - 2).padStart(2, '0')}:05:00Z`)
    await confirm(owner, '/api/me')
    expect(await remind(at(19))).toBe(0)
    await owner.call('PUT', '/api/me', { mailNotes: true, remindAt: 18 * 60 })
    expect(await remind(at(17))).toBe(0)
    expect((await Promise.all([remind(at(18)), remind(at(18))])).reduce((a, b) => a + b)).toBe(1)
    const letter = await box.letter((l) => l.subject === 'On the table today')
    expect(letter.text).toContain('Wren: beard, armpits, nails, a look.')
    expect(await remind(at(19))).toBe(0)
    // A day of care alone is said as well.
    const next = (hour: number) => new Date(at(hour).getTime() + 24 * 3_600_000)
    const nextDay = addDays(on, 1)
    const care = [{ day: nextDay, unit: 'look-over' as const, pinned: false }]
    const plan = writePlan(mine.profile, written, to(30), [], care)
    await owner.call('POST', `/api/dogs/${mine.id}/entries`, { entries: [plan] })
    expect(await remind(next(18))).toBe(1)
    await box.letter((l) => l.subject === 'On the table today' && /Wren: look-over\./.test(l.text))
  })
})

describe('a visit entered by the groomer', () => {
  const day = daysAgo(0)
  const id = uuid()
  const advice = entry(day, {
    kind: 'advice',
    from: 'Nobody',
    place: 'hindfoot',
    says: 'Lying down, two at a time.',
  })
  const enter = (by = groomer, at = share.id) =>
    by.call('POST', `/api/room/dogs/${at}/visits`, {
      visit: {
        ...visit(day, 'wool-cross', 13),
        id,
        what: {
          ...visit(day, 'wool-cross', 13).what,
          by: 'Somebody else',
          except: [{ place: 'armpit', mm: 3 }],
          found: [{ region: 'behind-ear.left', finding: 'mat', count: 1 }],
          did: ['bath', 'clip'],
          comfort: 'fidgety',
          allows: { setting: 'taught', taught: ['rear-blade'], mats: true },
          suggests: { day: to(42), why: 'One mat where none was forecast.' },
        },
      },
      advice: [advice],
    })

  it('closes the stretch, teaches, books, and leaves instructions with the groomer’s own name', async () => {
    // It is worked out in a thread of its own.
    await expect.poll(async () => (await room()).dogs[0]!.arrival?.visit, { timeout: 60_000 }).toBe(to(1))
    expect((await enter()).status).toBe(200)
    const { profile, entries } = await file()
    const [seen] = entries.filter((e) => e.id === id)
    expect(seen!.what).toMatchObject({ by: 'Imke', comfort: 'fidgety' })
    expect(entries.find((e) => e.what.kind === 'advice')!.what).toMatchObject({ from: 'Imke' })
    expect(profile.habits).toMatchObject({
      setting: 'taught',
      taughtBy: 'Imke',
      taught: ['rear-blade'],
      matsShownBy: 'Imke',
    })
    // Tomorrow's booking stands: it is later than the visit that was entered.
    expect(profile.nextVisit).toBe(to(1))
  })
  it('twice is once, and the room knows of it', async () => {
    expect((await enter()).status).toBe(200)
    const { entries } = await file()
    expect(entries.filter((e) => e.what.kind === 'advice')).toHaveLength(1)
    // It is worked out anew in a thread of its own.
    await expect
      .poll(async () => (await room()).dogs[0]!.arrival?.mm[0], { timeout: 60_000 })
      .toBeLessThanOrEqual(3)
  })
  it('a clip at home is no visit, and a check is no instruction', async () => {
    const home = { ...visit(day, 'wool-cross', 13), id: uuid() }
    const at = `/api/room/dogs/${share.id}/visits`
    const answer = await groomer.call('POST', at, {
      visit: { ...home, what: { ...home.what, home: true } },
      advice: [],
    })
    expect([answer.status, answer.json.message]).toEqual([422, 'That is not a visit.'])
    const check = entry(day, { kind: 'check', region: 'beard', finding: 'glides' })
    expect((await groomer.call('POST', at, { visit: home, advice: [check] })).status).toBe(422)
  })
})

describe('what a groomer says between visits', () => {
  const say = (what: Entry['what'], id = uuid()) =>
    groomer.call('POST', `/api/room/dogs/${share.id}/words`, { entry: { id, day: daysAgo(0), what } })

  it('is written under their own name, whatever name was sent, and twice is once', async () => {
    const wish = entry(daysAgo(0), { kind: 'wish', lines: [{ part: 'body', mm: 16 }] })
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [wish] })
    const answer = {
      kind: 'wish-answer' as const,
      wish: wish.id,
      from: 'Somebody else',
      lines: [{ part: 'body' as const, how: 'rather' as const, mm: 13 }],
    }
    const id = uuid()
    for (let n = 0; n < 2; n++) expect((await say(answer, id)).status).toBe(200)
    expect((await say({ kind: 'proposed', from: 'Nobody', days: [to(30)] })).status).toBe(200)
    const { entries } = await file()
    expect(entries.filter((e) => e.id === id)).toMatchObject([{ what: { from: 'Imke' } }])
    expect(entries.find((e) => e.what.kind === 'proposed')!.what).toMatchObject({ from: 'Imke' })
  })
  it('is nothing but that: no check, no truth of the dog, no wish, nothing taken back', async () => {
    for (const what of [
      { kind: 'check', region: 'beard', finding: 'mat' },
      { kind: 'dog', weightKg: 3 },
      { kind: 'wish', lines: [{ part: 'body', mm: 3 }] },
      { kind: 'correction', replaces: uuid(), by: null },
    ] as Entry['what'][])
      expect((await say(what)).status).toBe(422)
  })
  it('what a length costs is what the owner’s own record says, to the minute', async () => {
    const lines = [{ part: 'legs' as const, mm: 14 }]
    const { json } = await groomer.call('POST', `/api/room/dogs/${share.id}/price`, { lines })
    const { profile, began, entries } = (await file()) as unknown as Parameters<typeof priceWish>[0]
    const here = priceWish({ profile, began, entries }, daysAgo(0), lines)
    expect((json.lines as { minutes: number }[])[0]!.minutes).toBeCloseTo(here.lines[0]!.minutes, 6)
    expect(json.have).toBe(here.have)
    expect((await groomer.call('POST', `/api/room/dogs/${share.id}/price`, { lines: [] })).status).toBe(422)
  })
})

describe('the private calendar address', () => {
  it('gives the plan and the visit to whoever has it, until another is made', async () => {
    const sessions = [{ day: to(2), places: ['beard', 'armpit'] as const }]
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
      entries: [writePlan((await file()).profile, daysAgo(0), to(9), sessions)],
    })
    const make = async () => String((await owner.call('POST', `/api/dogs/${dog.id}/feed`)).json.token)
    const read = (token: string) => new Visitor(app.address).call('GET', `/api/feed/${token}.ics`)
    const first = await make()
    const answer = await read(first)
    expect(answer.headers.get('content-type')).toContain('text/calendar')
    const calendar = new ICAL.Component(
      ICAL.parse(answer.bytes.toString()) as ConstructorParameters<typeof ICAL.Component>[0],
    )
    const events = calendar.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e))
    const said = events.map((e) => `${e.startDate.toString()} ${e.summary}`)
    expect(said).toContain(`${to(2)} Comb Tansy, 2 places`)
    expect(said).toContain(`${to(1)} Tansy: the visit, Imke`)
    const second = await make()
    expect([(await read(first)).status, (await read(second)).status]).toEqual([404, 200])
    await owner.call('DELETE', `/api/dogs/${dog.id}/feed`)
    expect((await read(second)).status).toBe(404)
  })
})

describe('deleting everything', () => {
  it('is told, can be taken back, and happens after the grace', async () => {
    const { deleteDue } = await import('../../server/services/deletion')
    const leaving = await newOwner(app.address, 'Cy')
    const email = String((await leaving.call('GET', '/api/me')).json.email)
    const theirs = newDog()
    await leaving.call('POST', '/api/dogs', theirs)
    const later = new Date(currentInstant().getTime() + 15 * millisecondsInDay)
    const ask = () => leaving.call('POST', '/api/household/deletion')
    const when = String((await ask()).json.deleteAfter)
    expect((Date.parse(when) - currentInstant().getTime()) / millisecondsInDay).toBeCloseTo(14, 1)
    expect((await ask()).json.deleteAfter).toBe(when)
    expect((await leaving.call('GET', '/api/household')).json.deleteAfter).toBe(when)
    expect(await deleteDue()).toBe(0)
    await leaving.call('DELETE', '/api/household/deletion')
    expect(await deleteDue(later)).toBe(0)
    await ask()
    expect(await deleteDue(later)).toBe(1)
    expect((await leaving.call('GET', `/api/dogs/${theirs.id}`)).status).toBe(401)
    const form = { email, password: PASSWORD }
    expect((await new Visitor(app.address).call('POST', '/api/session', form)).status).toBe(401)
  })
})
