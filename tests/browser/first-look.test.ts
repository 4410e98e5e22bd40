import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { newOwner, PASSWORD, startApp } from '../support/server'
import type { Running } from '../support/server'
import { Page, PHONE } from '../support/page'

let running: Running
let email: string
let page: Page
beforeAll(async () => {
  running = (await startApp()).running
  email = String((await (await newOwner(running.address, 'Ada')).call('GET', '/api/me')).json.email)
  page = await Page.open(running.address, PHONE)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

/** Parts of the program that were fetched. */
const program = () =>
  page.driver.executeScript<number>(
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

  it('whoever is signed in has the program at once, and goes on', async () => {
    await page.visit('/')
    await page.until(async () => (await page.at()) === '/setup', 'it stayed on the welcome page')
  })
})
