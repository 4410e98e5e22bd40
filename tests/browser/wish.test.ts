import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 as uuid } from 'uuid'
import { addDays } from '../../core/record/day'
import { shortWeekday } from '../../core/record/say-day'
import type { DogFile, Me } from '../../shared/answers'
import { writeCalendar } from '../../shared/calendar'
import { currentInstant } from '../support/clock'
import { entry } from '../support/dogs'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, NO_SERVER, Page, PHONE, refused } from '../support/page'

/** One wish from the owner's desk to the groomer's hands and home again: its price, its answer, the visit, the days. */
let running: Running
let by: Visitor
let owner: Page
let groomer: Page
const today = daysAgo(0)
const dog = newDog({
  name: 'Tansy',
  groomer: 'Imke',
  nextVisit: today,
  minutes: [12, 12, 12, 12, 12, 40, 0],
  habits: { weather: false },
})
const file = async () => (await by.call('GET', `/api/dogs/${dog.id}`)).json as unknown as DogFile
const facts = async <K extends string>(kind: K) =>
  (await file()).entries.flatMap((e) => (e.what.kind === kind ? [e.what] : []))
const number = (text: string) => Number(/\d+/.exec(text)![0])

beforeAll(async () => {
  running = (await startApp()).running
  by = await newOwner(running.address, 'Ada')
  const { email } = (await by.call('GET', '/api/me')).json as unknown as Me
  await by.call('POST', '/api/dogs', dog)
  await by.call('POST', `/api/dogs/${dog.id}/entries`, {
    entries: [
      entry(daysAgo(4), { kind: 'check', region: 'armpit.left', finding: 'mat', count: 1, out: 0 }),
      entry(daysAgo(4), { kind: 'check', region: 'chest', finding: 'glides' }),
    ],
  })
  const { json } = await by.call('POST', `/api/dogs/${dog.id}/shares`, {
    id: uuid(),
    groomer: 'Imke',
    scope: 'stretch',
    days: 30,
  })
  ;[owner, groomer] = await Promise.all([Page.open(running.address, DESK), Page.open(running.address, PHONE)])
  groomer.byTouch = true
  await owner.signIn(email, PASSWORD)
  await groomer.visit('/room')
  await groomer.openRoom('Imke', 'The Wash House', PASSWORD)
  await groomer.press('Add a dog by its code')
  await groomer.type('[name=code]', String(json.code))
  await groomer.press('Add')
  await groomer.find('[data-room-dog]')
})
afterAll(async () => {
  await Promise.all([owner?.close(), groomer?.close()])
  await running?.stop()
})

describe('a wish, place by place', () => {
  it('begins as the last visit left it; each change has its price at once, and it outlives the page', async () => {
    await owner.visit(`/dogs/${dog.id}/groomer`)
    await owner.press('Wish for the cut')
    await owner.says('What you would like of Imke')
    await owner.until(async () => (await owner.all('[data-sum]')).length > 0, 'it has no price')
    const before = number(await owner.text('[data-wish=Legs] [data-minutes]'))
    await owner.tap(await owner.find('[data-wish=Legs]'))
    for (let i = 0; i < 2; i++) await owner.tap(await owner.find('[data-wish-edit] [aria-label=Longer]'))
    await owner.type('[name=shape]', 'fluffy')
    await owner.until(
      async () => number(await owner.text('[data-wish=Legs] [data-minutes]')) > before,
      'longer legs cost no more',
    )
    // No more than there is can be left.
    await owner.tap(await owner.find('[data-wish-edit] [aria-label=Longer]'))
    await owner.find('[data-up-to]')
    await owner.tap(await owner.find('[data-wish-edit] [aria-label=Shorter]'))
    await owner.press('Done')
    // Short where it mats, by a press; and a place from the map, left to grow.
    const all = async () => number(await owner.text('[data-sum] dd'))
    const whole = await all()
    await owner.press('Armpits')
    await owner.until(async () => (await all()) < whole, 'short armpits spare nothing')
    expect(await owner.text('[data-wish=Armpits]')).toContain('2 mm')
    await owner.choose('[data-pick=add-wish]', 'tail-base')
    await owner.press('let grow')
    expect(await owner.text('[data-wish="Tail base"]')).toContain('left to grow')
    expect(await owner.violations()).toEqual([])
    await owner.driver.navigate().refresh()
    await owner.find('[data-wish="Tail base"]')
    await owner.tap(await owner.find('[data-wish="Tail base"]'))
    await owner.press('Take it off the list')
    await owner.press('Ask Imke')
    await owner.says('Asked of Imke')
    await owner.until(async () => (await facts('wish')).length === 1, 'it did not go up')
    // Taken back, it is to be asked again.
    await owner.press('Undo')
    await owner.says('What you would like of Imke')
  })

  it('taken back it is wished anew, and asked', async () => {
    await owner.visit(`/dogs/${dog.id}/wish`)
    await owner.says('What you would like of Imke')
    await owner.tap(await owner.find('[data-wish=Legs]'))
    for (let i = 0; i < 2; i++) await owner.tap(await owner.find('[data-wish-edit] [aria-label=Longer]'))
    await owner.press('Done')
    await owner.press('Armpits')
    await owner.find('[data-wish=Armpits]')
    await owner.press('Ask Imke')
    await owner.says('Asked of Imke')
    await owner.says('sees it on the shared page')
  })

  it('the groomer sees the same figures, answers each line, and sees what their own length costs', async () => {
    await groomer.visit('/room')
    await groomer.tap(await groomer.find('[data-room-dog]'))
    await groomer.says('The wish, place by place')
    await groomer.until(
      async () => /min a week/.test(await groomer.text('[data-wish=Legs]')),
      'the room has no price',
    )
    const cost = number(await groomer.text('[data-wish=Legs] [data-minutes]'))
    await owner.until(
      async () => number(await owner.text('[data-wish=Legs] [data-minutes]')) === cost,
      'the owner and the room have other figures',
    )
    expect(await groomer.violations()).toEqual([])
    await groomer.press('Answer the wish')
    expect(await groomer.text('[data-answering] [type=submit]')).toContain('still to answer')
    await groomer.press('All of it: will do')
    const legs = '[data-answering] li:nth-child(2)'
    await groomer.tap(await groomer.find(`${legs} [role=radio]:nth-child(3)`))
    for (let i = 0; i < 9; i++) await groomer.tap(await groomer.find(`${legs} [aria-label=Shorter]`))
    await groomer.type(`${legs} input`, 'They felted twice.')
    await groomer.until(
      async () => number(await groomer.text(`${legs} [data-rather-price]`)) < cost,
      'shorter costs no less',
    )
    expect(await groomer.sideways()).toBe(0)
    expect(await groomer.violations()).toEqual([])
    await groomer.press('Send the answer')
    await groomer.says('Answer otherwise')
    await groomer.says('They felted twice.')
  })

  it('the owner takes the answer; what it costs is the groomer’s figure', async () => {
    await owner.driver.navigate().refresh()
    await owner.says(/Imke will do five, and would cut one otherwise/)
    expect(await owner.text('[data-wish=Legs]')).toContain('They felted twice.')
    expect(await owner.violations()).toEqual([])
    await owner.until(async () => (await owner.all('[data-sum]')).length === 2, 'the answer has no price')
    await owner.press('Take the answer, legs')
    await owner.says('Agreed with Imke')
    await owner.until(async () => (await facts('wish-taken')).length === 1, 'it did not go up')
    await groomer.driver.navigate().refresh()
    await groomer.says('took your answer: it is agreed')
  })
})

describe('the visit on a phone with wet hands', () => {
  it('what was said and agreed is entered by a press each; the page closed, it is gone on with', async () => {
    await groomer.press('Enter a visit')
    await groomer.tap(await groomer.find('[data-as-said]'))
    expect(await groomer.text('[data-marked]')).toContain('mat')
    await groomer.tap(await groomer.find('[data-as-agreed]'))
    const legs = (await facts('wish-answer')).flatMap((a) => ('lines' in a ? a.lines : []))
    const agreed = legs.find((l) => 'part' in l && l.part === 'legs')! as { mm: number }
    await groomer.until(
      async () =>
        (await (await groomer.find('[name=part-legs]')).getAttribute('value')) === String(agreed.mm),
      'the agreed length is not there',
    )
    // The body by a blade, against the lie.
    await groomer.choose('[data-pick=part-body-tool]', '#4F')
    await groomer.tap(await groomer.find('[data-cut=part-body] [role=radio]:nth-child(3)'))
    await groomer.until(
      async () => (await (await groomer.find('[name=part-body]')).getAttribute('value')) === '6.3',
      'against the lie it leaves no less',
    )
    await groomer.type('[name=knot-minutes]', '12')
    await groomer.driver.navigate().refresh()
    await groomer.press('Go on with the visit')
    await groomer.says('Taken up where it was left')
    expect(await groomer.text('[data-marked]')).toContain('mat')
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
  })

  it('entered with the signal cut it is kept, and goes up by itself when there is one', async () => {
    await groomer.choose('[data-pick=setting]', 'taught')
    await groomer.tap(await groomer.find('[data-shown=sanitary] button:nth-of-type(2)'))
    await groomer.type('[name=advice]', 'Feet lying down.')
    await groomer.until(
      async () => (await groomer.all('[data-next-visit] li button')).length === 3,
      'no odds of when to come again',
    )
    await groomer.setTo('[name=next]', addDays(today, 42))
    await groomer.setTo('[name=next-or-1]', addDays(today, 44))
    await groomer.signal(false)
    groomer.foresee(NO_SERVER)
    await groomer.press('Enter the visit')
    await groomer.says('the visit is kept on this device')
    expect((await facts('visit')).length).toBe(1)
    // Opened again it is to be entered again: what was written since is what goes.
    expect(await groomer.all('[data-visit-form]')).toHaveLength(0)
    await groomer.press('Go on with the visit')
    await groomer.says('Taken up where it was left')
    await groomer.press('Enter the visit')
    await groomer.says('the visit is kept on this device')
    await groomer.signal(true)
    await groomer.says('The visit is in Ada’s record')
    const visits = (await facts('visit')) as {
      ran?: unknown
      knotMinutes?: number
      found: { finding: string }[]
      lengths: Record<string, number>
    }[]
    expect(visits).toHaveLength(2)
    const last = visits.at(-1)!
    expect(last.ran).toEqual([{ part: 'body', blade: '#4F', against: true }])
    expect(last.knotMinutes).toBe(12)
    expect(last.lengths.body).toBe(6.3)
    expect(last.found.filter((f) => f.finding === 'mat')).toHaveLength(1)
    expect((await file()).profile.nextVisit).toBeUndefined()
  })

  it('what was shown is the owner’s, the instruction is on Today, and the wish is over', async () => {
    await owner.visit(`/dogs/${dog.id}`)
    await owner.says('Feet lying down.')
    await owner.visit(`/dogs/${dog.id}/tidies?at=sanitary`)
    await owner.says(/Imke/)
    await owner.visit(`/dogs/${dog.id}/wish`)
    await owner.says('What you would like of Imke')
    expect(await owner.text('[data-wish=Body]')).toContain('6 mm')
  })

  it('of the days the owner takes one; moved and called off, both know', async () => {
    await owner.visit(`/dogs/${dog.id}`)
    await owner.says('Imke could take Tansy on')
    await owner.visit(`/dogs/${dog.id}/groomer`)
    await owner.says('Imke could take Tansy on')
    expect(await owner.violations()).toEqual([])
    await owner.press(shortWeekday(addDays(today, 44)))
    await owner.until(async () => (await file()).profile.nextVisit === addDays(today, 44), 'it is not booked')
    await owner.until(async () => !(await owner.all('[data-proposed]')).length, 'the days still stand')
    // The owner moves it; the groomer is told, and gives another day, which the owner takes.
    const { profile } = await file()
    await by.call('PUT', `/api/dogs/${dog.id}`, { profile: { ...profile, nextVisit: addDays(today, 50) } })
    await groomer.driver.navigate().refresh()
    await groomer.until(
      async () => (await groomer.all('[data-moved]')).length > 0,
      'a moved visit is not told',
    )
    await groomer.press('Another day?')
    await groomer.setTo('[name=day-1]', addDays(today, 47))
    // Their own calendar, read here, says what that day holds, and which are emptier.
    const folder = mkdtempSync(join(tmpdir(), 'grumbo-calendar-'))
    const ics = join(folder, 'mine.ics')
    writeFileSync(
      ics,
      writeCalendar(
        'mine',
        [47, 50].map((n) => ({ id: `e${n}`, day: addDays(today, n), title: 'Bell, bath', says: '' })),
        currentInstant(),
      ),
    )
    await (await groomer.find('[name=own-calendar]')).sendKeys(ics)
    await groomer.says('one other thing that day')
    expect(await groomer.text('[data-free]')).not.toContain(shortWeekday(addDays(today, 50)))
    await groomer.type('[name=days-word]', 'Mornings only.')
    await groomer.press('Propose')
    await groomer.says('Not answered yet')
    expect(await groomer.violations()).toEqual([])
    await owner.driver.navigate().refresh()
    await owner.says('Mornings only.')
    await owner.press(shortWeekday(addDays(today, 47)))
    await owner.until(async () => (await file()).profile.nextVisit === addDays(today, 47), 'it is not booked')
    // The day has its sheet.
    await groomer.visit('/room')
    await groomer.press('The day’s sheet')
    await groomer.says('One dog, knots about')
    expect(await groomer.text('[data-day-sheet]')).toContain('Tansy')
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    const { nextVisit: _off, ...off } = (await file()).profile
    await by.call('PUT', `/api/dogs/${dog.id}`, { profile: off })
    await groomer.visit('/room')
    await groomer.tap(await groomer.find('[data-room-dog]'))
    await groomer.says('Called off today')
  })
})

describe('a colleague', () => {
  it('is asked in by a link, sees the room’s dogs under their own name, and is gone when sent away', async () => {
    groomer.foresee(refused(404))
    await groomer.visit('/room')
    await groomer.press('Who works here')
    await groomer.type('[name=colleague]', 'Jo')
    await groomer.press('Make an invitation')
    const link = (await (await groomer.find('[data-asked-in]')).getAttribute('value'))!
    expect(await groomer.violations()).toEqual([])
    expect(await groomer.sideways()).toBe(0)
    const jo = await Page.open(running.address, PHONE)
    try {
      jo.foresee(refused(401), refused(404))
      await jo.visit(new URL(link).pathname)
      await jo.says('Imke asks Jo into The Wash House')
      expect(await jo.violations()).toEqual([])
      await jo.press('Work there')
      await jo.openRoom('Jo', 'At home', PASSWORD)
      await jo.says('The Wash House')
      await jo.tap(await jo.find('[data-room-dog]'))
      await jo.says('Enter a visit')
      await owner.visit(`/dogs/${dog.id}/groomer`)
      await owner.says(/seen by .*Jo/)
      await groomer.driver.navigate().refresh()
      await groomer.press('Who works here')
      await groomer.press('Send away')
      await groomer.says('Send Jo away?')
      await groomer.tap(await groomer.find('[data-ask] button:last-child'))
      await groomer.until(async () => !(await groomer.all('[data-person=Jo]')).length, 'still here')
      await jo.driver.navigate().refresh()
      await jo.says('This dog is not in your room')
      await jo.press('Back to the list')
      await jo.says('At home')
      await jo.says('No dog yet')
    } finally {
      await jo.close()
    }
  })
})

describe('the note', () => {
  it('is facts to strike out and move, with the owner’s words around them, and goes as it is shown', async () => {
    await owner.visit(`/dogs/${dog.id}/groomer`)
    const shown = () => owner.hidden('[data-note-preview]')
    await owner.find('[data-fact]')
    const facts = await owner.all('[data-fact] > button:first-child')
    expect(facts.length).toBeGreaterThan(0)
    const first = await facts[0]!.getText()
    expect(await shown()).toContain(first)
    await owner.tap(facts[0]!)
    await owner.until(async () => !(await shown()).includes(first), 'struck out it is still told')
    await owner.tap((await owner.all('[data-fact] > button:first-child'))[0]!)
    await owner.until(async () => (await shown()).includes(first), 'it does not come back')
    await owner.type('[name=note-before]', 'Thank you for last time.')
    await owner.type('[name=note-after]', 'Until then.')
    if (facts.length > 1) {
      await owner.tap(await owner.find(`[aria-label="Down: ${first}"]`))
      await owner.until(
        async () => (await (await owner.all('[data-fact] > button:first-child'))[1]!.getText()) === first,
        'it does not move',
      )
    }
    await owner.driver.navigate().refresh()
    await owner.until(async () => (await shown()).startsWith('Thank you for last time.'), 'it was not kept')
    const goes = (await shown()).trim()
    expect(await owner.violations()).toEqual([])
    await owner.press('Send to Imke')
    await owner.says('Sent to Imke')
    const { json } = await by.call('GET', `/api/dogs/${dog.id}/notes`)
    expect((json.notes as { body: string }[]).at(-1)!.body.trim()).toBe(goes)
  })
})
