import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { entry, visit } from '../support/dogs'
import { clockAt } from '../support/clock'
import { Page, PHONE } from '../support/page'

// A bath late in the evening is refused for the hour first.
clockAt('10:00')

/** A coat nobody knows: from what a hand feels to what the comb has met, and never clear between. */
let running: Running
let owner: Visitor
let page: Page
const quiet = newDog({ name: 'Teasel', sex: 'female', since: daysAgo(40) })
beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', { ...quiet, entries: [visit(daysAgo(40), 'wool-cross', 20)] })
  page = await Page.open(running.address, PHONE)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})
const said = (region: string) =>
  page.driver.executeScript<string>(
    `return document.querySelector('[data-region="' + arguments[0] + '"]')?.getAttribute('aria-label') ?? ''`,
    region,
  )
const answers = (more: object = {}) => ({
  name: 'Moss',
  sex: 'female',
  coat: 'wool-cross',
  kg: '12',
  bodyMm: 25,
  harnessHours: 0,
  minutes: [20, 20, 20, 20, 20, 20, 20],
  hard: [],
  ...more,
})
/** Setup with these answers given before, up to the question about the last visit. */
async function setUpTo(more: object = {}) {
  await page.visit('/setup')
  await page.driver.executeScript(
    `localStorage.setItem('setup', arguments[0])`,
    JSON.stringify(answers(more)),
  )
  await page.driver.navigate().refresh()
  await page.says('What is your dog called?')
  for (const words of ['Next', 'Waves, mixed', 'Next', 'Next']) await page.submit(words)
  await page.says('None yet, or nobody knows?')
}
async function theRest() {
  for (const words of ['Next', '25 mm', 'Next', 'Next', '140 minutes', 'Next']) await page.submit(words)
  await page.submit('Make the plan')
  await page.until(async () => (await page.at()).startsWith('/dogs/'), 'no dog was made')
}

describe('a coat nobody knows', () => {
  it('setup asks when the comb last went through and what a hand feels, and goes no further without', async () => {
    await setUpTo()
    expect(await (await page.find('form button[type=submit]')).isEnabled()).toBe(false)
    await page.press('months ago')
    expect(await (await page.find('form button[type=submit]')).isEnabled()).toBe(false)
    await page.press('some lumps')
    await page.says('the plan begins with a first going-over')
    expect(await page.violations()).toEqual([])
  })

  it('the first screen is a first going-over, every place pale and none of it clear', async () => {
    await theRest()
    await page.says('A first going-over,')
    await page.says('41 places to meet')
    expect(await page.words()).not.toContain('Nothing to comb')
    await page.find('[data-region="armpit.left"]')
    for (const region of ['armpit.left', 'back', 'ear.left'])
      expect(await said(region)).toContain('nobody has met it')
    // A lump is a question before it is a comb's.
    await page.says('A lump is asked about before the comb.')
    await page.until(async () => (await page.all('[data-going-over] li')).length > 2, 'no sittings')
    await page.says(/can be told from 28 places on/)
    expect(await page.sideways()).toBe(0)
    expect(await page.violations()).toEqual([])
  })

  it('no wash while nothing has met it', async () => {
    const dog = (await page.at()).split('/')[2]!
    await page.visit(`/dogs/${dog}/bath`)
    await page.says(/Comb first|comb first/)
    await page.visit(`/dogs/${dog}`)
    await page.says('A first going-over,')
  })

  it('hot places are laid out first; what the comb has met is inked in, and it goes on from there', async () => {
    await page.press('Start')
    await page.until(async () => (await page.at()).endsWith('/table'), 'not at the table')
    await page.find('[data-finding=glides]')
    const met: string[] = []
    for (let n = 0; n < 3; n++) {
      const before = await page.text('h1')
      met.push(before)
      await page.tap(await page.find('[data-finding=glides]'))
      await page.until(async () => (await page.text('h1')) !== before, `still at ${before}`)
    }
    await page.driver.navigate().back()
    await page.says('38 places to meet')
    await page.says('Go on')
    // Whichever came first in working order, they are hot ones, and no longer pale.
    const hot = ['armpit.left', 'armpit.right', 'behind-ear.left', 'inner-thigh.left', 'tail-base']
    const here = (await Promise.all(hot.map((r) => said(r)))).filter(Boolean)
    expect(met.every((m) => /thigh|armpit|ear|tail|foot|tuck/i.test(m))).toBe(true)
    expect(here.length).toBeGreaterThan(0)
  })

  it('many lumps, or a sheet: to the groomer at once, and no bath', async () => {
    await setUpTo({ name: 'Burr', bodyMm: 25 })
    await page.press('never')
    await page.press('a sheet of it')
    await theRest()
    await page.says('To the groomer first')
    await page.says('do not wash it')
    await page.says('Write to the groomer')
    const dog = (await page.at()).split('/')[2]!
    await page.visit(`/dogs/${dog}/bath`)
    await page.says(/groomer/)
    expect(await page.words()).not.toMatch(/May be washed|Comb first/)
  })
})

describe('a silent record', () => {
  it('says how little it knows past the coat’s ceiling, and begins anew from a hand', async () => {
    await owner.call('POST', `/api/dogs/${quiet.id}/entries`, {
      entries: [entry(daysAgo(23), { kind: 'check', region: 'beard', finding: 'glides' })],
    })
    await page.visit(`/dogs/${quiet.id}`)
    await page.says('Nothing written for 23 days.')
    await page.says(/reckoned, not met: a mat somewhere/)
    expect(await said('back')).not.toContain('nobody has met it')
    await page.press('She was combed, unwritten')
    await page.press('this week')
    await page.press('nothing')
    await page.press('Write it in')
    await page.says('A first going-over,')
    expect(await page.words()).not.toContain('Nothing written for')
    expect(await said('back')).toContain('nobody has met it')
  })
})
