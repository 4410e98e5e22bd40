import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { REGION_IDS } from '../../core/coat/regions'
import { addDays } from '../../core/record/day'
import { CARE_IDS } from '../../core/record/tidies'
import type { WeatherDay } from '../../core/season/weather'
import { clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { combedAll, ledOn, openHouse } from '../support/led'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, Page, PHONE } from '../support/page'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** Wash day, the tidies, the look-over and the weather, on a phone and at a desk. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
// The gate asks the hour: whether there is time to dry before bed.
clockAt('10:00')
const today = daysAgo(0)
/** A wet day whatever the season: the feed is replaced by a file of our own. */
function weatherFile(w: Omit<WeatherDay, 'day'>): string {
  const path = join(mkdtempSync(join(tmpdir(), 'grumbo-weather-')), 'weather.json')
  writeFileSync(path, JSON.stringify({ days: [-1, 0, 1].map((n) => ({ day: addDays(today, n), ...w })) }))
  return path
}
const feed = weatherFile({ rainMm: 9, maxC: 14, humidity: 80, mud: false, seeds: false })
/** No day to plan: these dogs are here for what stands beside the comb. */
const minutes = [0, 0, 0, 0, 0, 0, 0]
const merle = newDog({ name: 'Merle', sex: 'male', groomer: 'Imke', minutes })
const wren = newDog({
  minutes,
  name: 'Wren',
  sex: 'female',
  groomer: 'Imke',
  habits: { bed: 1439, dryer: 'forced' },
})
const brush = newDog({
  minutes,
  name: 'Bramble',
  coat: 'double-long',
  sex: 'female',
  habits: { weather: false },
})
/** A pup that bears five minutes at one go, combed a week ago. */
const pup = newDog({
  name: 'Fennel',
  born: daysAgo(120).slice(0, 7),
  // The comb alone, for what is not due does not fill a sitting.
  habits: { every: Object.fromEntries(CARE_IDS.map((care) => [care, 365])) },
  minutes: [40, 40, 40, 40, 40, 40, 40],
})
const aWeekAgo = REGION_IDS.map((region) =>
  entry(daysAgo(7), { kind: 'check', region, finding: 'glides', comfort: 'easy' }),
)

const { factsOf, ofKind, walkThrough } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse(
    [merle, wren, brush, { ...pup, entries: [...pup.entries, ...aWeekAgo] }],
    { GRUMBO_WEATHER: feed },
  ))
})
afterAll(() => close?.())
const both = [
  ['on a phone', PHONE],
  ['at a desk', DESK],
] as const
describe.each(both)('wash day, %s', (_name, screen) => {
  beforeAll(async () => {
    page.byTouch = screen === PHONE
    await page.size(screen)
  })

  it('the gate: comb first and what, then yes once the comb has been through', async () => {
    await page.visit(`/dogs/${wren.id}/bath`)
    if (screen === PHONE) {
      await page.says('Comb her through, then wash')
      await owner.call('POST', `/api/dogs/${wren.id}/entries`, {
        entries: combedAll(['behind-ear.left', 'behind-ear.right']),
      })
      await page.visit(`/dogs/${wren.id}/bath`)
      await page.says('Comb one place, then wash')
      await page.says('39 of 41 places')
      await page.press('Comb one place')
      await page.find('[data-finding=glides]')
      await page.press('Glides')
      await page.until(async () => /Behind the right/.test(await page.text('h1')), 'no second side')
      await page.press('Glides')
      await page.press('Back to today')
      await page.visit(`/dogs/${wren.id}/bath`)
    }
    await page.says('Yes, wash today')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
  })

  it('sore skin, a silly ratio, a small bottle and a dryer with no power are each met in words', async () => {
    await page.press('Skin is sore')
    await page.says('No bath: ring the vet')
    await page.press('Skin is sore')
    await page.says('Yes, wash today')
    await page.type('[name=shampoo-parts]', '0')
    await page.says('A ratio of 1 to 0 has no water in it')
    await page.type('[name=shampoo-parts]', '10')
    expect(await page.text('[data-mix=shampoo]')).toMatch(/\d+ ml of it\n\d+ ml water/)
    await page.type('[name=bottle]', '100')
    await page.says(/do not go into a 100 ml bottle: make it up in \d goes/)
    await page.press('household')
    await page.type('[name=watts]', '0')
    await page.says('A dryer with no power dries nothing')
    await page.type('[name=watts]', '2000')
    await page.says(/Drying, \d+ to \d+ minutes/)
  })

  it('leads the bath with its cautions and ends in the comb check', async () => {
    await page.press('Start the bath')
    // Before any water there is nothing to write.
    await page.press('Stop here')
    await page.says('Yes, wash today')
    await page.press('Start the bath')
    const steps = await walkThrough()
    const acts = [...steps.keys()].join('\n')
    expect(acts).toMatch(
      /Cotton loosely[\s\S]*Wet to the skin[\s\S]*Shampoo[\s\S]*face last[\s\S]*Rinse[\s\S]*blot[\s\S]*From above the tail forward[\s\S]*feet last[\s\S]*Cotton out/,
    )
    const cautionOf = (act: RegExp) => [...steps].find(([a]) => act.test(a))![1]
    expect(cautionOf(/Wet to the skin/)).toMatch(/wrist/)
    expect(cautionOf(/From above the tail/)).toMatch(/Never at face, ears or privates/)
    expect(cautionOf(/Cotton loosely/)).toMatch(/Nothing goes into the ear canal/)
    await page.says('Now comb her through')
    expect(await page.violations()).toEqual([])
    const before = (await ofKind(wren.id, 'wash')).length
    if (screen === DESK) await page.press('a soiled rear')
    await page.type('[name=dried]', '40')
    await page.press(screen === PHONE ? 'Combed already' : 'Not combed out today')
    await page.until(async () => (await ofKind(wren.id, 'wash')).length === before + 1, 'no bath on file')
    const wash = (await ofKind(wren.id, 'wash')).at(-1)!
    expect(wash.combedOut).toBe(screen === PHONE)
    expect(wash.dried).toMatchObject({ minutes: 40 })
    expect(wash.places).toEqual(
      screen === PHONE ? undefined : ['under-tail', 'thigh', 'inner-thigh', 'tail-base'],
    )
    if (screen === DESK) await page.says('Knots are tighter now')
    await page.press('Undo')
    await page.until(async () => (await ofKind(wren.id, 'wash')).length === before, 'it still stands')
  })
})

describe.each(both)('the look-over, %s', (_name, screen) => {
  beforeAll(async () => {
    page.byTouch = screen === PHONE
    await page.size(screen)
  })
  it('a red flag stops it, is read out to the vet, leads Today and blocks work there', async () => {
    await page.visit(`/dogs/${merle.id}/look-over`)
    await page.press('Begin at the eyes')
    await page.press('All well')
    for (let n = 0; n < 3; n++) {
      const at = await page.text('h1')
      await page.press('All well')
      await page.until(async () => (await page.text('h1')) !== at, `still at ${at}`)
    }
    await page.press('Something is there')
    await page.press('Write it in')
    await page.says('Say where it is.')
    await page.press('Belly')
    await page.press('red skin')
    await page.press('wet or weeping')
    expect(await page.violations()).toEqual([])
    await page.press('Write it in')
    await page.says('Stop here and ring the vet')
    expect(await page.text('[data-read-out]')).toMatch(
      /Merle, male, 12 kg\. Belly: red skin and wet or weeping, seen today\./,
    )
    expect(await page.violations()).toEqual([])
    await page.press('Go on with the rest')
    for (const stop of ['Legs and feet', 'Under and along the tail']) {
      await page.says(stop)
      await page.press('All well')
    }
    await page.says('One thing for the vet')
    await page.press('Back to today')
    await page.find('[data-concerns]')
    await page.says('No comb and no tidy there until it is closed')
    await page.visit(`/dogs/${merle.id}/tidies?at=sanitary`)
    await page.find('[data-blocked]')
    await page.says('the rest goes on')
    expect(await page.text('[data-step=belly]')).toMatch(/not until the vet has seen it/)
    expect(await page.text('[data-step=under-tail]')).not.toMatch(/until the vet/)
    await page.visit(`/dogs/${merle.id}/bath`)
    await page.says('No bath: ring the vet')
    await page.visit(`/dogs/${merle.id}`)
    await page.tap(await page.find('[data-region=belly]'))
    await page.press('Comb just this')
    await page.says('Look him over, one minute')
    await page.visit(`/dogs/${merle.id}`)
    // On a busy machine Today may still be laying itself out under the first press: one presses again.
    await page.until(async () => {
      if (!(await page.all('[data-concerns]')).length) return true
      await page.press('The vet has seen it')
      return false
    }, 'it still leads')
    await page.visit(`/dogs/${merle.id}/tidies?at=sanitary`)
    await page.says('Start:')
  })
})

describe('today’s one list, on a phone', () => {
  const linnet = newDog({ name: 'Linnet', minutes: [60, 60, 60, 60, 60, 60, 60] })
  const tidies = () => ofKind(linnet.id, 'tidy')
  beforeAll(async () => {
    page.byTouch = true
    await page.size(PHONE)
    await owner.call('POST', '/api/dogs', linnet)
    // Combed today, so that what is left is care.
    const combed = REGION_IDS.map((region) =>
      entry(today, { kind: 'check', region, finding: 'glides', comfort: 'easy' }),
    )
    await owner.call('POST', `/api/dogs/${linnet.id}/entries`, { entries: combed })
  })

  it('leads from one thing to the next, and what was done has left it', async () => {
    await page.visit(`/dogs/${linnet.id}`)
    await page.says('Minutes today')
    await page.press('40')
    await page.find('[data-on-list=nails]')
    await page.says('and to lay out and put away, once')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('See to the nails')
    const before = (await tidies()).length
    await page.tap(await page.find('[data-care=nails] button'))
    await page.until(async () => (await tidies()).length === before + 1, 'not on file')
    await page.tap(await page.find('[data-next-up]'))
    await page.until(async () => !/\/tidies$/.test(await page.driver.getCurrentUrl()), 'it leads nowhere')
    await page.visit(`/dogs/${linnet.id}`)
    await page.press('40')
    await page.find('[data-care-list]')
    expect(await page.all('[data-on-list=nails]')).toHaveLength(0)
  })

  it('a daily thing is one press, taken back by the same, and something amiss one more', async () => {
    await page.visit(`/dogs/${linnet.id}`)
    const eyes = async () => (await tidies()).filter((t) => t.tidy === 'eyes')
    await page.tap(await page.find('[data-daily=eyes]'))
    await page.until(async () => (await eyes()).length === 1, 'not on file')
    await page.says('today, 1 this week')
    await page.tap(await page.find('[data-daily=eyes]'))
    await page.until(async () => (await eyes()).length === 0, 'not taken back')
    await page.tap(await page.find('[data-daily=eyes]'))
    await page.press('something else?')
    await page.press('red or sore')
    await page.until(async () => (await eyes()).at(-1)?.outcome === 'red', 'what is amiss is not on file')
    expect((await ofKind(linnet.id, 'concern')).at(-1)).toMatchObject({ where: 'eyes' })
    await page.says('the vet first')
  })
})

describe.each(both)('the weather, %s', (_name, screen) => {
  it('suggests a wet walk, writes it in one press, and can be taken back', async () => {
    page.byTouch = screen === PHONE
    await page.size(screen)
    await page.visit(`/dogs/${wren.id}`)
    await page.find('[data-weather]')
    await page.says('Rain today, about 9 mm. A wet walk?')
    await page.press('Yes, wet')
    await page.until(async () => (await factsOf(wren.id)).some((f) => f.what.kind === 'wet'), 'not on file')
    await page.says('A wet walk, written in.')
    await page.press('Undo')
    await page.until(
      async () => !(await factsOf(wren.id)).some((f) => f.what.kind === 'wet'),
      'still on file',
    )
  })
})

describe('the weather and the plan', () => {
  const DRY = { rainMm: 0, humidity: 50, mud: false }
  it.each([
    [
      'seed time puts the feet on today’s plan',
      { ...DRY, maxC: 20, seeds: true },
      async (theirs: Page) => {
        await theirs.says('Dry grass drops its seeds now')
        await theirs.until(
          async () => /Forefeet[\s\S]*Hind feet|Hind feet[\s\S]*Forefeet/.test(await theirs.words()),
          'no feet on the plan',
        )
        await theirs.press('Check the feet')
        await theirs.says(/(fore|hind) ?foot/i)
      },
    ],
    [
      'heat keeps a session short',
      { ...DRY, maxC: 31, seeds: false },
      async (theirs: Page) => {
        await theirs.says('31 °C today')
        await theirs.until(
          () =>
            theirs.driver.executeScript(
              `return [...document.querySelectorAll('[role=radio][aria-checked=true]')].some((r) => r.textContent.trim() === '15')`,
            ),
          'the session is not kept short',
        )
      },
    ],
  ] as const)('%s', async (_says, weather, look) => {
    const summer = await startApp({ GRUMBO_WEATHER: weatherFile(weather) })
    const other = await newOwner(summer.running.address, 'Bo')
    const moss = newDog({ name: 'Moss', minutes: [60, 60, 60, 60, 60, 60, 60] })
    await other.call('POST', '/api/dogs', moss)
    await other.call('POST', `/api/dogs/${moss.id}/entries`, {
      entries: REGION_IDS.map((region) => entry(daysAgo(1), { kind: 'check', region, finding: 'glides' })),
    })
    const theirs = await Page.open(summer.running.address, PHONE)
    await theirs.signIn(String((await other.call('GET', '/api/me')).json.email), PASSWORD)
    await theirs.visit(`/dogs/${moss.id}`)
    await look(theirs)
    await theirs.close()
    await summer.running.stop()
  })
  it('is silent where the owner switched it off', async () => {
    await page.visit(`/dogs/${brush.id}`)
    await page.says('Since then')
    await page.says('Measured')
    expect(await page.all('[data-weather]')).toEqual([])
    expect(await page.violations()).toEqual([])
  })
})

describe('a pup that bears five minutes', () => {
  beforeAll(async () => {
    page.byTouch = true
    await page.size(PHONE)
  })
  it('is combed in two sittings a day where its owner says so, and the second comes after the first', async () => {
    await page.visit(`/dogs/${pup.id}/ways`)
    await page.press('In two, where one is too long')
    await page.says('Kept.')
    await page.visit(`/dogs/${pup.id}`)
    await page.says(/Later today, in a second sitting/)
    const [, later] = /comb (\w+ places?)\. .* minutes with laying out/.exec(
      await page.text('[data-second]'),
    )!
    expect(await page.sideways()).toBe(0)
    expect(await page.violations()).toEqual([])

    await page.tap(await page.find('[data-start]'))
    for (let combed = 0; combed < 30; combed++) {
      await page.until(async () => /Write to|Glides/.test(await page.words()), 'neither a place nor the end')
      if (/Write to/.test(await page.words())) break
      const at = await page.text('h1')
      await page.press('Glides')
      await page.until(async () => (await page.text('h1')) !== at, `still at ${at}`)
    }
    await page.press('Back to today')
    await page.says(`Comb ${later}`)
    expect(await page.all('[data-second]')).toEqual([])
  })
})
