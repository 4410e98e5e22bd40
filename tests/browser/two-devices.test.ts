import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { timeline } from '../../core/record/timeline'
import type { DogFile } from '../../shared/answers'
import { clockAt } from '../support/clock'
import { newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { Page, PHONE } from '../support/page'

/** Two members of a household, each with a telephone, at one dog. */
clockAt('10:00')
let running: Running
let owner: Visitor
let one: Page
let other: Page
const dog = newDog({ name: 'Merle', minutes: [9, 9, 9, 9, 9, 9, 9] })
/** What another device did is here well within this, ms: it is asked after every few seconds. */
const SOON = 20_000

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  const email = String((await owner.call('GET', '/api/me')).json.email)
  ;[one, other] = await Promise.all([Page.open(running.address, PHONE), Page.open(running.address, PHONE)])
  for (const page of [one, other]) await page.signIn(email, PASSWORD)
})
afterAll(async () => {
  await one?.close()
  await other?.close()
  await running?.stop()
})

const checks = async () =>
  timeline(((await owner.call('GET', `/api/dogs/${dog.id}`)).json as unknown as DogFile).entries).flatMap(
    (f) => (f.what.kind === 'check' ? [f.what.region] : []),
  )

describe('at one table', () => {
  it('are not asked for the same places: what one has combed the other need not', async () => {
    for (const page of [one, other]) {
      await page.visit(`/dogs/${dog.id}/table`)
      await page.press('Start')
      await page.find('[data-finding=glides]')
    }
    const first = await one.text('h1')
    expect(await other.text('h1')).toBe(first)
    await one.tap(await one.find('[data-finding=glides]'))
    await other.until(async () => (await other.text('h1')) !== first, 'it still asks for it', SOON)
    await other.says('done on another device')
    // From there the two go towards each other.
    expect(await other.text('h1')).not.toBe(await one.text('h1'))
    expect(await other.violations()).toEqual([])
    const done = async (page: Page) => !(await page.all('[data-finding=glides]')).length
    for (const [page, otherPage] of Array.from({ length: 6 }, (_, n) =>
      n % 2 ? [one, other] : [other, one],
    )) {
      if (!page || !otherPage || (await done(page))) continue
      const at = await page.text('h1')
      // A press just after the place changed by itself was meant for the one before, and is not taken.
      await page.until(
        async () => {
          if ((await done(page)) || (await page.text('h1')) !== at) return true
          await page.tap(await page.find('[data-finding=glides]'))
          return false
        },
        `still at ${at}`,
        SOON,
      )
      await otherPage.until(
        async () => (await done(otherPage)) || (await otherPage.words()).includes(`${at}: done on another`),
        `${at} is not known to be done`,
        SOON,
      )
    }
    await one.until(async () => {
      const all = await checks()
      return all.length > 2 && new Set(all).size === all.length
    }, 'something was combed twice, or little at all')
  })
})
