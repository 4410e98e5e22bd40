import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 as uuid } from 'uuid'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running } from '../support/server'
import { Page, PHONE } from '../support/page'

let running: Running
let email: string
let link: string
let owner: Awaited<ReturnType<typeof newOwner>>
let page: Page
beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  email = String((await owner.call('GET', '/api/me')).json.email)
  page = await Page.open(running.address, PHONE)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

/** Parts of the program that were fetched. */
const program = (of = page) =>
  of.driver.executeScript<number>(
    `return performance.getEntriesByType('resource').filter((e) => /_nuxt\\/.*\\.js/.test(e.name)).length`,
  )

describe('a stranger’s first look', () => {
  it('stands with its dog before any of the program is there', async () => {
    await page.visit('/')
    await page.says('What to comb today')
    await page.until(
      () =>
        page.driver.executeScript<boolean>(
          `const dog = document.querySelector('img[src="/welcome.svg"]'); return dog.complete && dog.naturalWidth > 0`,
        ),
      'the dog did not come',
    )
    expect(await program()).toBe(0)
    expect(await page.violations()).toEqual([])
  })

  it('does what was pressed at once, when the program is there', async () => {
    await page.visit('/')
    // In one go, before anything could be fetched.
    await page.driver.executeScript(
      `const form = document.querySelector('form')
       form.querySelector('[name=email]').value = arguments[0]
       form.querySelector('[name=password]').value = arguments[1]
       for (const field of form.querySelectorAll('input')) field.dispatchEvent(new Event('input', { bubbles: true }))
       form.querySelector('button').click()`,
      email,
      PASSWORD,
    )
    await page.until(async () => (await page.at()) === '/setup', 'it was not signed in')
    expect(await program()).toBeGreaterThan(3)
  })

  it('a link stands with its dog, counts as read, and answers at a touch', async () => {
    const other = await newOwner(running.address, 'Bea')
    const dog = newDog({ name: 'Merle', nextVisit: daysAgo(-30) })
    await other.call('POST', '/api/dogs', dog)
    const share = { id: uuid(), groomer: 'Imke', scope: 'stretch', days: 9 }
    link = `/l/${String((await other.call('POST', `/api/dogs/${dog.id}/shares`, share)).json.token)}`
    const note = { id: uuid(), body: 'A knot behind the left ear.' }
    expect((await other.call('POST', `/api/dogs/${dog.id}/notes`, note)).status).toBe(200)
    const stranger = await Page.open(running.address, PHONE)
    await stranger.visit(link)
    await stranger.says('A knot behind the left ear.')
    expect(
      await stranger.driver.executeScript<number>(
        `return document.querySelectorAll('svg.drawn path').length`,
      ),
    ).toBeGreaterThan(50)
    expect(await program(stranger)).toBe(0)
    await stranger.until(async () => {
      const { notes } = (await other.call('GET', `/api/dogs/${dog.id}/notes`)).json as {
        notes: { read: unknown }[]
      }
      return !!notes[0]?.read
    }, 'nobody had it before their eyes')
    // The first touch is an answer half written.
    await (await stranger.find('[name=reply]')).sendKeys('I shall look.')
    await stranger.find('form button[type=submit]:not([disabled])')
    await stranger.press('Write back')
    await stranger.says('Sent.')
    // The map is there to be pressed, and drawn once.
    await stranger.find('[data-region="armpit.left"]')
    expect(
      await stranger.driver.executeScript<number>(`return document.querySelectorAll('svg.drawn').length`),
    ).toBe(0)
    expect(await stranger.violations()).toEqual([])
    await stranger.close()
  })

  it('whoever is signed in has the program at once, and goes on', async () => {
    await page.visit('/')
    await page.until(async () => (await page.at()) === '/setup', 'it stayed on the welcome page')
  })
})
