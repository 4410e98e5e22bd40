import { millisecondsInDay } from 'date-fns/constants'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { demoDogs } from '../../demo/household'
import { clockAt, localDay } from '../support/clock'
import { newDog, newGroomer, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, Key, NO_SERVER, Page, PHONE } from '../support/page'

/** Every chart, on a dog as old and as much written of as people's are: drawn, told in words, its figures at hand. */
clockAt('10:00')
let running: Running
let owner: Visitor
let page: Page
const demo = demoDogs(localDay())[0]!
const dog = { id: demo.id, profile: demo.began, entries: [] as typeof demo.entries }
const AT_ONCE = 400

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  expect((await owner.call('POST', '/api/dogs', dog)).status).toBe(200)
  for (let i = 0; i < demo.entries.length; i += AT_ONCE) {
    const entries = demo.entries.slice(i, i + AT_ONCE)
    const { status } = await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries })
    expect(status).toBe(200)
  }
  page = await Page.open(running.address, DESK)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
}, 120_000)
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

const drawn = (within: string) =>
  page.until(
    async () => (await page.all(`${within} [data-chart] svg.apexcharts-svg`)).length > 0,
    `no chart in ${within}`,
  )
const section = (name: string) => `section[aria-label="${name}"]`
/** Walks a chart by keys. @returns what it says of a point */
async function walk(within: string, ...keys: string[]) {
  const css = `${within} [data-chart] [role=img][tabindex="0"]`
  await page.driver.executeScript(`document.querySelector(${JSON.stringify(css)}).focus()`)
  await page.keys(...keys)
  return page.driver.executeScript<string>(
    `return document.querySelector(${JSON.stringify(`${within} [data-chart] > [role=status]`)}).textContent`,
  )
}
async function figures(within: string): Promise<number> {
  await page.tap(await page.find(`${within} [data-chart] button[aria-expanded="false"]`))
  await page.find(`${within} [data-chart] table`)
  return (await page.all(`${within} [data-chart] tbody tr`)).length
}

/** The charts of each page: the section one stands in, and what it says of a point. */
const CHARTS: Record<string, [string, RegExp][]> = {
  '/progress': [
    ['Chance of a mat, by day', /^\d+ \w+: .+, likely .+ to /],
    ['What the comb said', /combing/],
    ['Minutes', /^Week of .+ minutes$/],
    ['How right it was', /^said .+, found \d+ in \d+: /],
    ['Grown since the cut', /^\d+ \w+: \d+ mm, likely \d+ to \d+/],
  ],
  '/stretch': [
    ['Minutes by week', /^Week of .+ minutes$/],
    ['The days ahead', /: \d+ of \d+ minutes/],
  ],
  '/what-if?mm=12': [
    ['Minutes of a stretch', /in 100 as it is, \d+ in 100 as you ask/],
    ['Mats of a stretch', /^no mat: \d+ in 100 as it is/],
  ],
  '/bath': [['Drying', /: \d+ to \d+ minutes$/]],
}

it.each(Object.entries(CHARTS))(
  '%s: each chart is drawn, read by the arrow keys, and has its figures',
  async (path, charts) => {
    await page.size(DESK)
    await page.visit(`/dogs/${dog.id}${path}`)
    for (const [name, says] of charts) {
      await drawn(section(name))
      // What is still being played is drawn as far as it is.
      await page.until(
        async () => says.test(await walk(section(name), Key.ARROW_RIGHT)),
        `${name} says no such thing`,
      )
      expect(await figures(section(name)), name).toBeGreaterThan(1)
    }
    expect(await page.violations()).toEqual([])
    await page.size(PHONE, true)
    for (const [name] of charts) await drawn(section(name))
    expect(await page.sideways()).toBe(0)
    expect(await page.violations()).toEqual([])
  },
)

it('says where it was furthest out, of the whole household when asked, and what makes the dog knot', async () => {
  expect((await owner.call('POST', '/api/dogs', newDog({ name: 'Bramble' }))).status).toBe(200)
  await page.visit(`/dogs/${dog.id}/progress`)
  await page.says('By place, the furthest out first')
  expect(await page.text('[data-by-place]')).toMatch(/: said \d.* combings, found \d+/)
  const harness = await page.text('[data-cause=harness]')
  expect(harness).toMatch(/^The harness\s+\d(\.\d)?\s+\d(\.\d)? to \d(\.\d)?\s+\d/)
  await page.press('And the whole household')
  await page.says(/The household’s two dogs together: \d{3,} combings of a place, said \d+ knots, found \d+/)
  expect(await page.violations()).toEqual([])
  await page.size(PHONE)
  expect(await page.sideways()).toBe(0)
  await page.size(DESK)
})

it('a day of the chart tells its story', async () => {
  await page.size(DESK)
  await page.visit(`/dogs/${dog.id}/progress`)
  const chance = section('Chance of a mat, by day')
  await drawn(chance)
  await walk(chance, Key.ARROW_LEFT, Key.ENTER)
  expect((await page.text('[data-day-story]')).length).toBeGreaterThan(20)
})

it('a groomer’s week stands as minutes', async () => {
  const groomer = await newGroomer(running.address)
  const nextVisit = new Date(Date.parse(localDay()) + 3 * millisecondsInDay).toISOString().slice(0, 10)
  const coming = newDog({ name: 'Coming', nextVisit })
  await owner.call('POST', '/api/dogs', coming)
  for (const { id } of [coming, dog]) {
    const share = { id, groomer: 'Imke', scope: 'stretch', days: 30 }
    const { json } = await owner.call('POST', `/api/dogs/${id}/shares`, share)
    await groomer.call('POST', '/api/room/dogs', { code: json.code })
  }
  const email = String((await groomer.call('GET', '/api/room')).json.email)
  await page.visit('/room')
  await page.type('[name=email]', email)
  await page.type('[name=password]', PASSWORD)
  await page.press('Go in')
  await drawn(section('Minutes for knots'))
  expect(await walk(section('Minutes for knots'), Key.ARROW_DOWN)).toMatch(
    /^Coming, .+: knots usually \d+ min, likely \d+ to \d+/,
  )
  // And how right it was of the dog that is written of; the other has nothing to be held to.
  expect(await page.text('[data-at-home]')).toMatch(
    /^One dog of the room: \d{3} combings of a place, said \d+ knots, found \d+; /,
  )
  await page.visit(`/room/${dog.id}`)
  expect(await page.text('[data-right]')).toMatch(/^At home, held to its word: \d{3} combings of a place/)
})

it('opens with no signal once it was shown, and the page that draws itself lets it in', async () => {
  page.foresee(NO_SERVER)
  await page.visit(`/dogs/${dog.id}/progress`)
  await drawn(section('Chance of a mat, by day'))
  await page.until(
    () =>
      page.driver.executeScript<boolean>(
        `return caches.keys().then(async (names) => {
           for (const name of names) for (const r of await (await caches.open(name)).keys())
             if (name === 'wanted') return true
           return false
         })`,
      ),
    'the charts are not kept',
  )
  await page.signal(false)
  await running.stop('SIGKILL')
  await page.visit(`/dogs/${dog.id}/progress`)
  await drawn(section('Chance of a mat, by day'))
})
