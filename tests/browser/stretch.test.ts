import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { placeRow, PLACE_IDS, regionsOf } from '../../core/coat/regions'
import { addDays } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, Key, Page } from '../support/page'

// What is planned for today hangs on the day, and these go on for minutes: no midnight between them.
clockAt('10:00')
/** The plan of a stretch in the hands of its owner, and the questions asked of it. */
/** Ten thousand stretches twice, and the answers backwards, on a slow machine. */
const PLAYED_MS = 90_000
let running: Running
let page: Page
let owner: Visitor
const dog = newDog({
  name: 'Merle',
  nextVisit: daysAgo(-32),
  harnessHours: 2,
})

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  const checks = ['armpit.left', 'beard', 'tail'].map((region) =>
    entry(daysAgo(3), {
      kind: 'check',
      region,
      finding: region === 'beard' ? 'glides' : 'snag',
      comfort: 'easy',
    } as Entry['what']),
  )
  await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: checks })
  const email = String((await owner.call('GET', '/api/me')).json.email)
  page = await Page.open(running.address, DESK)
  await page.signIn(email, PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

const sessions = () =>
  page.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('[data-session]')].map((el) => el.dataset.session)`,
  )
const label = async (day: string) => (await page.find(`[data-session="${day}"]`)).getAttribute('aria-label')
/** Refining has come to its end, so that nothing changes but by hand. */
async function settled() {
  await page.says(/best plan there is/i)
  await page.until(
    async () => /A hundred stretches like this one/.test(await page.words()),
    'the plan is still being worked out',
    PLAYED_MS,
  )
}
const plansOnFile = async () =>
  ((await owner.call('GET', `/api/dogs/${dog.id}`)).json.entries as Entry[]).filter(
    (e) => e.what.kind === 'plan' || e.what.kind === 'correction',
  ).length
const dayWords = (day: string) =>
  new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', { weekday: 'long', timeZone: 'UTC' })
/** A later planned day with a free neighbour after it. */
async function movable() {
  const all = await sessions()
  return all.find((d, i) => i > 0 && i < all.length - 1 && !all.includes(nextDay(d)))!
}
const nextDay = (day: string) => addDays(day, 1)

describe('the stretch', () => {
  it('has a plan at once, written down, that gets no worse', async () => {
    await page.visit(`/dogs/${dog.id}/stretch`)
    await page.says(/days to .*sessions left/)
    await settled()
    expect((await sessions()).length).toBeGreaterThan(4)
    await page.until(async () => (await plansOnFile()) > 0, 'the plan did not go up')
    // Opened again it is the same plan.
    const before = await sessions()
    await page.visit(`/dogs/${dog.id}/stretch`)
    await settled()
    expect(await sessions()).toEqual(before)
  })

  it('draws a session to another day by pointer, says what it costs, keeps it and takes it back', async () => {
    const day = await movable()
    const before = await sessions()
    const mark = await page.find(`[data-session="${day}"]`)
    const width = await page.driver.executeScript<number>(
      `const all = [...document.querySelectorAll('[data-session]')]; return (all.at(-1).getBoundingClientRect().x - all[0].getBoundingClientRect().x) / ((Date.parse(all.at(-1).dataset.session) - Date.parse(all[0].dataset.session)) / 864e5)`,
    )
    await page.driver
      .actions()
      .move({ origin: mark })
      .press()
      // Not yet half way: there it would go to the next day, and the mark with it.
      .move({ origin: mark, x: Math.round(width * 0.3) })
      .move({ origin: mark, x: Math.round(width) })
      .release()
      .perform()
    await page.says(
      new RegExp(`Moving ${dayWords(day)} to ${dayWords(nextDay(day))}: (.* min|costs nothing)`),
    )
    expect(await page.text('[data-answer]')).toMatch(/mats, ([+−]\d+|no more) min|costs nothing/)
    await page.says('moved')
    const measured = await page.driver.executeScript<number>(
      `return performance.getEntriesByName('grumbo drag').length`,
    )
    expect(measured).toBeGreaterThan(0)
    await page.press(`Keep ${dayWords(nextDay(day))}`)
    await page.find(`[data-session="${nextDay(day)}"]`)
    expect(await label(nextDay(day))).toContain('pinned')
    await page.says(/Yours: (within \d+ %|the best plan|it asks more)/)
    await page.press('Undo')
    await page.find(`[data-session="${day}"]`)
    expect(await sessions()).toEqual(before)
  })

  it('moves a session by keys, and Escape puts it back', async () => {
    const day = await movable()
    await page.driver.executeScript(`document.querySelector('[data-session="${day}"]').focus()`)
    await page.keys(Key.ARROW_RIGHT)
    await page.says(/Moving .* to .*:/)
    await page.keys(Key.ESCAPE)
    await page.until(async () => !/Moving/.test(await page.words()), 'it was not put back')
    expect(await sessions()).toContain(day)
    await page.keys(Key.ARROW_RIGHT)
    await page.says(/Moving .* to .*:/)
    await page.keys(Key.ENTER)
    await page.find(`[data-session="${nextDay(day)}"]`)
    expect(await label(nextDay(day))).toContain('pinned')
    // What was moved has the keys still.
    const held = await page.driver.executeScript<string>('return document.activeElement.dataset.session')
    expect(held).toBe(nextDay(day))
    await page.press('Undo')
    await page.find(`[data-session="${day}"]`)
  })

  it('pins what is picked, and plans round a day kept free', async () => {
    const day = await movable()
    await page.driver.executeScript(`document.querySelector('[data-session="${day}"]').focus()`)
    await page.keys(Key.ENTER)
    await page.press('Pin it here')
    await page.until(async () => (await label(day))?.includes('pinned'), 'it is not pinned')
    await page.press('Unpin it')
    await page.until(async () => !(await label(day))?.includes('pinned'), 'it is still pinned')
    await page.press('Keep this day free')
    await page.says('You keep this day free')
    await page.until(async () => !(await sessions()).includes(day), 'there is still a session')
    await settled()
    expect(await sessions()).not.toContain(day)
    // The day kept free and the plan made round it are one change to whoever takes it back.
    await page.press('Undo')
    await page.until(async () => !/You keep this day free/.test(await page.words()), 'it is still free')
    expect(await sessions()).toContain(day)
    await page.press('Keep this day free')
    await page.says('You keep this day free')
    await settled()
    await page.press('Give the day back')
    await page.until(async () => !/You keep this day free/.test(await page.words()), 'it is still free')
    await settled()
  })

  it('is what Today goes by', async () => {
    const days = await sessions()
    await page.visit(`/dogs/${dog.id}`)
    const today = daysAgo(0)
    await page.says(days.includes(today) ? /Comb \w+ places?/ : /Nothing to comb today/)
  })
})

describe('a stretch that is out of the ordinary', () => {
  const CASES: [string, Parameters<typeof newDog>[0], RegExp][] = [
    ['no visit booked', {}, /The next eight weeks, .*session/],
    ['a visit far away', { nextVisit: daysAgo(-200) }, /The next twelve weeks[\s\S]*200 days away/],
    ['a visit tomorrow', { nextVisit: daysAgo(-1) }, /tomorrow\. One session left/],
    ['no minutes', { minutes: [0, 0, 0, 0, 0, 0, 0] }, /No minutes, no plan/],
    [
      'minutes that cannot keep the coat',
      { nextVisit: daysAgo(-60), minutes: [0, 0, 0, 0, 0, 10, 0] },
      /\d+ minutes a week short; about \d+ mats are likely\.[\s\S]*It fits with \d+ minutes a week/,
    ],
    ['a smooth coat', { coat: 'smooth' }, /Nothing to plan/],
  ]
  it.each(CASES)('%s is said in words', async (_, more, words) => {
    const other = newDog({ name: 'Moss', ...more })
    await owner.call('POST', '/api/dogs', other)
    await page.visit(`/dogs/${other.id}/stretch`)
    await page.says(words)
  })
})

describe('what if', () => {
  it('plays ten thousand stretches without the page standing still, and stops when told', async () => {
    await page.visit(`/dogs/${dog.id}/what-if`)
    await page.find('[data-progress]')
    // Frames go on being drawn while it plays.
    const frames = await page.driver.executeAsyncScript<number>(
      `const done = arguments[0]; let n = 0; const go = () => { n++; n < 10 ? requestAnimationFrame(go) : done(n) }; requestAnimationFrame(go)`,
    )
    expect(frames).toBe(10)
    await page.press('Stop')
    await page.says(/Stopped after [\d,]+|Stopped after no/)
    await page.setTo('input[type=range]', '12')
    await page.says('10,000 stretches played each way', PLAYED_MS)
  })

  it('answers forwards, the luck being the same, and from a link', async () => {
    await page.visit(`/dogs/${dog.id}/what-if?mm=8`)
    await page.says('10,000 stretches played each way', PLAYED_MS)
    await page.says(/At most one mat \d+ times in 100, not \d+/)
    const said = await page.text('[data-headline]')
    const [better, now] = [...said.matchAll(/\d+/g)].map((m) => Number(m[0])).filter((n) => n !== 100)
    expect(better).toBeGreaterThan(now!)
    await page.visit(`/dogs/${dog.id}/what-if?mm=8`)
    await page.says('10,000 stretches played each way', PLAYED_MS)
    expect(await page.text('[data-headline]')).toBe(said)
  })

  it('answers backwards, and an answer can be tried', async () => {
    for (const q of ['mm', 'weeks', 'minutes'])
      await page.until(
        async () => !/Working/.test(await page.text(`[data-backwards=${q}]`)),
        `no answer about ${q}`,
        PLAYED_MS,
      )
    await page.press('Try it')
    await page.until(
      async () => new URL(await page.driver.getCurrentUrl()).search !== '?mm=8',
      'nothing was tried',
    )
    await page.says('10,000 stretches played each way', PLAYED_MS)
  })
})

describe('what if, of baths', () => {
  it('says what they cost by how often and with which dryer, and stands in the address', async () => {
    await page.visit(`/dogs/${dog.id}/what-if`)
    await page.says(/a bath, \d+ of them drying, as it is now\./)
    await page.press('forced air')
    await page.says(/of them drying, [\w\s-]+ minutes? fewer than now\./)
    await page.until(
      async () => new URL(await page.driver.getCurrentUrl()).searchParams.get('dryer') === 'forced',
      'the dryer is not in the address',
    )
    const said = await page.text('[data-baths]')
    await page.visit(`/dogs/${dog.id}/what-if?dryer=forced`)
    await page.says('fewer than now.')
    expect(await page.text('[data-baths]')).toBe(said)
  })
})

describe('from one page to another', () => {
  it('what was asked of the groomer stands in the note', async () => {
    await page.visit(`/dogs/${dog.id}/what-if?mm=8`)
    await page.press('Ask the groomer for 8 mm')
    await page.until(
      async () => /Could you cut to 8 mm next time\?/.test(await page.hidden('[data-note-preview]')),
      'the note does not ask',
    )
  })

  it('a place is combed from its story on the stretch', async () => {
    await page.visit(`/dogs/${dog.id}/stretch`)
    await settled()
    const later = (await sessions()).at(-1)!
    await page.driver.executeScript(`document.querySelector('[data-session="${later}"]').focus()`)
    await page.keys(Key.ENTER)
    const first = 'section[aria-label="The day"] li button[aria-expanded]'
    const name = await page.text(first)
    await page.tap(await page.find(first))
    await page.find('[data-story]')
    await page.press('Comb just this')
    await page.until(async () => (await page.at()).endsWith('/table'), 'it is not the table')
    // Which place comes first that day is the plan's affair.
    const place = PLACE_IDS.find((id) => placeRow(id).plural === name)!
    await page.says(new RegExp(regionsOf(place)[0]!.label, 'i'))
  })
})

describe('progress', () => {
  it('shows what the comb said, and opens the story of a place', async () => {
    await page.visit(`/dogs/${dog.id}/progress`)
    await page.says('What the comb said')
    await page.tap(await page.find('section[aria-label="What the comb said"] button[aria-expanded]'))
    await page.press('Armpits')
    await page.find('[data-story]')
    await page.press('What that is made of')
    await page.says('A coat like this, 25 mm')
    expect(await page.text('[data-learned="Growth"]')).toContain('nothing measured yet')
  })
})
