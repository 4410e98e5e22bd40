import pg from 'pg'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { clockAt } from '../support/clock'
import { newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, NO_SERVER, Page, PHONE } from '../support/page'

/** What coats like it come to, on Progress: sharing one's own counts, and going by what many came to. */
clockAt('10:00')
let app: Awaited<ReturnType<typeof startApp>>
let owner: Visitor
let page: Page
const dog = newDog({ name: 'Sorrel', nextVisit: undefined })
const section = '[data-coats-like]'
const says = (words: RegExp) =>
  page.until(async () => words.test(await page.text(section)), `does not say ${String(words)}`)
/** A count over many households, as the job leaves it. */
async function counted(version: number, hot?: number) {
  const db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
  const times = hot ? { 'wool-cross': { hot, calm: 1.01 } } : {}
  await db.query('insert into coats_like (version, households, times) values ($1, 31, $2)', [version, times])
  await db.end()
}

beforeAll(async () => {
  app = await startApp()
  owner = await newOwner(app.running.address, 'Ada')
  expect((await owner.call('POST', '/api/dogs', dog)).status).toBe(200)
  page = await Page.open(app.running.address, PHONE)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
}, 60_000)
afterAll(async () => {
  await page?.close()
  await app?.running.stop()
})
const shares = async () => (await owner.call('GET', '/api/household')).json.sharesCounts

it('before anything was counted it says whose judgement it is, and shares only once told to', async () => {
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/What is taken of such coats .+ is our judgement so far/)
  expect(await shares()).toBeNull()
  await page.press('Share our counts')
  await says(/You share your counts/)
  expect(await shares()).toBe(true)
  // It was asked once; from then on the household page says it, and takes it back.
  await page.press('Household')
  await page.tap(await page.find('[name=shares-counts]'))
  await page.until(async () => (await shares()) === false, 'still shared')
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/You keep your counts/)
  expect(await page.text(section)).not.toMatch(/Share our counts/)
})

it('goes by a count once told to; the plan names it; a newer one is not gone by unasked', async () => {
  await counted(1, 2)
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/Counted on .+ of what 31 households share; count 1/)
  await says(/Behind ears, armpits and the like\s+2\.0 times as many as was taken/)
  await says(/Back and sides\s+as was taken/)
  await says(/Sorrel goes by what is taken/)
  await page.press('Go by it')
  await says(/Sorrel goes by count 1, written in/)
  await page.visit(`/dogs/${dog.id}/stretch`)
  await page.says(/the plan kept, by count 1 of coats like it/)

  await counted(2, 3)
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/Sorrel goes by count 1; this is a newer one/)
  await page.press('Go by it')
  await page.press('Undo')
  await says(/Sorrel goes by count 1; this is a newer one/)
  await page.press('Go by it')
  await says(/Sorrel goes by count 2, written in/)
  // What is told no more can still be gone by, and left.
  await counted(3)
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/Sorrel goes by count 2, which is told no more/)
  await page.press('Go by what is taken instead')
  await page.until(async () => !/told no more/.test(await page.text(section)), 'still goes by it')
  await page.until(async () => {
    const { profile } = (await owner.call('GET', `/api/dogs/${dog.id}`)).json as {
      profile: { like?: { times: object } }
    }
    return profile.like && !Object.keys(profile.like.times).length
  }, 'it is not on file')
  expect(await page.sideways()).toBe(0)
  expect(await page.violations()).toEqual([])
  await page.size(DESK)
  await page.visit(`/dogs/${dog.id}/stretch`)
  await page.says(/the plan kept, end so/)
})

it('with no signal it says so and nothing else is lost', async () => {
  page.foresee(NO_SERVER)
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/our judgement so far/)
  await page.signal(false)
  await app.running.stop('SIGKILL')
  await page.visit(`/dogs/${dog.id}/progress`)
  await says(/No signal: what was counted shows when there is one/)
})
