import { afterAll, beforeAll, expect, it } from 'vitest'
import type { WebElement } from 'selenium-webdriver'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running } from '../support/server'
import { DESK, Key, Page, PHONE } from '../support/page'

/** Every control by its role, worked with keys alone, as the ARIA patterns have them (W3C, APG). */
let running: Running
let page: Page
const dog = newDog({ nextVisit: daysAgo(-30) })
beforeAll(async () => {
  running = (await startApp()).running
  const owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  const entries = [
    {
      id: dog.id,
      day: daysAgo(1),
      what: { kind: 'check', region: 'beard', finding: 'snag', count: 1, out: 1 },
    },
  ]
  await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries })
  page = await Page.open(running.address, DESK)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})
const focus = (el: WebElement) => page.driver.executeScript('arguments[0].focus()', el)
const focused = () => page.driver.switchTo().activeElement()
const says = (css: string, attribute: string) => async () => (await page.find(css)).getAttribute(attribute)

it('a button by Enter and by Space, and a link by Enter', async () => {
  await page.visit(`/dogs/${dog.id}`)
  const minutes = await page.find('button[aria-pressed=false], [role=radio][aria-checked=false]')
  await focus(minutes)
  await page.keys(Key.SPACE)
  await page.until(
    async () =>
      (await minutes.getAttribute('aria-pressed')) === 'true' ||
      (await minutes.getAttribute('aria-checked')) === 'true',
    'Space presses nothing',
  )
  const diary = await page.find('nav a[href$="/diary"]')
  await focus(diary)
  await page.keys(Key.ENTER)
  await page.until(async () => (await page.at()).endsWith('/diary'), 'Enter follows nothing')
})

it('a list box by Enter, arrows and letters; Escape leaves it as it was', async () => {
  await page.visit(`/dogs/${dog.id}/diary`)
  const css = '[data-pick=kind] [aria-haspopup=listbox]'
  const opens = await page.find(css)
  const chosen = () => opens.getText()
  const open = says(css, 'aria-expanded')
  await focus(opens)
  await page.keys(Key.ENTER)
  await page.until(async () => (await open()) === 'true', 'it does not open')
  expect(await page.violations()).toEqual([])
  await page.keys(Key.ARROW_DOWN)
  await page.keys(Key.ESCAPE)
  await page.until(async () => (await open()) !== 'true', 'Escape does not close it')
  expect(await chosen()).toBe('everything')
  await page.keys(Key.ARROW_DOWN)
  await page.until(async () => (await open()) === 'true', 'an arrow does not open it')
  await page.keys('we')
  await page.keys(Key.ENTER)
  await page.until(async () => /^wet/.test(await chosen()), 'the letters do not find it')
  expect(await (await focused()).getId()).toBe(await opens.getId())
  // What is chosen counts.
  await page.says('Nothing like that')
})

it('radio buttons by arrows, one stop for the group', async () => {
  await page.visit(`/dogs/${dog.id}/tidies?at=paws`)
  const checked = () => page.text('[role=radio][aria-checked=true]')
  const radio = await page.find('[role=radiogroup] [role=radio][aria-checked=true]')
  const was = await radio.getText()
  await focus(radio)
  await page.keys(Key.ARROW_RIGHT)
  await page.until(async () => (await checked()) !== was, 'the arrow moves nothing')
  await page.keys(Key.ARROW_LEFT)
  await page.until(async () => (await checked()) === was, 'the arrow back moves nothing')
  expect(
    await page.driver.executeScript(
      `return document.querySelectorAll('[role=radiogroup]:not([id^=headlessui])').length`,
    ),
  ).toBe(0)
})

it('a slider by arrows', async () => {
  await page.visit(`/dogs/${dog.id}/what-if`)
  const slider = await page.find('input[type=range]')
  const was = await slider.getAttribute('value')
  await focus(slider)
  await page.keys(Key.ARROW_RIGHT)
  await page.until(async () => (await slider.getAttribute('value')) !== was, 'the arrow moves nothing')
})

it('a dialog holds the keys, and Escape gives them back', async () => {
  await page.visit(`/dogs/${dog.id}`)
  const before = await page.find('nav a[href$="/diary"]')
  await focus(before)
  await page.keys('?')
  await page.find('[role=dialog]')
  for (let n = 0; n < 8; n++) {
    await page.keys(Key.TAB)
    expect(
      await page.driver.executeScript(`return !!document.activeElement.closest('[role=dialog]')`),
      'a Tab leaves it',
    ).toBe(true)
  }
  await page.keys(Key.ESCAPE)
  await page.until(async () => !(await page.all('[role=dialog]')).length, 'Escape does not close it')
  await page.until(
    async () => (await (await focused()).getId()) === (await before.getId()),
    'the keys are lost',
  )
})

it('what unfolds, by Enter', async () => {
  await page.visit(`/dogs/${dog.id}/diary`)
  const css = 'main button[aria-expanded]:not([aria-haspopup])'
  await focus(await page.find(css))
  const was = await says(css, 'aria-expanded')()
  await page.keys(Key.ENTER)
  await page.until(async () => (await says(css, 'aria-expanded')()) !== was, 'Enter unfolds nothing')
})

it('More on a telephone by Enter, Escape and Tab', async () => {
  await page.size(PHONE)
  await page.visit(`/dogs/${dog.id}`)
  await focus(await page.named('More'))
  await page.keys(Key.ENTER)
  await page.find('[data-more]')
  await page.keys(Key.ESCAPE)
  await page.until(async () => !(await page.all('[data-more]')).length, 'Escape does not close it')
  await page.keys(Key.ENTER)
  await page.find('[data-more]')
  await page.keys(Key.TAB)
  expect(await page.driver.executeScript(`return !!document.activeElement.closest('[data-more]')`)).toBe(true)
})
