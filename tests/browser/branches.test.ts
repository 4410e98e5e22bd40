import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { REHEARSED_IDS, WORK_IDS } from '../../core/record/tidies'
import type { WorkId } from '../../core/record/tidies'
import { clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { combedAll, ledOn, openHouse } from '../support/led'
import { daysAgo, newDog } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, Key, PHONE } from '../support/page'
import type { Page } from '../support/page'

/** Every work from Start to its end, every finding taken on the way and come back from; by touch, and by keys alone. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
const today = daysAgo(0)
const minutes = [0, 0, 0, 0, 0, 0, 0]
const habits = { setting: 'scissors', ears: 'hanging', face: 'one-line', earCare: 'leave-alone' } as const
const dogs = {
  merle: newDog({ name: 'Merle', sex: 'male', neutered: false, groomer: 'Imke', minutes, habits }),
  rowan: newDog({ name: 'Rowan', sex: 'male', neutered: true, groomer: 'Imke', minutes, habits }),
  tilla: newDog({ name: 'Tilla', sex: 'female', neutered: false, groomer: 'Imke', minutes, habits }),
  wren: newDog({ name: 'Wren', sex: 'female', neutered: true, groomer: 'Imke', minutes, habits }),
}
type Name = keyof typeof dogs
const NAMES = Object.keys(dogs) as Name[]
const { ofKind, where, start } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse(Object.values(dogs)))
  const seen = REHEARSED_IDS.map((of) => entry(today, { kind: 'rehearsed', of, went: 'kept' }))
  for (const dog of Object.values(dogs))
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [...combedAll(), ...seen] })
})
afterAll(() => close?.())

/** Presses what is there by touch, or by keys: its number among the choices, or Enter once it has the focus. */
async function press(css: string, byKeys: boolean) {
  const el = await page.find(css)
  if (!byKeys) return page.tap(el)
  const number = await page.driver.executeScript<number>(
    `return [...document.querySelectorAll('[data-choice]')].indexOf(arguments[0]) + 1`,
    el,
  )
  if (number >= 1 && number <= 9) return page.keys(String(number))
  await page.driver.executeScript('arguments[0].focus()', el)
  return page.keys(Key.ENTER)
}
const pressWords = async (words: string, byKeys: boolean) => {
  const el = await page.named(words)
  if (!byKeys) return page.tap(el)
  await page.driver.executeScript('arguments[0].focus()', el)
  return page.keys(Key.ENTER)
}
const here = async (css: string) => (await page.all(css)).length > 0
/** What is to be done about what was found, where that is said. */
const saidHere = () =>
  page.driver.executeScript<string>(`return document.querySelector('[data-here]')?.innerText ?? ''`)
/** What the page came to after a press: where a finding leads can be seen there. */
type CameTo = 'here' | 'vet' | 'knot' | 'wash' | 'log' | 'on'
async function cameTo(before: string, said: string): Promise<CameTo> {
  let to: CameTo | null = null
  await page.until(async () => {
    if (await here('[data-to-vet]')) to = 'vet'
    else if (await here('[data-part-wash]')) to = 'wash'
    else if (await here('[data-log]')) to = 'log'
    else if (!(await here('[data-run]'))) to = 'knot'
    else if ((await where()) !== before) to = 'on'
    else if ((await saidHere()) !== said) to = 'here'
    return to !== null
  }, `nothing came of it at ${before}`)
  return to!
}

/** Through a work: each finding once, and back from it; then the usual answer, to the log. */
async function everyBranch(byKeys: boolean) {
  const taken = new Map<string, string>()
  const tried = new Set<string>()
  const visited = new Set<string>()
  /** The act an answer beside the usual one goes on to. */
  const goesTo = new Map<string, string>()
  let closed = false
  let first: string | undefined
  for (let n = 0; n < 120; n++) {
    if (await here('[data-log]')) return taken
    const now = await where()
    const act = now.split(': ').at(-1)!
    visited.add(act)
    first ??= now
    // Closed on the way, once: it goes on where it was. At its very beginning there is nothing to go on with.
    if (!closed && now !== first) {
      closed = true
      await page.driver.navigate().refresh()
      await press('[data-go-on]', byKeys)
      await page.until(async () => (await where()) === now, `not back at ${now}`)
    }
    const all = await page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-found]')].map((b) => b.dataset.found)`,
    )
    const untried = all.filter((f) => !tried.has(`${act} ${f}`))
    // What ends the whole of it is left for last.
    const id = untried.find((f) => f !== 'little') ?? untried[0]
    if (!id) {
      // By way of what nobody has come to yet, else by the usual answer.
      const on = all.find((f) => {
        const to = goesTo.get(`${act} ${f}`)
        return to && !visited.has(to)
      })
      await press(on ? `[data-found=${on}]` : '[data-next]', byKeys)
      await page.until(async () => (await where()) !== now, `still at ${now}`)
      continue
    }
    tried.add(`${act} ${id}`)
    const leads = await (await page.find(`[data-found=${id}]`)).getAttribute('data-leads')
    const said = await saidHere()
    await press(`[data-found=${id}]`, byKeys)
    const to = await cameTo(now, said)
    taken.set(`${act} ${id}`, to)
    if (to === 'log') return taken
    if (to === 'vet') await pressWords('It was not so', byKeys)
    else if (to === 'wash') await pressWords('It is clean and dry now', byKeys)
    else if (to === 'knot') await pressWords('Back', byKeys)
    else if (to === 'on') {
      if (leads === 'on') goesTo.set(`${act} ${id}`, (await where()).split(': ').at(-1)!)
      // A step aside is walked before it is come back from.
      const aside = await page.driver.executeScript<boolean>(
        `return !!document.querySelector('[data-step-now=press]')`,
      )
      if (aside) {
        const pressing = await where()
        await press('[data-found=goes-on]', byKeys)
        expect(await cameTo(pressing, '')).toBe('vet')
        await pressWords('It was not so', byKeys)
        await page.until(async () => (await where()) === pressing, 'not back at the pressing')
      }
      await pressWords('Back', byKeys)
    }
    await page.until(async () => (await where()) === now, `not back at ${now} from ${id}`)
  }
  throw new Error('the work has no end')
}

/** Half of the line, then Stop: what came of it so far stands in the log, and what was not reached is left. */
async function stopHalfWay(dog: string, work: WorkId) {
  const before = (await ofKind(dog, 'tidy')).length
  for (let n = 0; n < 60; n++) {
    const [, at, of] = /(\d+) of (\d+)/.exec(await page.text('[data-run]'))!
    if (Number(at) > Number(of) / 2) break
    const now = await where()
    await press('[data-next]', false)
    await page.until(async () => (await where()) !== now, `still at ${now}`)
  }
  await pressWords('Stop here', false)
  await page.says(/Stopped|The band is off/)
  // A band that is on comes off first.
  if (await here('[data-run]')) await press('[data-next]', false)
  await page.says('Stopped')
  const told = await page.text('[data-log]')
  const write = (await here('[data-write]:enabled'))
    ? 'Write it in'
    : /Just right/.test(told)
      ? 'Just right'
      : null
  await pressWords(write ?? 'Not done: write nothing', false)
  await page.until(
    async () => (await ofKind(dog, 'tidy')).length === before + (write ? 1 : 0),
    `not as told of ${work}`,
  )
  if (!write) return
  const parts = (await ofKind(dog, 'tidy')).at(-1)!.parts!
  expect(parts.some((p) => p.did === 'done')).toBe(true)
  expect(parts.some((p) => p.did === 'left')).toBe(true)
}

/** Where each finding must have led, by how its name stands in the work. */
const LEADS: Partial<Record<WorkId, Record<string, string>>> = {
  paws: { mat: 'knot', seed: 'here', sore: 'vet', stops: 'knot' },
  face: {
    crust: 'here',
    caked: 'on',
    red: 'vet',
    'pulls-away': 'on',
    catches: 'knot',
    sore: 'vet',
    fold: 'vet',
  },
  ears: { catches: 'knot', sore: 'vet', strays: 'here' },
  sanitary: {
    soiled: 'wash',
    red: 'vet',
    'other-lie': 'here',
    'wont-pass': 'on',
    stops: 'knot',
    sore: 'vet',
  },
  nails: { long: 'on', split: 'vet', 'grown-in': 'vet', dot: 'on', bled: 'on' },
  eyes: { damp: 'on', red: 'vet', caked: 'on', bare: 'vet', soaked: 'on' },
  'ear-look': { dirt: 'on', wax: 'vet', smell: 'vet', sore: 'vet', hurts: 'vet' },
  teeth: { amiss: 'vet', bleeding: 'vet' },
}

describe.each([
  ['by touch, on a phone', PHONE, false],
  ['by keys, at a desk', DESK, true],
] as const)('every branch, %s', (_name, screen, byKeys) => {
  beforeAll(async () => {
    page.byTouch = !byKeys
    await page.size(screen)
  })
  // What the rear asks is by who the dog is; the keys are the same for all.
  const WALKS = WORK_IDS.flatMap((work): [WorkId, Name][] =>
    work === 'sanitary' && !byKeys ? NAMES.map((name) => [work, name]) : [[work, 'merle']],
  )
  it.each(WALKS)('%s of %s', async (work, name) => {
    const dog = dogs[name]
    /** With every part there is. */
    const begin = async () => {
      await page.visit(`/dogs/${dog.id}/tidies?at=${work}`)
      await page.says('Start:')
      for (const chip of await page.all('[data-now][aria-pressed=false]')) {
        await page.driver.executeScript('arguments[0].focus()', chip)
        await (byKeys ? page.keys(Key.ENTER) : page.tap(chip))
      }
      await start()
    }
    if (!byKeys) {
      await begin()
      await stopHalfWay(dog.id, work)
    }
    await begin()
    // With the last finding of a work that ends it left for last, it comes to its log by the usual answer or by that.
    const taken = await everyBranch(byKeys)
    const led = [...taken].map(([key, to]) => [key.split(' ').at(-1)!, to])
    for (const [id, to] of Object.entries(LEADS[work] ?? {}))
      expect(led, `${work} ${id}`).toContainEqual([id, to])
    if (work === 'sanitary') {
      expect(led.some(([id]) => id === 'in-season')).toBe(name === 'tilla')
      expect(led.some(([id]) => id === 'knotted')).toBe(name === 'merle' || name === 'rowan')
    }
    expect(await page.violations()).toEqual([])
    const before = (await ofKind(dog.id, 'tidy')).length
    await ((await here('[data-write]')) ? press('[data-write]', byKeys) : pressWords('Just right', byKeys))
    await page.until(async () => (await ofKind(dog.id, 'tidy')).length === before + 1, 'not on file')
    const tidied = (await ofKind(dog.id, 'tidy')).at(-1)!
    expect(tidied.tidy).toBe(work)
    // Every finding was come back from: nothing of it stands but what was kept on purpose, and all of it is done.
    expect((tidied.parts ?? []).filter((p) => p.did !== 'done')).toEqual([])
    expect(await ofKind(dog.id, 'concern')).toEqual([])
  })
})
