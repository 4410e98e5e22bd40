import { millisecondsInDay } from 'date-fns/constants'
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest'
import { timeline } from '../../core/record/timeline'
import type { Entry } from '../../core/record/entries'
import { Gateway } from '../support/gateway'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { NO_SERVER, Page, PHONE, refused } from '../support/page'

/** What waits on the device, and a network that does other things with it than carry it. */
let running: Running
let owner: Visitor
let gateway: Gateway
let page: Page
const minutes = [0, 0, 0, 0, 0, 0, 0]
const merle = newDog({ name: 'Merle', minutes })
const wren = newDog({ name: 'Wren', minutes })

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  for (const dog of [merle, wren]) await owner.call('POST', '/api/dogs', dog)
  gateway = await Gateway.open(running.address)
  page = await Page.open(gateway.address, PHONE)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterEach(() => (gateway.way = () => 'through'))
afterAll(async () => {
  await page?.close()
  await gateway?.close()
  await running?.stop()
})

const wetOn = async (dog: string) =>
  timeline((await owner.call('GET', `/api/dogs/${dog}`)).json.entries as Entry[]).filter(
    (f) => f.what.kind === 'wet',
  )
const posts = () => gateway.calls.filter((c) => c.method === 'POST' && c.path.endsWith('/entries'))
async function open(dog: string) {
  await page.visit(`/dogs/${dog}`)
  await page.says('Since then')
}
const waits = /waits? on this device/
const gone = async () => !waits.test(await page.words())
const TAKES_PATIENCE = 60_000

describe('a network that answers in our place', () => {
  it.each(['login-page', 'login-redirect'] as const)(
    '%s: nothing leaves the device, it is said why, nobody is signed out, and all goes up after',
    async (way) => {
      await open(merle.id)
      const before = (await wetOn(merle.id)).length
      gateway.way = () => way
      await page.press('Rain')
      await page.says('This network answers in our place')
      await page.says(waits)
      expect((await wetOn(merle.id)).length).toBe(before)
      // Who is signed in, and the record, stand as they were kept.
      await page.driver.navigate().refresh()
      await page.says('Since then')
      expect(await page.at()).toBe(`/dogs/${merle.id}`)
      await page.says(waits)
      gateway.way = () => 'through'
      await page.until(
        async () => (await wetOn(merle.id)).length === before + 1,
        'it did not go up',
        TAKES_PATIENCE,
      )
      await page.until(gone, 'the sign stays', TAKES_PATIENCE)
    },
  )
})

describe('answers that are no for now, and for good', () => {
  it('too often: it waits as long as it is asked to, and sends no more meanwhile', async () => {
    page.foresee(refused(429))
    await open(merle.id)
    await page.until(gone, 'something waits already', TAKES_PATIENCE)
    const before = (await wetOn(merle.id)).length
    const sent = posts().length
    gateway.way = (method, path) =>
      method === 'POST' && path.endsWith('/entries')
        ? { status: 429, headers: { 'retry-after': '9' } }
        : 'through'
    await page.press('Rain')
    await page.says('The server asks to wait a little')
    const asked = posts().length
    expect(asked - sent).toBeLessThanOrEqual(2)
    gateway.way = () => 'through'
    await page.until(
      async () => (await wetOn(merle.id)).length === before + 1,
      'it did not go up',
      TAKES_PATIENCE,
    )
    expect(posts().length - sent).toBeLessThanOrEqual(4)
  })

  it('no for good: said with its reason and kept until it was seen; the other dog does not wait', async () => {
    page.foresee(refused(403))
    gateway.way = (method, path) =>
      method === 'POST' && path.includes(merle.id)
        ? { status: 403, says: 'That is for the owner to do.' }
        : 'through'
    await open(merle.id)
    await page.press('Rain')
    await page.says('not taken: That is for the owner to do.')
    const before = (await wetOn(wren.id)).length
    await open(wren.id)
    await page.press('Rain')
    await page.until(async () => (await wetOn(wren.id)).length === before + 1, 'the other dog waits')
    await open(merle.id)
    await page.says('not taken: That is for the owner to do.')
    expect(await page.violations()).toEqual([])
    await page.press('Leave it out')
    await page.until(async () => !(await page.all('[data-refused]')).length, 'it stays')
  })

  it('one entry the server fails at is set aside alone, and the others go up', async () => {
    page.foresee(refused(500))
    await open(merle.id)
    await page.until(gone, 'something waits already', TAKES_PATIENCE)
    const before = (await wetOn(merle.id)).length
    gateway.way = (method, path, body) =>
      method === 'POST' && path.endsWith('/entries') && body.includes('"swim"') ? { status: 500 } : 'through'
    await page.press('A swim')
    await page.press('Rain')
    await page.says('The server is not well')
    await page.until(
      async () => (await wetOn(merle.id)).length === before + 1,
      'the others wait for it',
      TAKES_PATIENCE * 2,
    )
    await page.says('The server failed at it, time and again.', TAKES_PATIENCE * 2)
    await page.press('Leave it out')
  })

  it('a server that says a kept dog is not there is believed in its own words, and the dog stays shown', async () => {
    page.foresee(refused(404))
    gateway.way = (method, path) =>
      method === 'GET' && path === `/api/dogs/${merle.id}`
        ? { status: 404, says: 'There is nothing here.' }
        : 'through'
    await open(merle.id)
    await page.says('The server says: There is nothing here.')
    expect(await page.words()).not.toContain('No dog lives here')
  })
})

describe('an answer that is older than what was written since', () => {
  it('takes nothing of it out of what is shown', async () => {
    await page.visit(`/dogs/${merle.id}/diary`)
    await page.says('The diary')
    await page.until(gone, 'something waits already', TAKES_PATIENCE)
    const path = `/api/dogs/${merle.id}`
    const asked = () => gateway.calls.filter((c) => c.method === 'GET' && c.path === path).length
    const before = asked()
    const letGo = gateway.hold(path)
    await page.passTime(30_000)
    await page.driver.executeScript(`window.dispatchEvent(new Event('focus'))`)
    await page.until(async () => asked() > before, 'the record was not asked for')
    // Written and gone up while that answer is on its way.
    const wet = (await wetOn(merle.id)).length
    await page.press('Today')
    await page.press('Wet grass or mud')
    await page.until(async () => (await wetOn(merle.id)).length === wet + 1, 'it did not go up')
    letGo()
    await page.until(gone, 'it still waits', TAKES_PATIENCE)
    await page.driver.executeScript(`document.querySelector('a[href$="/diary"]')?.click()`)
    await page.says('The diary')
    await page.until(async () => (await page.all('[data-entry=wet]')).length === wet + 1, 'it is not shown')
  })
})

describe('a clock that is off', () => {
  it('days ahead: what was written is kept, told with the difference, and set right in one press', async () => {
    page.foresee(refused(422), NO_SERVER)
    await open(merle.id)
    const known = new Set((await wetOn(merle.id)).map((f) => f.id))
    const before = known.size
    const days = [daysAgo(0)]
    await page.passTime(2 * millisecondsInDay)
    await page.press('Rain')
    await page.says('This device’s clock is 2 days ahead. One entry is kept here')
    expect(await page.violations()).toEqual([])
    expect((await wetOn(merle.id)).length).toBe(before)
    // Plans of such a day are not sent again and again.
    const sent = posts().length
    await page.passTime(60_000)
    await page.press('Set them by the server’s time')
    await page.until(
      async () => (await wetOn(merle.id)).length === before + 1,
      'it did not go up',
      TAKES_PATIENCE,
    )
    // Of the day it was pressed, though midnight may pass meanwhile.
    days.push(daysAgo(0))
    expect(days).toContain((await wetOn(merle.id)).find((f) => !known.has(f.id))!.day)
    await page.until(async () => !(await page.all('[data-ahead]')).length, 'it is still told')
    expect(posts().length - sent).toBeLessThanOrEqual(3)
  })
})

describe('another device', () => {
  it('what it did comes in when this one is looked at again', async () => {
    await page.visit(`/dogs/${wren.id}/diary`)
    await page.says('The diary')
    const shown = async () => (await page.all('[data-entry=wet]')).length
    const before = await shown()
    const other = await Page.open(running.address, PHONE)
    await other.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
    await other.visit(`/dogs/${wren.id}`)
    await other.says('Since then')
    await other.press('A swim')
    await other.until(
      async () => (await wetOn(wren.id)).some((f) => f.what.kind === 'wet' && f.what.how === 'swim'),
      'it did not go up',
    )
    await other.close()
    await page.passTime(30_000)
    await page.driver.executeScript(`window.dispatchEvent(new Event('focus'))`)
    await page.until(async () => (await shown()) === before + 1, 'what the other device did is not here')
  })
})
