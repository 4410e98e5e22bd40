import { millisecondsInDay } from 'date-fns/constants'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { COATS } from '../../core/coat/coat-types'
import { shedsIn } from '../../core/coat/exposure'
import { REGION_IDS } from '../../core/coat/regions'
import { addDays, monthOf } from '../../core/record/day'
import { clockAheadMs, clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { combedAll, ledOn, openHouse } from '../support/led'
import { daysAgo, newDog } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, PHONE } from '../support/page'
import type { Page } from '../support/page'

/** The long works, led: a bath, undercoat, a clip over two days; and four ladders through three weeks. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
const today = daysAgo(0)
const minutes = [0, 0, 0, 0, 0, 0, 0]
const habits = { setting: 'scissors', ears: 'hanging' } as const
const merle = newDog({ name: 'Merle', sex: 'male', groomer: 'Imke', coat: 'wool', minutes, habits })
const wren = newDog({ name: 'Wren', sex: 'female', groomer: 'Imke', coat: 'double-long', minutes })
const tilla = newDog({ name: 'Tilla', sex: 'female', groomer: 'Imke', coat: 'wool-cross', minutes, habits })
const rowan = newDog({ name: 'Rowan', sex: 'male', groomer: 'Imke', hard: ['forefoot', 'tail'], minutes })
const { ofKind, where, next, found, at, factsOf } = ledOn(
  () => page,
  () => owner,
)
const WEEKS = 3
/** Days until coats shed, in spring or autumn; the part wash of before leaves a coat wet for two. */
const toSeason = Array.from({ length: 200 }, (_, d) => d + 2).find((d) =>
  shedsIn(COATS['double-long'], monthOf(addDays(today, d)), 'north'),
)!

beforeAll(async () => {
  // The server is past all of it: days that have come are taken.
  const ahead = String(clockAheadMs() + (Math.max(7 * WEEKS, toSeason) + 2) * millisecondsInDay)
  ;({ owner, page, close } = await openHouse([merle, wren, tilla, rowan], { GRUMBO_CLOCK_AHEAD_MS: ahead }))
  const putOff = entry(today, {
    kind: 'check',
    region: 'side.left',
    finding: 'knot',
    count: 2,
    out: 0,
    decided: { answer: 'condition', why: 'tried-wash' },
  })
  await owner.call('POST', `/api/dogs/${merle.id}/entries`, {
    entries: [...combedAll(['side.left']), putOff],
  })
  await owner.call('POST', `/api/dogs/${tilla.id}/entries`, { entries: combedAll() })
  page.byTouch = true
  await page.size(PHONE)
})
afterAll(() => close?.())

const clips = async (dog: string) => (await ofKind(dog, 'visit')).filter((v) => v.home)
const onFile = (dog: string, kind: 'wash' | 'undercoat' | 'handling' | 'concern', count: number) =>
  page.until(
    async () => (await factsOf(dog)).filter((f) => f.what.kind === kind).length === count,
    `no ${kind} on file`,
  )
/** Presses the usual answer until the step says so. */
async function until(part: string, act: RegExp) {
  for (let n = 0; n < 40; n++) {
    const now = await where()
    if (now.startsWith(part) && act.test(now)) return
    await next()
    await page.until(async () => (await where()) !== now, `still at ${now}`)
  }
  throw new Error(`never at ${part}`)
}
const clear = async () => {
  expect(await page.violations()).toEqual([])
  expect(await page.sideways()).toBe(0)
}

describe('a bath on a phone', () => {
  it('from the gate: what was put off to the conditioner is listed, and asked after there with its clock', async () => {
    await page.visit(`/dogs/${merle.id}/bath`)
    await page.says('Yes, wash today')
    expect(await page.text('[data-put-off-to]')).toMatch(/left side, about three minutes/)
    await clear()
    await page.press('Start the bath')
    await until('', /Wet to the skin/)
    expect(await page.text('[data-cautions]')).toMatch(/wrist/)
    await until('Left side', /conditioner into the 2/)
    await page.passTime(3.5 * 60_000)
    expect(await page.text('[data-clock]')).toMatch(/what has not let go is left/)
    await clear()
    await found('still')
    await page.says('left for the groomer')
    await page.press('Back')
    await at('Left side', /conditioner/)
    await next()
    await until('Head and ears', /towel and hand/)
    expect(await page.text('[data-cautions]')).not.toMatch(/Low heat/)
  })
  it('drying by part: heat and panting are asked after, and what is seen on the skin is told at once', async () => {
    await until('Back', /From above the tail/)
    expect(await page.text('[data-cautions]')).toMatch(/Never at face, ears or privates/)
    await page.passTime(5 * 60_000)
    expect(await page.text('[data-clock]')).toMatch(/Panting/)
    await page.press('Cool, and at ease')
    await found('pants')
    await page.says('Dryer off, cool floor')
    await until('Chest', /Chest/)
    await found('spot')
    await page.says('What do you see?')
    await page.press('Write it in')
    await page.says('Say where it is.')
    await page.press('Girth')
    await page.press('red skin')
    await clear()
    await page.press('Write it in')
    await page.says('Written in, to tell the vet')
    await at('Chest', /Chest/)
    await onFile(merle.id, 'concern', 1)
    expect(await ofKind(merle.id, 'concern')).toMatchObject([{ where: 'girth', seen: ['red'] }])
  })
  it('stopped before the feet and the page closed, it is taken up again, and ends at the table', async () => {
    await until('Underneath', /Belly/)
    expect(await page.text('[data-cautions]')).toMatch(/A hand over the privates/)
    await until('Feet', /against the lie/)
    await page.press('Stop here')
    await page.says('Stopped part way')
    expect(await page.text('[data-damp]')).toMatch(/forefeet|forefoot/)
    await clear()
    await page.tap(await page.find('[data-take-up]'))
    await at('Feet', /against the lie/)
    // No bath would be begun on skin like that; one that was begun is gone on with, for the dog is wet.
    await page.driver.navigate().refresh()
    await page.says('No bath: ring the vet')
    await page.tap(await page.find('[data-go-on]'))
    await at('Feet', /against the lie/)
    await next()
    await until('', /Cotton out/)
    await next()
    // Closed before it was written, it is asked after again.
    await page.says('Now comb him through')
    await page.driver.navigate().refresh()
    await page.says('Now comb him through')
    expect(await page.all('[data-damp]')).toHaveLength(0)
    await page.type('[name=dried]', '34')
    await clear()
    await page.tap(await page.find('[data-to-table]'))
    await page.find('[data-finding=glides]')
    await onFile(merle.id, 'wash', 1)
    expect(await ofKind(merle.id, 'wash')).toEqual([
      { kind: 'wash', combedOut: false, dried: { minutes: 34, with: 'household' } },
    ])
    const side = (await ofKind(merle.id, 'check')).filter((c) => c.region === 'side.left')
    expect(side.map((c) => c.out)).toContain(2)
  })
  it('a part wash of a soiled rear wants no comb: those places are wetted, dried and written, and no others', async () => {
    await page.visit(`/dogs/${wren.id}/bath`)
    await page.says('Not yet')
    await page.says('0 of 41 places')
    await page.press('a soiled rear')
    await page.says('Yes, a part wash')
    await clear()
    await page.press('Start the part wash')
    await until('', /Wet only what is washed/)
    await until('Underneath', /inside the thighs/)
    await until('Under the tail', /dry towel/)
    expect(await page.text('[data-cautions]')).not.toMatch(/Low heat/)
    await found('damp')
    await page.says('Now comb her through')
    expect(await page.text('[data-damp]')).toBe('Still damp: under the tail.')
    await page.press('Not combed out today')
    await onFile(wren.id, 'wash', 1)
    expect(await ofKind(wren.id, 'wash')).toEqual([
      {
        kind: 'wash',
        combedOut: false,
        places: ['under-tail', 'thigh', 'inner-thigh', 'tail-base'],
        damp: ['under-tail'],
      },
    ])
  })
})

describe('undercoat in season', () => {
  it('slicker and rake, place by place; packed gets a second pass, refused is left, and it is read back', async () => {
    await page.laterBy(millisecondsInDay * toSeason)
    await page.visit(`/dogs/${wren.id}/tidies?at=undercoat`)
    await page.says('Rake her, eight places')
    await clear()
    await page.press('Start: thighs')
    await at('Thighs', /Slicker first/)
    expect(await page.text('[data-cautions]')).toMatch(/pressed in, the teeth burn/)
    await found('knot')
    await page.press('Left thigh')
    await page.says('How is the skin under it?')
    await page.press('Back')
    await at('Thighs', /Slicker first/)
    await next()
    await found('packed')
    await at('Thighs', /Once more/)
    await clear()
    await page.driver.navigate().refresh()
    await page.tap(await page.find('[data-go-on]'))
    await at('Thighs', /Once more/)
    await next()
    await at('Tail', /Slicker first/)
    expect(await page.text('[data-cautions]')).toMatch(/last tail bone/)
    await page.press('Would not have it')
    await until('Rump', /The rake/)
    await next()
    // What is seen on the skin stops its own place, and the next is in hand.
    await at('Sides', /Slicker/)
    await found('spot')
    await page.press('red skin')
    await page.press('Write it in')
    await page.says('Written in, to tell the vet')
    await at('Back', /Slicker/)
    await page.press('Stop here')
    expect(await page.text('[data-part=tail]')).toMatch(/would not/)
    await page.tap(await page.find('[data-write]'))
    await onFile(wren.id, 'undercoat', 1)
    expect(await ofKind(wren.id, 'undercoat')).toEqual([
      {
        kind: 'undercoat',
        finding: 'packed',
        places: [
          { place: 'rump', finding: 'clear' },
          { place: 'thigh', finding: 'packed' },
          { place: 'thigh', finding: 'some', pass: 2 },
        ],
      },
    ])
    await page.laterBy(-millisecondsInDay * toSeason)
  })
})

describe('a clip over two days', () => {
  it('says what each length costs before the first pass, and leads it part by part', async () => {
    await page.visit(`/dogs/${tilla.id}/tidies?at=clip`)
    await page.says('What each length costs')
    await page.tap(await page.find('[data-guard="13"]'))
    await clear()
    await page.press('Start: neck')
    await page.tap(await page.find('[data-not=calm]'))
    await page.says('Not with blades today')
    await page.tap(await page.find('[data-not=calm]'))
    await page.tap(await page.find('[data-all-so]'))
    await at('', /13 mm guard comb/)
    await next()
    await at('Neck', /dog sitting/)
    expect(await page.text('[data-cautions]')).toMatch(/neck folds flat/)
    await clear()
    await found('pulls')
    await page.says('Blade off. A minute')
    await page.passTime(4 * 60_000)
    expect(await page.text('[data-clock]')).toMatch(/wrist/)
    await page.press('It is cool')
    await until('Back', /down the spine/)
    await found('stops')
    await page.says('Where did it stop?')
    await page.press('Rump')
    await page.says('How is the skin under it?')
    await page.press('Back')
    await until('Left side', /Down the left side/)
    await page.press('Stop here')
    expect(await page.text('[data-part=back]')).toMatch(/clipped/)
    expect(await page.text('[data-part="side.left"]')).toMatch(/still to come/)
    await clear()
    await page.tap(await page.find('[data-write]'))
    await page.until(async () => (await clips(tilla.id)).length === 1, 'no clip on file')
    await page.says('The clip, six parts to go')
    await page.find('[data-clip-progress]')
  })
  it('the next day it wants the comb again, goes on where it was, and the map has both days', async () => {
    await page.laterBy(millisecondsInDay)
    const tomorrow = addDays(today, 1)
    await page.visit(`/dogs/${tilla.id}/tidies?at=clip`)
    await page.says('The clip, six parts to go')
    await page.find('[data-comb-first]')
    await owner.call('POST', `/api/dogs/${tilla.id}/entries`, {
      entries: REGION_IDS.map((region) => entry(tomorrow, { kind: 'check', region, finding: 'glides' })),
    })
    await page.visit(`/dogs/${tilla.id}/tidies?at=clip`)
    await page.press('Start: left side')
    await page.tap(await page.find('[data-all-so]'))
    await until('Left side', /Down the left side/)
    await until('Belly', /belly/)
    expect(await page.text('[data-cautions]')).toMatch(/Cover folds, nipples and privates/)
    await page.press('Would not have it')
    await until('', /comb them, and leave them/)
    await until('', /Stand back/)
    await next()
    await page.tap(await page.find('[data-write]'))
    await page.until(async () => (await clips(tilla.id)).length === 2, 'no second clip on file')
    const visits = await clips(tilla.id)
    expect(
      visits.map((v) => v.except!.map((e) => `${e.place}${e.side ? ` ${e.side}` : ''} ${e.mm}`)),
    ).toEqual([
      ['nape 13', 'collar-line 13', 'shoulders 13', 'back 13', 'rump 13'],
      ['side 13', 'foreleg 13', 'thigh 13', 'chest 13', 'girth 13'],
    ])
    await page.says('The clip, one part to go')
    await page.laterBy(-millisecondsInDay)
  })
})

describe('four ladders side by side, three weeks', () => {
  it('two places and two tools, two a day, each by its own steps, and where the hand goes is drawn', async () => {
    await page.size(DESK)
    page.byTouch = false
    for (const tool of ['clipper', 'dryer']) {
      await page.visit(`/dogs/${rowan.id}/handling`)
      await page.choose('[data-pick=another]', tool)
      await page.press('Add it')
      await page.says(tool === 'clipper' ? 'The clipper' : 'The dryer')
    }
    await clear()
    const drawn = new Set<string>()
    for (let day = 0; day < 7 * WEEKS; day++) {
      await page.visit(`/dogs/${rowan.id}/handling`)
      for (let n = 1; n <= 2; n++) {
        await page.find('[aria-label="How it went"]')
        drawn.add(await (await page.find('[data-drawn] [role=img]')).getAttribute('aria-label').then(String))
        // Once the dog minds: the school's way is gone, and it ends calm.
        if (day === 4) {
          await page.press('Fidgety')
          await page.press('Leave it, come back')
        } else await page.press('Easy')
        await onFile(rowan.id, 'handling', day * 2 + n)
        await page.says('Done for today')
        if (n === 1) await page.tap(await page.find('[data-today-too]'))
      }
      await page.laterBy(millisecondsInDay)
    }
    const handled = await ofKind(rowan.id, 'handling')
    expect(handled).toHaveLength(14 * WEEKS)
    for (const place of ['forefoot', 'tail', 'clipper', 'dryer']) {
      const steps = handled.filter((h) => h.place === place).map((h) => h.step)
      expect(steps.length, place).toBeGreaterThanOrEqual(10)
      // Up by one at a time, never back: no day was bad.
      expect(steps.every((s, i) => i === 0 || s === steps[i - 1] || s === steps[i - 1]! + 1)).toBe(true)
      expect(Math.max(...steps), place).toBeGreaterThanOrEqual(2)
    }
    expect([...drawn].some((d) => /running, across the room/.test(d))).toBe(true)
    expect(drawn.size).toBeGreaterThanOrEqual(12)
    await page.laterBy(-7 * WEEKS * millisecondsInDay)
    await page.size(PHONE)
    await page.visit(`/dogs/${rowan.id}/handling`)
    await clear()
  }, 240_000)
})
