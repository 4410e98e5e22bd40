import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { daysAgo, PASSWORD, startApp } from '../support/server'
import type { Running } from '../support/server'
import { DESK, Key, NO_SERVER, Page, PHONE, refused } from '../support/page'

/** The whole path once: an owner with no account, a session, a note, a groomer who answers. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let owner: Page
let groomer: Page
let db: pg.Client
const inDays = (n: number) => daysAgo(-n)

beforeAll(async () => {
  app = await startApp()
  running = app.running
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
  owner = await Page.open(running.address, PHONE)
  groomer = await Page.open(running.address, PHONE)
})
afterAll(async () => {
  await owner?.close()
  await groomer?.close()
  await db?.end()
  await running?.stop()
})

const checksOnFile = async () =>
  (
    await db.query<{ what: { region: string; finding: string; comfort: string } }>(
      `select entry -> 'what' as what from entries where kind = 'check' order by id`,
    )
  ).rows.map((r) => r.what)
/** Which place is in hand, once it is another than before. */
async function nextPlace(before: string) {
  await owner.until(async () => {
    const h = await owner.text('h1')
    return h && h !== before
  }, `still at ${before}`)
  return owner.text('h1')
}
async function finding(which: string) {
  const before = await owner.text('h1')
  await owner.tap(await owner.find(`[data-finding=${which}]`))
  return before
}

describe('from an empty account to an answer from the groomer', () => {
  it('signs up', async () => {
    await owner.visit('/')
    await owner.says('What to comb today')
    await owner.press('Start with your dog')
    await owner.type('[name=name]', 'Nell Harrow')
    await owner.type('[name=email]', 'nell@example.org')
    await owner.type('[name=password]', PASSWORD)
    await owner.press('On to the dog')
    await owner.says('What is your dog called?')
  })

  it('describes the dog, one question at a time, with the effect said', async () => {
    await owner.type('[name=dog]', 'Merle')
    await owner.press('he')
    await owner.submit('Next')
    await owner.says('Which is most like Merle?')
    await owner.press('I cannot tell')
    await owner.press('Waves or mixed curls')
    await owner.says(/about \d+ minutes a week/)
    await owner.submit('Waves, mixed')
    await owner.type('[name=weight]', '400')
    await owner.says('Was that pounds?')
    expect(await (await owner.find('form button[type=submit]')).isEnabled()).toBe(false)
    await owner.type('[name=weight]', '12')
    await owner.submit('Next')
    await owner.says('When was Merle born?')
    await owner.submit('Next')
    await owner.setTo('[name=last]', daysAgo(24))
    await owner.submit('Next')
    await owner.says('How long was the coat left')
    await owner.press('25')
    await owner.submit('25 mm')
    await owner.says('When is the next visit?')
    await owner.setTo('[name=next]', daysAgo(30))
    await owner.says(/That day has gone|comes before the last/)
    await owner.setTo('[name=next]', inDays(18))
    await owner.submit('Next')
    await owner.says('What does Merle wear?')
    await owner.press('4')
    await owner.submit('Next')
    await owner.says('How many minutes have you')
    await owner.says(/At 25 mm this coat wants about \d+ minutes a week; you have 50/)
    // A reload here loses nothing that was answered.
    await owner.driver.navigate().refresh()
    await owner.says('What is your dog called?')
    expect(await (await owner.find('[name=dog]')).getAttribute('value')).toBe('Merle')
    const on = ['Next', 'Waves, mixed', 'Next', 'Next', 'Next', '25 mm', 'Next', 'Next', '50 minutes', 'Next']
    for (const words of on) await owner.submit(words)
    await owner.says('Who is the groomer?')
    await owner.says('overrides this program')
    await owner.type('[name=groomer]', 'Imke')
    await owner.submit('Make the plan')
    await owner.says('today, day 24 of 42')
  })

  it('shows the map and what is on the table, with reasons', async () => {
    expect(await owner.at()).toMatch(/^\/dogs\//)
    await owner.find('[data-region="armpit.left"]')
    await owner.until(
      async () => (await owner.all('main svg path[fill="var(--ink)"]')).length > 20,
      'no hair is drawn',
    )
    // Whatever day of the week it is, and whatever is planned for it.
    await owner.press('40')
    await owner.says(/Comb \w+ places?, [\d½]+ minutes/)
    if (/and \w+ more places?/.test(await owner.words())) await owner.press('and ')
    await owner.says('the harness rubs, 4 hours a day')
    await owner.says('Nothing is known of him yet')
    expect(await owner.sideways()).toBe(0)
  })

  it('does a session, the comb deciding, with skip, pause, comfort and undo', async () => {
    await owner.press('40')
    await owner.press('Start')
    await owner.until(async () => (await owner.at()).endsWith('/table'), 'not at the table')
    await owner.find('[data-finding=glides]')
    expect(await owner.smallTargets(56, '[aria-label="What the comb says"]')).toEqual([])
    expect(await owner.sideways()).toBe(0)
    const first = await finding('glides')
    const second = await nextPlace(first)
    await owner.press('Skip for now')
    const third = await nextPlace(second)
    await owner.press('fidgety')
    await finding('snag')
    await owner.press('It glides now')
    await nextPlace(third)
    await owner.press('Pause')
    await owner.says('Paused at')
    await owner.press('Go on with')
    const knotted = await finding('knot')
    await owner.answerKnot('It looks and feels well', 'Yes, it starts to split')
    await owner.says(/Tease it/)
    await owner.press('It came out')
    await owner.says('knot, came out')
    expect(await owner.text('h1')).not.toBe(knotted)
    const wrong = await finding('mat')
    // Back out of the questions, and the press is undone.
    await owner.press('Back')
    expect(await nextPlace('How is the skin under it?')).toBe(wrong)
    await finding('mat')
    await owner.answerKnot('It looks and feels well', 'One')
    await owner.says('Leave it for Imke')
    await owner.press('Write it in')
    await owner.find('[data-finding=refused]')
    await finding('refused')
    await owner.until(async () => (await checksOnFile()).length === 6, 'what was pressed did not go up')
  })

  it('goes on while the server is dead, and loses nothing', async () => {
    owner.foresee(NO_SERVER)
    await running.stop('SIGKILL')
    let at = await owner.text('h1')
    for (let i = 0; i < 3; i++) {
      await finding('glides')
      at = await nextPlace(at)
    }
    // The power fails too: what was pressed is on the device.
    running = await app.start()
    await owner.until(async () => (await checksOnFile()).length === 9, 'what waited did not go up')
    await owner.driver.navigate().refresh()
    expect(await nextPlace('')).toBe(at)
    await owner.press('End here')
    const summary = await owner.text('[data-summary]')
    for (const word of ['glides', 'snag, fidgety', 'knot', 'mat', 'refused']) expect(summary).toContain(word)
    await owner.says('A mat or felt is the groomer’s')
  })

  it('drafts the note from what happened, and sends it when told', async () => {
    // The server dies between the session and the note as well.
    await running.stop('SIGKILL')
    running = await app.start()
    expect(await checksOnFile()).toHaveLength(9)
    await owner.press('Write to Imke')
    await owner.says('Tell Imke')
    const note = await owner.find('form textarea')
    const draft = await owner.hidden('[data-note-preview]')
    expect(draft).toMatch(/Combed on one day since .*; last today\./)
    expect(draft).toMatch(/A mat .* today; left for you\./)
    expect(draft).toMatch(/Would not allow/)
    await note.sendKeys('He is better lying down.')
    await owner.press('Send to Imke')
    await owner.says('Give Imke this link')
    expect((await db.query('select body from notes')).rows[0]).toMatchObject({
      body: expect.stringContaining('lying down') as string,
    })
  })

  it('the groomer opens the link on another device, reads it against the map, and answers', async () => {
    const link = (await (await owner.find('[data-link]')).getAttribute('value'))!
    await groomer.visit(link)
    await groomer.says('For Imke from Nell Harrow')
    await groomer.says('He is better lying down.')
    const stories = await groomer.text('[data-stories]')
    expect(stories).toContain('mat today, left for you')
    expect(stories).toContain('not allowed')
    // The map is drawn by the server; a touch anywhere, and its places can be pressed.
    await groomer.tap(await groomer.find('h1'))
    await groomer.find('[data-region="armpit.left"]')
    expect(await groomer.sideways()).toBe(0)
    await groomer.type('[name=reply]', 'Leave the mat to me. <b>Well done.</b>')
    await groomer.press('Write back')
    await groomer.says('Sent. Nell Harrow sees it')
  })

  it('the owner reads the answer, and the map has answered the session', async () => {
    await owner.press('Today')
    await owner.until(async () => /\/dogs\/[^/]+$/.test(await owner.at()), 'not on Today')
    await owner.driver.navigate().refresh()
    await owner.says('Leave the mat to me. <b>Well done.</b>')
    const labels = new Set<string>()
    for (const view of ['Left', 'Right', 'Under', 'Head']) {
      await owner.press(view)
      await owner.until(async () => (await owner.all('[data-region]')).length > 5, `${view} has no places`)
      const seen = await owner.driver.executeScript<string[]>(
        `return [...document.querySelectorAll('[data-region]')].map((e) => e.getAttribute('aria-label'))`,
      )
      for (const label of seen) labels.add(label)
    }
    expect([...labels].filter((l) => l.includes('knotting, almost certain'))).not.toEqual([])
    await groomer.driver.navigate().refresh()
    await groomer.says('Well done')
  })

  it('a closed link opens nothing', async () => {
    groomer.foresee(refused(404))
    await owner.press('Reply')
    await owner.press('Close it')
    await owner.says('closed')
    await groomer.driver.navigate().refresh()
    await groomer.says('This link does not open anything')
  })

  it('is walked by keys alone: the map, the sections, the table', async () => {
    await owner.size(DESK)
    await owner.keys('g', 't')
    await owner.find('[data-region="armpit.left"]')
    const focused = () =>
      owner.driver.executeScript<string | null>('return document.activeElement.getAttribute("data-region")')
    await owner.driver.executeScript('document.activeElement.blur()')
    await owner.until(async () => {
      await owner.keys(Key.TAB)
      return focused()
    }, 'Tab does not reach the map')
    const seen = new Set<string | null>([await focused()])
    for (const key of [Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_DOWN, Key.ARROW_DOWN, Key.ARROW_LEFT]) {
      const before = await focused()
      await owner.keys(key)
      await owner.until(async () => (await focused()) !== before, `${key} does not move`)
      seen.add(await focused())
    }
    expect(seen.size).toBeGreaterThanOrEqual(4)
    const region = (await focused())!
    const spot = await owner.find(`[data-region="${region}"]`)
    const label = ((await spot.getAttribute('aria-label')) ?? '').split(',')[0]!
    await owner.keys(Key.ENTER)
    await owner.until(async () => (await owner.text('[data-story]')).startsWith(label), 'no story')
    await owner.keys('?')
    await owner.says('pause and go on')
    await owner.keys(Key.ESCAPE)

    await owner.press('Comb just this')
    await owner.find('[data-finding=glides]')
    const done = (await checksOnFile()).length
    await owner.keys('f')
    await owner.keys(' ')
    await owner.says('Paused at')
    await owner.keys(' ')
    await owner.keys('2')
    await owner.says('Back to the brush')
    await owner.keys('1')
    await owner.says('Praise and a treat')
    await owner.until(async () => (await checksOnFile()).length === done + 1, 'the key wrote nothing')
    expect((await checksOnFile()).at(-1)).toMatchObject({ region, finding: 'snag', comfort: 'fidgety' })
  })
})
