import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import ICAL from 'ical.js'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { assess } from '../../core/record/fold'
import { addDays } from '../../core/record/day'
import { demoDogs } from '../../demo/household'
import { readDiaryCsv } from '../../shared/diary-csv'
import { readRecordFile } from '../../shared/record-file'
import type { Entry } from '../../core/record/entries'
import type { DogFile, Me } from '../../shared/answers'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { currentInstant } from '../support/clock'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, Page, PHONE } from '../support/page'

/** The record out in open formats, and in again. */
let running: Running
let owner: Visitor
let page: Page
const today = daysAgo(0)
const dog = newDog({
  name: 'Tansy',
  groomer: 'Imke',
  nextVisit: addDays(today, 20),
  minutes: [0, 0, 0, 0, 0, 0, 0],
})
/** A dog with a diary as long as people's. */
const [tansy] = demoDogs(today)
const folder = mkdtempSync(join(tmpdir(), 'grumbo-data-'))
const fileOf = async (id = dog.id) => (await owner.call('GET', `/api/dogs/${id}`)).json as unknown as DogFile

beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
    entries: [
      entry(daysAgo(3), { kind: 'check', region: 'beard', finding: 'knot', count: 2, out: 1 }),
      entry(daysAgo(2), { kind: 'wet', how: 'swim', combedDry: false }),
    ],
  })
  page = await Page.open(running.address, DESK)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

/** So that what a correction replaces goes up before it. */
const inOrder = (list: readonly Entry[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1))
/** What a press on a saving button would hand to the browser. */
async function saved(words: string): Promise<string> {
  await page.driver.executeScript(`
    window.handed = null
    const was = URL.createObjectURL
    URL.createObjectURL = (b) => (b.text().then((t) => (window.handed = t)), was.call(URL, b))`)
  await page.press(words)
  await page.until(
    () => page.driver.executeScript('return window.handed !== null'),
    'nothing was handed over',
  )
  return page.driver.executeScript<string>('return window.handed')
}
async function bringIn(name: string, text: string) {
  writeFileSync(join(folder, name), text)
  await (await page.find('[name=bring-in]')).sendKeys(join(folder, name))
}
const open = async () => {
  await page.visit(`/dogs/${dog.id}/data`)
  await page.says('It is yours')
}

describe('out', () => {
  let record = ''
  it('the record, the diary and the calendar, each read back', async () => {
    await open()
    expect(await page.violations()).toEqual([])
    record = await saved('The whole record, JSON')
    const { file, wrong } = readRecordFile(record)
    expect(wrong).toEqual([])
    const kept = await fileOf()
    expect(file.dog.profile).toEqual(kept.profile)
    expect(assess({ profile: file.dog.profile, entries: file.entries }, today)).toEqual(assess(kept, today))
    await open()
    const diary = readDiaryCsv(await saved('The diary as a table, CSV'), () => '')
    expect(diary.wrong).toEqual([])
    expect(diary.entries.length).toBeGreaterThanOrEqual(3)
    await open()
    const calendar = new ICAL.Component(ICAL.parse(await saved('Plan and visit, iCalendar')) as never)
    const titles = calendar
      .getAllSubcomponents('vevent')
      .map((e) => String(e.getFirstPropertyValue('summary')))
    expect(titles).toContain('Tansy: the visit, Imke')
  })

  it('everything of a dog as large as people’s, thirty photographs too, in one zip; cancelled, and failing, in words', async () => {
    const photos = Array.from({ length: 30 }, (_, n) =>
      entry(daysAgo(n % 20), { kind: 'photo', says: `no. ${n}` }),
    )
    await owner.call('POST', '/api/dogs', {
      id: tansy!.id,
      profile: { ...tansy!.began, name: 'Large' },
      entries: inOrder(tansy!.entries).slice(0, 50),
    })
    const rest = [...inOrder(tansy!.entries).slice(50), ...photos]
    for (let i = 0; i < rest.length; i += 400)
      await owner.call('POST', `/api/dogs/${tansy!.id}/entries`, { entries: rest.slice(i, i + 400) })
    const picture = new Uint8Array(await aPicture(640, 480))
    for (const p of photos)
      expect((await owner.call('PUT', `/api/dogs/${tansy!.id}/photographs/${p.id}`, picture)).status).toBe(
        200,
      )
    await page.visit(`/dogs/${tansy!.id}/data`)
    await page.says('It is yours')
    await page.driver.executeScript(`
      window.handed = null
      const was = URL.createObjectURL
      URL.createObjectURL = (b) => { const r = new FileReader(); r.onload = () => (window.handed = r.result.split(',')[1]); r.readAsDataURL(b); return was.call(URL, b) }`)
    // Nothing to pack with: said, and nothing saved.
    await page.driver.executeScript(
      `window.Packs = Worker; window.Worker = class { constructor() { setTimeout(() => this.onerror?.(new Event('error'))) } postMessage() {} addEventListener() {} removeEventListener() {} terminate() {} }`,
    )
    await page.press('Everything, with photographs')
    await page.says('The zip could not be made on this device. Nothing was saved.')
    await page.driver.executeScript('window.Worker = window.Packs')
    // Cancelled part way.
    await page.press('Everything, with photographs')
    await page.press('Cancel')
    await page.until(async () => !/Gathering/.test(await page.words()), 'it goes on')
    expect(await page.words()).not.toContain('Nothing was saved')
    expect(await page.driver.executeScript('return window.handed')).toBe(null)
    await page.press('Everything, with photographs')
    await page.until(() => page.driver.executeScript('return window.handed !== null'), 'no zip', 60_000)
    const files = unzipSync(
      Buffer.from(await page.driver.executeScript<string>('return window.handed'), 'base64'),
    )
    expect(Object.keys(files).filter((f) => f.startsWith('photographs/'))).toHaveLength(30)
    const { file } = readRecordFile(Buffer.from(files['record.json']!).toString('utf8'))
    expect(file.entries.length).toBeGreaterThanOrEqual(tansy!.entries.length + 30)
  })

  it('a record of another household comes in as another dog, to the same state', async () => {
    const other = await newOwner(running.address, 'Bo')
    const theirs = newDog({ name: 'Moss' })
    await other.call('POST', '/api/dogs', theirs)
    const file = (await other.call('GET', `/api/dogs/${theirs.id}`)).json as unknown as DogFile
    await open()
    await bringIn(
      'moss.json',
      JSON.stringify({
        format: 'grumbo-record',
        version: 1,
        exported: currentInstant().toISOString(),
        dog: { id: theirs.id, profile: file.profile },
        entries: file.entries,
      }),
    )
    await page.says('The record of Moss, another dog')
    expect(await page.violations()).toEqual([])
    await page.press('Add Moss to this household')
    await page.until(async () => (await page.at()) === `/dogs/${theirs.id}`, 'not at the new dog')
    const mine = (await owner.call('GET', '/api/me')).json as unknown as Me
    expect(mine.dogs.map((d) => d.profile.name).sort()).toEqual(['Large', 'Moss', 'Tansy'])
    expect(assess(await fileOf(theirs.id), today)).toEqual(assess(file, today))
  })
})

describe('in', () => {
  it('a diary as a table: shown first, refused line by line, added once', async () => {
    await page.size(PHONE)
    await open()
    const table = [
      'day,kind,where,finding,count',
      `${daysAgo(4)},check,Left armpit,snag,1`,
      `${daysAgo(4)},check,wing,glides,`,
      'some day,check,beard,glides,',
    ].join('\r\n')
    await bringIn('diary.csv', table)
    await page.says('One new entry')
    await page.says('Two lines are left out')
    expect(await page.text('[data-wrong]')).toMatch(
      /3 The coat map has no such place\.[\s\S]*4 Give the day as year-month-day/,
    )
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    // A plan may go up by itself meanwhile, so the checks are counted.
    const checks = async () => (await fileOf()).entries.filter((e) => e.what.kind === 'check').length
    const before = await checks()
    await page.press('Add it')
    await page.says('One entry added.')
    await page.until(async () => (await checks()) === before + 1, 'not on file')
  })
  it('a groomer’s calendar sets the next visit', async () => {
    await open()
    const day = addDays(today, 34)
    await bringIn(
      'salon.ics',
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;TZID=Broken/Zone:${day.replaceAll('-', '')}T093000\r\nSUMMARY:Tansy full groom\r\nEND:VEVENT\r\nEND:VCALENDAR`,
    )
    await page.says('Tansy full groom')
    await page.press('Next visit')
    await page.says('The next visit is')
    expect((await fileOf()).profile.nextVisit).toBe(day)
  })
  it('what is none of these, and a record of a newer version, are met in words', async () => {
    await open()
    await bringIn('junk.json', '{ "hello": 1 }')
    await page.says('That file is not a record of Grumbo’s.')
    await bringIn('newer.json', JSON.stringify({ format: 'grumbo-record', version: 7, entries: [] }))
    await page.says('written by a newer Grumbo (version 7')
    await bringIn('none.ics', 'BEGIN:VCARD\r\nEND:VCARD')
    await page.says('That file is not a calendar.')
    await bringIn('script.csv', 'day,kind\r\n<script>alert(1)</script>,=1+1')
    await page.says('One line is left out')
  })
})
