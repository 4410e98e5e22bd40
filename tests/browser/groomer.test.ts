import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync, strFromU8 } from 'fflate'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 as uuid } from 'uuid'
import { addDays } from '../../core/record/day'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import { servePostRoom } from '../../post-room/page'
import type { DogFile, Me } from '../../shared/answers'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, lettersMayCome, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, Key, Page, PHONE, refused } from '../support/page'
// @ts-expect-error plain script
import { freePort } from '../../scripts/lib/shell.mjs'

/** Two people share one coat: the owner at a desk, the groomer on a phone, both open at once. */
let running: Running
let box: PostRoom
let post: Awaited<ReturnType<typeof servePostRoom>>
let by: Visitor
let owner: Page
let groomer: Page
const today = daysAgo(0)
const dog = newDog({
  name: 'Tansy',
  groomer: 'Imke',
  nextVisit: today,
  minutes: [20, 20, 20, 20, 20, 20, 20],
  habits: { weather: false },
})
const photo = entry(daysAgo(2), { kind: 'photo', place: 'beard', says: 'after the swim' })
const file = async () => (await by.call('GET', `/api/dogs/${dog.id}`)).json as unknown as DogFile
let email: string

beforeAll(async () => {
  box = await openPostRoom()
  post = await servePostRoom(box, (await freePort()) as number)
  running = (await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${box.port}` })).running
  by = await newOwner(running.address, 'Ada')
  email = ((await by.call('GET', '/api/me')).json as unknown as Me).email
  await lettersMayCome(box, by, email)
  await by.call('POST', '/api/dogs', dog)
  await by.call('POST', `/api/dogs/${dog.id}/entries`, {
    entries: [
      photo,
      entry(daysAgo(4), { kind: 'check', region: 'armpit.left', finding: 'mat', count: 1, out: 0 }),
      entry(daysAgo(4), { kind: 'check', region: 'hindfoot.left', finding: 'refused', comfort: 'stopped' }),
    ],
  })
  await by.call('PUT', `/api/dogs/${dog.id}/photographs/${photo.id}`, await aPicture())
  ;[owner, groomer] = await Promise.all([Page.open(running.address, DESK), Page.open(running.address, PHONE)])
  groomer.byTouch = true
  await owner.signIn(email, PASSWORD)
})
afterAll(async () => {
  await Promise.all([owner?.close(), groomer?.close()])
  await running?.stop()
  post?.close()
  await box?.close()
})

describe('the groomer’s room', () => {
  let code = ''
  it('the owner sends a note with the map and a photograph, and gives a code', async () => {
    await owner.visit(`/dogs/${dog.id}/groomer`)
    await owner.says('Goes along')
    await owner.tap(await owner.find('[type=checkbox][aria-label^=Photograph]'))
    expect(await owner.violations()).toEqual([])
    await owner.press('Send to Imke')
    await owner.says('Give Imke this link')
    code = await owner.text('[data-code]')
    expect(code).toMatch(/^\w{4}-\w{4}-\w{4}$/)
    await owner.find('[data-attached] svg')
    await owner.find('[data-attached] img')
  })

  it('the groomer opens a room on a phone, adds the dog, and sees what is coming', async () => {
    groomer.foresee(refused(404))
    await groomer.visit('/room')
    await groomer.says('The groomer’s room')
    expect(await groomer.violations()).toEqual([])
    const address = await groomer.openRoom('Imke', 'The Wash House', PASSWORD)
    await lettersMayCome(box, by, address)
    await groomer.says('No dog yet')
    await groomer.press('Add a dog by its code')
    await groomer.type('[name=code]', 'AAAA-AAAA-AAAA')
    await groomer.press('Add')
    await groomer.says('Nothing opens with that')
    await groomer.type('[name=code]', code.toLowerCase())
    await groomer.press('Add')
    await groomer.find('[data-room-dog]')
    // The forecast is worked out in a thread of its own, and comes a moment later.
    await groomer.says('Hind feet')
    const line = await groomer.text('[data-room-dog]')
    expect(line).toContain('Tansy')
    expect(line).toContain('Today')
    expect(line).toContain('a new note')
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    await groomer.tap(await groomer.find('[data-room-dog]'))
    await groomer.says('Enter a visit')
    await groomer.find('[data-attached] svg')
    await groomer.find('img[alt="after the swim"]')
    expect(await groomer.text('[data-stories]')).toContain('Left armpit')
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    // The same map, of what was done at home: a place says when a comb was there and what it met.
    await groomer.press('what was done')
    await groomer.says('The longer no comb has been there')
    await groomer.tap(await groomer.find('[data-region="armpit.left"]'))
    expect(await groomer.text('[data-of-place]')).toMatch(/^Left armpit:.*combed .*; mat .*, left/)
    expect(await groomer.violations()).toEqual([])
  })

  it('the room’s week stands day by day, with the groomer’s own calendar read on their device alone', async () => {
    await groomer.visit('/room')
    await groomer.press('day by day')
    await groomer.find('[data-room-week] svg')
    const file = join(mkdtempSync(join(tmpdir(), 'grumbo-week-')), 'mine.ics')
    const stamp = daysAgo(0).replaceAll('-', '')
    const event = (n: number, from: string, to: string) =>
      `BEGIN:VEVENT\r\nUID:${n}\r\nDTSTART:${stamp}T${from}00\r\nDTEND:${stamp}T${to}00\r\nEND:VEVENT\r\n`
    writeFileSync(
      file,
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n${event(1, '0900', '1100')}${event(2, '1200', '1330')}END:VCALENDAR\r\n`,
    )
    await (await groomer.find('[name=week-calendar]')).sendKeys(file)
    await groomer.says('known on this device')
    await groomer.press('The figures')
    expect(await groomer.text('[data-room-week] table')).toMatch(/1\s+210 min[\s\S]*11:00 to 12:00/)
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    await groomer.tap(await groomer.find('[data-room-dog]'))
    await groomer.says('Enter a visit')
  })

  it('a visit the groomer enters changes the owner’s plan, settings and table', async () => {
    const before = (await file()).profile
    // The owner's page is open all the while, at today's session.
    await owner.visit(`/dogs/${dog.id}`)
    await owner.says(/Comb .* places/)

    await groomer.press('Enter a visit')
    await groomer.says('Press a place where something was found')
    await groomer.type('[name=all]', '13')
    await groomer.tap(await groomer.find('[data-region="armpit.left"]'))
    await groomer.says('Left armpit')
    await groomer.press('mat')
    // Counting sends nothing: the visit is still being entered.
    await groomer.press('One more')
    await groomer.press('One fewer')
    await groomer.find('[name=place-mm]')
    expect((await file()).entries.some((e) => e.what.kind === 'visit' && e.day === today)).toBe(false)
    await groomer.type('[name=place-mm]', '3')
    await groomer.press('Next place')
    await groomer.tap(await groomer.find('[data-region="hindfoot.left"]'))
    await groomer.press('glides')
    await groomer.choose('[data-pick=place-position]', 'lying')
    await groomer.choose('[data-pick=place-first]', 'right')
    await groomer.type('[name=place-advice]', 'Lying down, two at a time.')
    await groomer.press('Next place')
    await groomer.press('Bath and dry')
    await groomer.press('fidgety')
    await groomer.choose('[data-pick=setting]', 'taught')
    await groomer.tap(await groomer.find('[data-shown=sanitary] button:nth-of-type(2)'))
    await groomer.type('[name=word]', 'One mat, taken short. The rest was a pleasure.')
    await groomer.says(/One mat where .* forecast/)
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    await groomer.press('Enter the visit')
    await groomer.says('The visit is in Ada’s record')

    const { profile, entries } = await file()
    const visit = entries.flatMap((e) => (e.what.kind === 'visit' && e.day === today ? [e.what] : []))[0]!
    expect(visit).toMatchObject({ by: 'Imke', did: ['bath'], comfort: 'fidgety' })
    expect(visit.except).toEqual([{ place: 'armpit', mm: 3 }])
    expect(visit.found.filter((f) => f.finding === 'mat')).toHaveLength(1)
    expect(before.nextVisit).toBe(today)
    // What works, as the groomer found it, is true of the dog from now on.
    expect(profile.works).toEqual([{ place: 'hindfoot', position: 'lying', first: 'right' }])
    expect(profile.nextVisit! > addDays(today, 27)).toBe(true)

    await owner.driver.navigate().refresh()
    await owner.until(
      async () => !/^Comb/.test(await owner.text('h1')),
      'a coat just groomed is still to be combed',
    )
    await owner.says('Lying down, two at a time.')
    await owner.visit(`/dogs/${dog.id}/groomer`)
    await owner.says('The rest was a pleasure.')
    await owner.visit(`/dogs/${dog.id}/tidies?at=sanitary`)
    await owner.says(/Imke/)
  })

  it('the instruction stands at its place on the table, with the groomer’s name, until it is done with', async () => {
    await owner.visit(`/dogs/${dog.id}`)
    await owner.tap(await owner.find('[data-region="hindfoot.left"]'))
    await owner.press('Comb just this')
    expect(await owner.text('main p[data-advice]')).toBe('Imke: Lying down, two at a time.')
    await owner.press('End here')
    await owner.visit(`/dogs/${dog.id}`)
    await owner.find('[data-advice]')
    await owner.press('Read')
    await owner.until(
      async () => (await file()).entries.some((e) => e.what.kind === 'advice-answer'),
      'the answer did not go up',
    )
    await owner.press('One for home')
    await groomer.driver.navigate().refresh()
    await groomer.says('For home, still standing')
    expect(await groomer.text('[data-standing]')).toBe('Hind feet: Lying down, two at a time. read')
    await owner.press('Ask')
    await owner.until(
      async () =>
        (await owner.hidden('[data-note-preview]')).includes(
          'You said of the hind feet: “Lying down, two at a time.”',
        ),
      'it is not asked in the draft',
    )
    await owner.visit(`/dogs/${dog.id}`)
    await owner.press('One for home')
    await owner.says('asked about')
    await owner.press('Done with')
    await owner.until(async () => !(await owner.all('[data-advice]')).length, 'it still stands')
  })

  it('each note went by mail, and the post room shows it', async () => {
    await box.letter((l) => l.to.includes(email) && l.text.includes('The rest was a pleasure.'))
    await owner.visit(post.address)
    await owner.says('Tansy: a note from Imke')
    await owner.press('Tansy: a note from Imke')
    await owner.says('As a page')
    expect(await owner.violations()).toEqual([])
  })
})

describe('a link alone', () => {
  it('with the notes alone shows neither map nor findings; kept, it is in the room', async () => {
    await owner.visit(`/dogs/${dog.id}/groomer`)
    await owner.choose('[data-pick=scope]', 'note')
    await owner.type('[name=share-groomer]', 'Bell')
    await owner.press('Make a link and a code')
    await owner.says('Give')
    const link = (await (await owner.find('[data-link]')).getAttribute('value'))!
    await groomer.visit(link)
    await groomer.says('For Bell from Ada')
    expect(await groomer.all('[data-stories], [data-region]')).toHaveLength(0)
    // What Imke wrote is between her and the owner.
    expect(await groomer.words()).not.toContain('The rest was a pleasure.')
    await groomer.press('Keep Tansy in my room')
    await groomer.says('All dogs')
    await groomer.visit('/room')
    await groomer.press('All dogs')
    await groomer.says('Shared: the notes alone')
  })
  it('a closed share is gone from the room, in words', async () => {
    groomer.foresee(refused(404))
    // The list is read anew by itself, so the way there is known before the share is closed.
    const there = await (await groomer.find('[data-room-dog]')).getAttribute('href')
    const { json } = await by.call('GET', `/api/dogs/${dog.id}/notes`)
    for (const s of json.shares as { id: string }[])
      await by.call('DELETE', `/api/dogs/${dog.id}/shares/${s.id}`)
    await groomer.visit(new URL(there!, running.address).pathname)
    await groomer.says('This dog is not in your room')
    await groomer.press('Back to the list')
    await groomer.says('No dog yet')
  })
})

describe('the owner’s own', () => {
  it('enters a visit from a slip, which a later visit stands after', async () => {
    await owner.visit(`/dogs/${dog.id}/visit`)
    await owner.says('A visit, from the slip')
    await owner.type('[name=all]', '9999')
    await owner.says('400')
    await owner.type('[name=all]', '16')
    await owner.type('[name=by]', 'Bell')
    await owner.setTo('[name=next]', addDays(today, 40))
    expect(await owner.violations()).toEqual([])
    await owner.press('Enter the visit')
    await owner.until(async () => (await owner.at()) === `/dogs/${dog.id}`, 'it stays on the slip')
    const { profile } = await file()
    expect(profile.groomer).toBe('Bell')
  })

  it('saves everything in a zip, photographs too, and a calendar address reads it', async () => {
    await owner.visit(`/dogs/${dog.id}/data`)
    await owner.says('It is yours')
    await owner.driver.executeScript(`
      window.handed = null
      const was = URL.createObjectURL
      URL.createObjectURL = (b) => {
        const reader = new FileReader()
        reader.onload = () => (window.handed = reader.result.split(',')[1])
        reader.readAsDataURL(b)
        return was.call(URL, b)
      }`)
    await owner.press('Everything, with photographs, zip')
    await owner.until(() => owner.driver.executeScript('return window.handed !== null'), 'nothing came')
    const bytes = Buffer.from(await owner.driver.executeScript<string>('return window.handed'), 'base64')
    const files = unzipSync(bytes)
    expect(Object.keys(files).sort()).toEqual([
      'diary.csv',
      `photographs/${photo.day}-${photo.id}.jpg`,
      'plan.ics',
      'record.json',
      'thread.json',
    ])
    expect(strFromU8(files['thread.json']!)).toContain('The rest was a pleasure.')
    await owner.press('Make an address')
    const address = (await (await owner.find('[data-feed]')).getAttribute('value'))!
    expect(await (await fetch(address)).text()).toContain('SUMMARY:Tansy: the visit')
  })
})

describe('a household', () => {
  it('a helper joins by invitation, logs, and is told when they are taken out; a viewer only looks', async () => {
    groomer.foresee(refused(404), refused(401))
    await owner.visit('/household')
    await owner.says('Who is here')
    expect(await owner.violations()).toEqual([])
    await owner.type('[name=invite-name]', 'Di')
    await owner.press('Make an invitation')
    const link = (await (await owner.find('[data-invitation]')).getAttribute('value'))!
    await groomer.visit(link)
    await groomer.says('You may log what is done')
    expect(await groomer.violations()).toEqual([])
    await groomer.type('[name=email]', `${uuid()}@example.org`)
    await groomer.type('[name=password]', PASSWORD)
    await groomer.press('Join')
    await groomer.says('Since then')
    await groomer.press('Rain')
    await groomer.says('Soaked by rain')
    await groomer.until(
      async () => (await file()).entries.some((e) => e.what.kind === 'wet' && e.day === today),
      'it did not go up',
    )

    await owner.driver.navigate().refresh()
    await owner.choose('[data-member=Di]', 'viewer')
    await owner.says('viewer: looks')
    await groomer.driver.navigate().refresh()
    await groomer.says('Since then')
    await groomer.press('A swim')
    await groomer.says('You may look here, not write')
    expect((await file()).entries.some((e) => e.what.kind === 'wet' && e.what.how === 'swim')).toBe(false)

    // Asked first; a no changes nothing.
    await owner.press('Take out')
    await owner.says('Take Di out?')
    expect(await owner.violations()).toEqual([])
    await owner.keys(Key.ESCAPE)
    await owner.until(async () => !(await owner.all('[data-ask]')).length, 'it still asks')
    expect(await owner.all('[data-member=Di]')).toHaveLength(1)
    await owner.press('Take out')
    await owner.tap(await owner.find('[data-ask] button:last-child'))
    await owner.until(async () => !(await owner.all('[data-member=Di]')).length, 'still here')
    await groomer.visit(link)
    await groomer.says('This invitation opens nothing')
    await groomer.visit(`/dogs/${dog.id}`)
    await groomer.until(async () => (await groomer.at()) === '/', 'still in')
    await groomer.says('You are no longer a member of')
  })
  it('deletion is told with its day, and taken back', async () => {
    owner.foresee(refused(409))
    await owner.press('Delete everything')
    await owner.press('Yes, in 14 days')
    await owner.says('Everything here is deleted on')
    expect(await owner.violations()).toEqual([])
    await owner.press('Keep it after all')
    await owner.until(async () => !/is deleted on/.test(await owner.words()), 'it still goes')
    await owner.press('Leave')
    await owner.tap(await owner.find('[data-ask] button:last-child'))
    await owner.says('A household keeps an owner')
  })
})
