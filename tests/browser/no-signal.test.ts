import type { Driver } from 'selenium-webdriver/chrome'
import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { REGION_IDS } from '../../core/coat/regions'
import { assess } from '../../core/record/fold'
import { ROUND } from '../../core/care/look/look-round'
import { ledOn } from '../support/led'
import { REHEARSED_IDS } from '../../core/record/tidies'
import type { CareId } from '../../core/record/tidies'
import { careRoute } from '../../app/composables/list-begun'
import type { Entry } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { entry, visit } from '../support/dogs'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { NO_SERVER, Page, PHONE } from '../support/page'

/** The utility room: a session with no signal, on one device or two, and nothing lost or written twice. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let owner: Visitor
let email: string
let db: pg.Client
const pages: Page[] = []
const dog = newDog({ name: 'Merle', groomer: 'Imke', minutes: [60, 60, 60, 60, 60, 60, 60] })

async function device(): Promise<Page> {
  const page = await Page.open(running.address, PHONE)
  pages.push(page)
  await page.signIn(email, PASSWORD)
  return page
}
beforeAll(async () => {
  app = await startApp()
  running = app.running
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
  owner = await newOwner(running.address, 'Ada')
  email = String((await owner.call('GET', '/api/me')).json.email)
  await owner.call('POST', '/api/dogs', dog)
})
afterAll(async () => {
  for (const page of pages) await page.close()
  await db?.end()
  await running?.stop()
})

/** Every row on file of the session's kinds, as often as it is there. */
const checksOnFile = async () =>
  (
    await db.query<{ id: string; region: string }>(
      `select id, entry -> 'what' ->> 'region' as region from entries where kind = 'check' order by id`,
    )
  ).rows
/** The program is on the device, whole. */
const kept = (page: Page) =>
  page.until(
    () =>
      page.driver.executeAsyncScript<boolean>(`const done = arguments[0]
        navigator.serviceWorker.ready.then(async (r) => {
          const names = await caches.keys()
          done(r.active?.state === 'activated' && !!navigator.serviceWorker.controller && names.length > 0)
        })`),
    'the program is not kept on the device',
    30_000,
  )
const toTable = async (page: Page) => {
  await page.visit(`/dogs/${dog.id}/table`)
  await page.press('Minutes')
  await page.press('Start')
  await page.find('[data-finding=glides]')
}
async function glide(page: Page, times: number) {
  for (let n = 0; n < times; n++) {
    const at = await page.text('h1')
    await page.tap(await page.find('[data-finding=glides]'))
    await page.until(async () => (await page.text('h1')) !== at, `still at ${at}`)
  }
}

/** Every place that is left at the table. */
async function glideThrough(page: Page) {
  const over = async () => (await page.all('[data-summary]')).length > 0
  for (let n = 0; n < 60 && !(await over()); n++) {
    const at = await page.text('h1')
    await page.tap(await page.find('[data-finding=glides]'))
    await page.until(async () => (await over()) || (await page.text('h1')) !== at, 'it goes no further')
  }
}
/** Care that a page is led to, done the short way. */
async function workThrough(page: Page, care: CareId) {
  const to = careRoute({ care })
  await page.until(async () => (await page.driver.getCurrentUrl()).endsWith(to), `${care} is not led to`)
  if (care === 'look-over') {
    await page.press('Begin at the eyes')
    for (let stop = 1; stop <= ROUND.length; stop++) {
      await page.says(`${stop} of ${ROUND.length}`)
      await page.press('All well')
    }
  } else if (to.includes('at=')) {
    const { start, walkThrough } = ledOn(
      () => page,
      () => owner,
    )
    await start()
    await walkThrough()
    await page.press('Just right')
    await page.says('Written in.')
  } else {
    await page.tap(await page.find(`[data-care=${care}] button`))
    await page.find(`[data-care=${care}] [role=status]`)
  }
}

describe('with no signal', () => {
  let page: Page

  it('the program stands on the device after the first visit, and can be installed', async () => {
    page = await device()
    await kept(page)
    const manifest = (await (await fetch(`${running.address}/grumbo.webmanifest`)).json()) as {
      name: string
      icons: { src: string; sizes: string }[]
    }
    expect(manifest.name).toBe('Grumbo')
    for (const icon of manifest.icons) expect((await fetch(running.address + icon.src)).status).toBe(200)
    expect(manifest.icons.map((i) => i.sizes)).toEqual(['any', '192x192', '512x512'])
  })

  it('a session goes on when the network is cut, and a quiet sign says what has not gone up', async () => {
    page.foresee(NO_SERVER)
    await toTable(page)
    await page.signal(false)
    await glide(page, 3)
    await page.says('no signal: all of it is kept here')
    await page.tap(await page.find('[data-finding=refused]'))
    await page.press('End here')
    await page.says('Four places')
    await page.press('Back to today')
    await page.says(/waits? on this device/)
    expect(await checksOnFile()).toEqual([])
  })

  it('closed and opened again, still with none: all of it is there, and plan, map and history open', async () => {
    page.foresee(NO_SERVER)
    // Not a tab's emulation alone: there is no server either.
    await running.stop('SIGKILL')
    const old = await page.newTab()
    const fresh = await page.driver.getWindowHandle()
    await page.driver.switchTo().window(old)
    await page.driver.close()
    await page.driver.switchTo().window(fresh)
    await page.visit('/')
    await page.until(async () => /\/dogs\//.test(await page.at()), 'the start does not lead to the dog')
    await page.says(/waits? on this device/)
    await page.find('[data-region="armpit.left"]')
    for (const [path, words] of [
      ['/stretch', /sessions? left|best plan/],
      ['/progress', /What the comb said/],
      ['/knot', /Where is the knot/],
      ['/table', /on the table|Nothing waits/],
    ] as const) {
      await page.visit(`/dogs/${dog.id}${path}`)
      await page.says(words)
    }
  })

  it('with signal again each entry goes up exactly once', async () => {
    page.foresee(NO_SERVER)
    running = await app.start()
    await page.signal(true)
    await page.visit(`/dogs/${dog.id}`)
    await page.until(async () => (await checksOnFile()).length === 4, 'what waited did not go up')
    await page.until(async () => !/waits? on this device/.test(await page.words()), 'the sign stays')
    expect(new Set((await checksOnFile()).map((c) => c.region)).size).toBe(4)
  })

  it('the server killed in mid-upload: each is there once all the same', async () => {
    page.foresee(NO_SERVER)
    await toTable(page)
    await running.stop('SIGKILL')
    await glide(page, 6)
    running = await app.start()
    // Killed as soon as it has begun to take them, whatever it has got to.
    await page.until(
      async () => (await db.query(`select 1 from entries where kind = 'check' offset 4 limit 1`)).rowCount,
      'nothing goes up',
    )
    await running.stop('SIGKILL')
    await glide(page, 2)
    running = await app.start()
    // It tries again at longer and longer turns.
    await page.until(async () => (await checksOnFile()).length === 12, 'not all went up', 60_000)
    const ids = (await checksOnFile()).map((c) => c.id)
    expect(new Set(ids).size).toBe(ids.length)
    await page.press('End here')
    await page.press('Back to today')
  })

  it('two devices with no signal: both sessions are there, in order', async () => {
    const other = await device()
    for (const p of [page, other]) p.foresee(NO_SERVER)
    await kept(other)
    await page.visit(`/dogs/${dog.id}/knot`)
    await other.visit(`/dogs/${dog.id}/knot`)
    await page.says('Where is the knot?')
    await other.says('Where is the knot?')
    await running.stop('SIGKILL')
    for (const [p, region] of [
      [page, 'beard'],
      [other, 'tail'],
    ] as const) {
      await p.choose('[data-pick=region]', region)
      await p.answerKnot('It looks and feels well', 'Yes, it starts to split')
      await p.press('Leave it for Imke')
      await p.says(/waits? on this device/)
    }
    running = await app.start()
    await page.until(async () => (await checksOnFile()).length === 14, 'not both went up')
    const { profile, entries } = (await owner.call('GET', `/api/dogs/${dog.id}`)).json as unknown as {
      profile: Profile
      entries: Entry[]
    }
    const state = (list: Entry[]) => assess({ profile, entries: list }, daysAgo(0))
    expect(state(entries)).toEqual(state([...entries].reverse()))
    for (const place of ['beard', 'tail']) expect(state(entries).regions[place]!.left).toHaveLength(1)
    await other.visit(`/dogs/${dog.id}/groomer`)
    const draft = () => other.hidden('[data-note-preview]')
    await other.until(async () => /beard/.test(await draft()), 'the other device’s knot is not here')
  })

  it('two pages on one session: what one does the other sees', async () => {
    await page.visit(`/dogs/${dog.id}/table`)
    await page.press('Minutes')
    await page.press('Start')
    await page.find('[data-finding=glides]')
    const first = await page.newTab()
    const second = await page.driver.getWindowHandle()
    await page.visit(`/dogs/${dog.id}/table`)
    const at = await page.text('h1')
    await glide(page, 1)
    const next = await page.text('h1')
    await page.driver.switchTo().window(first)
    await page.until(async () => (await page.text('h1')) === next, `the first page is still at ${at}`)
    await page.driver.switchTo().window(second)
    await page.driver.close()
    await page.driver.switchTo().window(first)
  })

  it('a device that keeps nothing says so, and what is written still goes up', async () => {
    const before = (await checksOnFile()).length
    await page.driver.executeScript(`
      const full = () => { throw new DOMException('full', 'QuotaExceededError') }
      IDBObjectStore.prototype.put = full`)
    const at = await page.text('h1')
    await page.tap(await page.find('[data-finding=glides]'))
    await page.until(async () => (await page.text('h1')) !== at, `still at ${at}`)
    await page.until(async () => (await checksOnFile()).length === before + 1, 'it did not go up')
  })

  it('with no room and no signal the page says to stay open', async () => {
    page.foresee(NO_SERVER)
    await page.signal(false)
    await page.tap(await page.find('[data-finding=glides]'))
    await page.says(/no room to keep/i)
    await page.signal(true)
    await page.until(async () => !/no room to keep/i.test(await page.words()), 'the sign stays', 30_000)
  })

  it('a browser that may keep nothing at all still works with signal', async () => {
    const bare = await Page.open(running.address, PHONE)
    pages.push(bare)
    await (bare.driver as Driver).sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `
        const no = () => { throw new DOMException('denied', 'SecurityError') }
        IDBFactory.prototype.open = no
        Object.defineProperty(window, 'localStorage', { get: no })
        ServiceWorkerContainer.prototype.register = () => Promise.reject(new DOMException('denied', 'SecurityError'))`,
    })
    await bare.signIn(email, PASSWORD)
    const before = (await checksOnFile()).length
    await bare.visit(`/dogs/${dog.id}/table`)
    await bare.press('Minutes')
    await bare.press('Start')
    await bare.find('[data-finding=glides]')
    await glide(bare, 1)
    await bare.until(async () => (await checksOnFile()).length === before + 1, 'it did not go up')
    await bare.visit(`/dogs/${dog.id}/groomer`)
    await bare.find('form textarea')
  })
})

describe('today’s whole list in one go, the signal cut half way', () => {
  it('leads from the table through every tidy to the look-over, and all of it goes up after', async () => {
    const linnet = newDog({
      name: 'Linnet',
      minutes: [60, 60, 60, 60, 60, 60, 60],
      habits: { setting: 'scissors' },
    })
    // Groomed so long ago that what is cut has grown; combed since.
    const since = daysAgo(42)
    const visited = [visit(since, 'wool-cross', 12)]
    await owner.call('POST', '/api/dogs', {
      ...linnet,
      profile: { ...linnet.profile, since },
      entries: visited,
    })
    const combed = REGION_IDS.map((region) => entry(daysAgo(3), { kind: 'check', region, finding: 'glides' }))
    // What is cut for the first time was rehearsed on paper before.
    const rehearsed = REHEARSED_IDS.map((of) => entry(daysAgo(3), { kind: 'rehearsed', of, went: 'kept' }))
    await owner.call('POST', `/api/dogs/${linnet.id}/entries`, { entries: [...combed, ...rehearsed] })
    const page = await device()
    await kept(page)
    page.foresee(NO_SERVER)
    await page.visit(`/dogs/${linnet.id}`)
    await page.says('Minutes today')
    await page.press('60')
    await page.find('[data-on-list]')
    const asked = await page.driver.executeScript<CareId[]>(
      `return [...document.querySelectorAll('[data-on-list]')].map((r) => r.dataset.onList)`,
    )
    expect(asked).toContain('nails')
    expect(asked).toContain('paws')
    await page.tap(await page.find('[data-start]'))

    await page.find('[data-finding=glides]')
    await glide(page, 4)
    await page.signal(false)
    // Reopened half way, as after a telephone rang: it goes on where it was.
    const at = await page.text('h1')
    await page.driver.navigate().refresh()
    await page.find('[data-finding=glides]')
    expect(await page.text('h1')).toBe(at)
    await glideThrough(page)
    for (const care of asked) {
      await page.tap(await page.find('[data-next-up]'))
      await workThrough(page, care)
    }
    await page.says('That was today’s list')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.says(/waits? on this device/)

    const onFile = async () =>
      (
        (await owner.call('GET', `/api/dogs/${linnet.id}`)).json as unknown as { entries: Entry[] }
      ).entries.flatMap(({ what }) => (what.kind === 'tidy' ? [what.tidy] : []))
    expect(await onFile()).toEqual([])
    await page.signal(true)
    await page.until(async () => (await onFile()).length >= asked.length, 'not all went up', 30_000)
    expect((await onFile()).sort()).toEqual([...asked].sort())
  })
})
