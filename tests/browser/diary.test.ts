import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { v7 as uuid } from 'uuid'
import { history } from '../../core/record/history'
import { timeline } from '../../core/record/timeline'
import type { Entry, Fact } from '../../core/record/entries'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { currentInstant } from '../support/clock'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, NO_SERVER, Page } from '../support/page'

/** What was written, put right and taken back; a hard place brought along; how the owner works. */
let running: Running
let owner: Visitor
let page: Page
const dog = newDog({ name: 'Merle', sex: 'male', hard: ['forefoot'], groomer: 'Imke' })
const check = (region: string, finding: string, days: number) =>
  entry(daysAgo(days), { kind: 'check', region, finding, count: 1, out: 0, comfort: 'easy' } as Entry['what'])

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
    entries: [check('beard', 'knot', 2), check('tail', 'snag', 3), check('armpit.left', 'mat', 3)],
  })
  page = await Page.open(running.address, DESK)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})
const factsOf = async () => timeline((await owner.call('GET', `/api/dogs/${dog.id}`)).json.entries as Entry[])
const findingAt = async (region: string) =>
  (await factsOf())
    .flatMap((f) => (f.what.kind === 'check' && f.what.region === region ? [f.what] : []))
    .at(-1)
async function open(words: string) {
  await page.press(words)
  await page.find('[data-open]')
}

describe('the diary', () => {
  it('narrows by kind, place and search, and says when nothing is like that', async () => {
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.says('Beard')
    await page.type('[name=search]', 'armpit mat')
    await page.until(async () => !(await page.words()).includes('Beard'), 'the search narrows nothing')
    await page.says('Left armpit')
    await page.type('[name=search]', 'nothing of the kind')
    await page.says('Nothing like that')
    await page.visit(`/dogs/${dog.id}/diary?place=tail`)
    await page.says('Tail')
    expect(await page.all('[data-entry=check]')).toHaveLength(1)
  })

  it('puts an entry right and keeps what it said; a count of 400 is met in words', async () => {
    await page.visit(`/dogs/${dog.id}/diary?place=beard`)
    await open('Beard')
    await page.type('[name=count]', '400')
    await page.says('More than 40 in one place is felt')
    expect((await findingAt('beard'))?.count).toBe(1)
    await page.type('[name=count]', '3')
    await page.type('[name=out]', '2')
    await page.press('Put it right')
    await page.until(async () => (await findingAt('beard'))?.count === 3, 'not put right')
    await page.says('put right')
    await open('Beard')
    await page.says('It said: beard, knot')
  })

  it('takes an entry back and brings it back', async () => {
    await page.visit(`/dogs/${dog.id}/diary?place=tail`)
    await open('Tail')
    await page.press('Take it back')
    await page.until(async () => !(await findingAt('tail')), 'it still counts')
    await page.says('taken back')
    await page.press('Bring it back')
    await page.until(async () => !!(await findingAt('tail')), 'it does not count again')
  })
})

describe('what was done beside the comb is put right', () => {
  const write = (...list: Entry['what'][]) =>
    owner.call('POST', `/api/dogs/${dog.id}/entries`, {
      entries: list.map((what) => entry(daysAgo(1), what)),
    })
  const latest = async (kind: Fact['kind']) => (await factsOf()).findLast((f) => f.what.kind === kind)?.what
  /** Opens the newest of a kind: what the device kept is shown first, and may have an older one. */
  const opened = async (kind: Fact['kind']) => {
    const entries = (await owner.call('GET', `/api/dogs/${dog.id}`)).json.entries as Entry[]
    const id = history(entries).find((l) => l.what?.kind === kind)?.id
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.tap(await page.find(`[data-id="${id}"] button`))
    await page.find('[data-open]')
  }

  it('a wash: how long it took to dry, and whether it was combed out', async () => {
    const dried = { minutes: 40, with: 'household' as const }
    await write({ kind: 'wash', combedOut: true, places: ['hindfoot'], dried })
    await opened('wash')
    await page.type('[name=dried]', '0')
    await page.says('Give the minutes of drying as a number')
    await page.type('[name=dried]', '25')
    await page.press('not combed out')
    await page.press('Put it right')
    await page.until(
      async () => JSON.stringify(await latest('wash')).includes('"minutes":25'),
      'the minutes stand as they were',
    )
    expect(await latest('wash')).toMatchObject({
      combedOut: false,
      places: ['hindfoot'],
      dried: { minutes: 25 },
    })
  })

  it('undercoat by place: all of it as packed as its most packed', async () => {
    const places = [
      { place: 'thigh' as const, finding: 'some' as const },
      { place: 'nape' as const, finding: 'clear' as const },
    ]
    await write({ kind: 'undercoat', finding: 'some', places })
    await opened('undercoat')
    for (const b of await page.all('[data-raked=nape] [role=radio]'))
      if ((await b.getText()) === 'packed') await page.tap(b)
    await page.press('Put it right')
    await page.until(
      async () =>
        (await latest('undercoat'))?.kind === 'undercoat' &&
        JSON.stringify(await latest('undercoat')).includes('packed'),
      'not put right',
    )
    expect(await latest('undercoat')).toMatchObject({ finding: 'packed' })
  })

  it('a visit: what it left, and that it did no more than it says', async () => {
    await write({ kind: 'visit', lengths: { body: 20 }, found: [], did: ['bath', 'feet'] })
    await opened('visit')
    await page.type('[name=left-body]', 'long')
    await page.says(/millimetres|number/)
    await page.type('[name=left-body]', '13')
    await page.press('only these')
    expect(await page.violations()).toEqual([])
    await page.press('Put it right')
    await page.until(async () => JSON.stringify(await latest('visit')).includes('13'), 'not put right')
    expect(await latest('visit')).toMatchObject({ lengths: { body: 13 }, did: ['bath', 'feet'], only: true })
    await opened('visit')
    await page.press('Take it back')
    await page.until(
      async () => !JSON.stringify((await latest('visit')) ?? '').includes('13'),
      'it still stands',
    )
  })

  it('a tidy: the length and comfort of one part, and the minutes', async () => {
    const cut = { did: 'done' as const, how: 'cut' as const, mm: 4 }
    await write({
      kind: 'tidy',
      tidy: 'paws',
      parts: [
        { part: 'paw.forefoot.left', ...cut },
        { part: 'paw.forefoot.right', ...cut },
      ],
    })
    await opened('tidy')
    await page.press('Put it right')
    await page.type('[name="mm-paw.forefoot.right"]', '6')
    await page.type('[name=took]', '9')
    for (const b of await page.all('[data-bore="paw.forefoot.right"] [role=radio]'))
      if ((await b.getText()) === 'fidgety') await page.tap(b)
    await page.press('Keep it')
    await page.until(async () => JSON.stringify(await latest('tidy')).includes('"minutes":9'), 'not kept')
    expect(await latest('tidy')).toMatchObject({
      minutes: 9,
      parts: [{ mm: 4 }, { mm: 6, comfort: 'fidgety' }],
    })
  })
})

describe('photographs', () => {
  const folder = mkdtempSync(join(tmpdir(), 'grumbo-pictures-'))
  const choose = async (name: string, bytes: Buffer) => {
    writeFileSync(join(folder, name), bytes)
    const chooser = await page.find('[name=photograph]')
    await chooser.sendKeys(join(folder, name))
  }
  const photosOf = async () => (await factsOf()).filter((f) => f.what.kind === 'photo')

  it('what is not a picture is met in words, and nothing is kept of it', async () => {
    await page.visit(`/dogs/${dog.id}/diary`)
    await choose('words.jpg', Buffer.from('no picture'))
    await page.says('That is not a picture that can be read here')
    expect(await photosOf()).toEqual([])
  })

  it('one of 40 megapixels is made small on the device, kept, sent and shown on its place', async () => {
    await choose('large.jpg', await aPicture(8000, 5000))
    await page.says('Put it in the diary')
    await page.choose('[data-pick=photo-place]', 'beard')
    await page.type('[name=photo-says]', 'where the knot was')
    expect(await page.violations()).toEqual([])
    await page.press('Put it in the diary')
    await page.until(async () => (await photosOf()).length === 1, 'no photograph on file')
    const [photo] = await photosOf()
    const path = `/api/dogs/${dog.id}/photographs/${photo!.id}`
    await page.until(async () => (await owner.call('GET', path)).status === 200, 'the picture did not go up')
    expect((await sharp((await owner.call('GET', path)).bytes).metadata()).width).toBe(1600)
    await page.visit(`/dogs/${dog.id}/diary?place=beard`)
    await page.find('[data-entry=photo] img')
    await page.visit(`/dogs/${dog.id}`)
    await page.tap(await page.find('[data-region=beard]'))
    await page.find('[data-story] img')
  })

  it('one taken with no signal is shown, waits, and goes up when there is one', async () => {
    page.foresee(NO_SERVER)
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.find('[data-entry=photo]')
    await page.signal(false)
    await choose(
      'rear.png',
      await sharp(await aPicture(300, 200))
        .png()
        .toBuffer(),
    )
    await page.press('Put it in the diary')
    await page.until(async () => (await page.all('[data-entry=photo] img')).length === 2, 'it is not shown')
    await page.says('waits on this device')
    expect(await photosOf()).toHaveLength(1)
    // Signing out now would lose it, so that waits as well.
    await page.visit('/household')
    await page.says('photographs have not gone up yet')
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.signal(true)
    await page.until(async () => (await photosOf()).length === 2, 'the entry did not go up')
    const last = (await photosOf()).at(-1)!
    await page.until(
      async () => (await owner.call('GET', `/api/dogs/${dog.id}/photographs/${last.id}`)).status === 200,
      'the picture did not go up',
    )
  })
})

describe('handling', () => {
  it('says today’s step, takes how it went in one press, and is in the day’s plan', async () => {
    await page.visit(`/dogs/${dog.id}`)
    await page.until(
      async () => /Forefeet/.test(await page.text('[data-handling]')),
      'Today has no two minutes',
    )
    await page.visit(`/dogs/${dog.id}/handling`)
    await page.says('Forefeet, two minutes')
    await page.says('Today: hand near')
    await page.press('Easy')
    await page.says('Done for today')
    await page.says('1 of 3 easy days')
    await page.until(async () => (await factsOf()).some((f) => f.what.kind === 'handling'), 'not written')
    await page.press('Undo')
    await page.says('Forefeet, two minutes')
  })

  it('a snap leads to stop, and who to ask', async () => {
    await page.press('He snapped or bit')
    await page.says('Stop with the forefeet')
    await page.says('Ring the vet first')
    expect(await page.violations()).toEqual([])
    await page.visit(`/dogs/${dog.id}`)
    await page.find('[data-region="armpit.left"]')
    expect(await page.all('[data-handling]')).toEqual([])
  })
})

describe('how the owner works', () => {
  it('turns the working order round, and names what stands in for a tool', async () => {
    await page.visit(`/dogs/${dog.id}/ways`)
    await page.press('From the head back')
    await page.says('Kept.')
    await page.press('Pin brush')
    await page.press('Comb, wide and fine')
    await page.until(
      async () =>
        JSON.stringify(
          ((await owner.call('GET', `/api/dogs/${dog.id}`)).json.profile as { habits: unknown }).habits,
        ).includes('two-width-comb'),
      'the tools are not kept',
    )
    await page.type('[name=bottle]', '500')
    expect(await page.text('[data-mist]')).toMatch(/4 ml[\s\S]*496 ml/)
    await page.type('[name=bottle]', '5')
    await page.says('A bottle holds 20 to 2,000 ml')
    await page.visit(`/dogs/${dog.id}/table`)
    await page.says('Pin brush for the long-pin slicker')
    await page.says('Mist: none')
    await page.press('Minutes')
    for (let n = 0; n < 5; n++) await page.press('More minutes')
    await page.press('and ')
    const words = await page.text('ol')
    const at = (place: string) => words.indexOf(place)
    expect(at('Behind the ears')).toBeGreaterThan(-1)
    expect(at('Behind the ears')).toBeLessThan(at('Inner thighs'))
  })
})

describe('a session left open', () => {
  const leave = (more: object) =>
    page.driver.executeAsyncScript(
      `const [table, done] = arguments
       const open = indexedDB.open('grumbo')
       open.onsuccess = () => {
         const tx = open.result.transaction('tables', 'readwrite')
         tx.objectStore('tables').put(table)
         tx.oncomplete = () => { open.result.close(); done() }
       }`,
      { dogId: dog.id, paused: 0, regions: ['beard', 'tail'], skipped: [], done: [], ...more },
    )

  it('overnight is closed as it was, its hours not counted as work', async () => {
    const done = check('crown', 'glides', 1)
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [done] })
    const evening = currentInstant().getTime() - 14 * 3_600_000
    await leave({
      day: daysAgo(1),
      startedAt: evening,
      touched: evening + 5 * 60_000,
      done: [{ region: 'crown', entryId: done.id }],
    })
    await page.visit(`/dogs/${dog.id}/table`)
    await page.says('A session is still open')
    await page.says('one place done')
    await page.press('Close it as it was')
    await page.until(
      async () => (await factsOf()).some((f) => f.what.kind === 'session'),
      'no session on file',
    )
    const session = (await factsOf()).find((f) => f.what.kind === 'session')!
    expect(session.day).toBe(daysAgo(1))
    expect((session.what as { minutes: number }).minutes).toBeCloseTo(5, 0)
  })

  it('from a clock that was ahead starts at nought, not before', async () => {
    const ahead = currentInstant().getTime() + 3 * 3_600_000
    await leave({ day: daysAgo(0), startedAt: ahead, touched: ahead, id: uuid() })
    await page.visit(`/dogs/${dog.id}/table`)
    await page.find('[data-finding=glides]')
    await page.says(/0\s*min/)
  })
})

describe('a sitting', () => {
  it('is one line in the diary, which opens to each place', async () => {
    const day = daysAgo(9)
    const regions = ['beard', 'tail', 'chest', 'back', 'belly'] as const
    const { status } = await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
      entries: [
        ...regions.map((region, i) =>
          entry(
            day,
            { kind: 'check', region, finding: i ? 'glides' : 'snag', ...(i ? {} : { count: 1, out: 1 }) },
            { time: `18:0${i}` },
          ),
        ),
        entry(day, { kind: 'session', minutes: 7, places: 5 }, { time: '18:06' }),
      ],
    })
    expect(status).toBe(200)
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.says('Five places, 7 min')
    expect(await page.text('[data-sitting]')).toContain('one snag')
    expect(await page.violations()).toEqual([])
    await page.tap(await page.find('[data-sitting] > button'))
    await page.until(
      async () => (await page.all('[data-sitting] [data-entry=check]')).length === regions.length,
      'it does not open',
    )
    expect(await page.violations()).toEqual([])
    // Looked for by itself a check is not folded away.
    await page.visit(`/dogs/${dog.id}/diary?place=chest`)
    await page.says('Chest')
    expect(await page.all('[data-sitting]')).toHaveLength(0)
  })
})
