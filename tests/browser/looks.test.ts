import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { combedAll, ledOn, openHouse } from '../support/led'
import { daysAgo, newDog } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, PHONE } from '../support/page'
import type { Page } from '../support/page'

/** What is looked at between, led and in one press; undercoat; a clip at home. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
const today = daysAgo(0)
/** No day to plan: these dogs are here for what stands beside the comb. */
const minutes = [0, 0, 0, 0, 0, 0, 0]
/** All of it open to the owner, and rehearsed. */
const merle = newDog({
  name: 'Merle',
  sex: 'male',
  groomer: 'Imke',
  minutes,
  habits: { setting: 'scissors' },
})
const brush = newDog({
  minutes,
  name: 'Bramble',
  coat: 'double-long',
  sex: 'female',
  habits: { weather: false },
})
const { ofKind, next, start, walkThrough, partIs, found, at } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse([merle, brush]))
  await owner.call('POST', `/api/dogs/${merle.id}/entries`, {
    entries: [...combedAll(), entry(today, { kind: 'rehearsed', of: 'nails', went: 'kept' })],
  })
})
afterAll(() => close?.())

describe('what is looked at between', () => {
  it('nails are led foot by foot: a sliver, one that bleeds and is pressed, one put off; kept when the page is closed', async () => {
    await page.size(PHONE)
    page.byTouch = true
    await page.visit(`/dogs/${merle.id}/tidies`)
    await page.tap(await page.find('[data-lead=nails]'))
    await start()
    await at('Left forefoot', /Foot held low/)
    await page.tap(await page.find('[data-later]'))
    await at('Right forefoot', /Foot held low/)
    await found('long')
    await at('Right forefoot', /A sliver off the tip/)
    expect(await page.text('[data-cautions]')).toContain('A sliver at a time')
    expect(await page.violations()).toEqual([])
    await found('dot')
    await at('Left hind foot', /Foot held low/)
    await found('long')
    await found('bled')
    await at('Left hind foot', /five minutes without looking/)
    await page.driver.navigate().refresh()
    await page.tap(await page.find('[data-go-on]'))
    await at('Left hind foot', /five minutes without looking/)
    await next()
    await at('Right hind foot', /Foot held low/)
    // By keys: the usual answer is the last of the choices but three.
    const before = (await ofKind(merle.id, 'tidy')).length
    await next()
    await at('Left forefoot', /Foot held low/)
    await next()
    await page.find('[data-log]')
    expect(await page.violations()).toEqual([])
    await page.tap(await page.find('[data-write]'))
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    expect((await ofKind(merle.id, 'tidy')).at(-1)!.parts).toEqual([
      { part: 'nails.forefoot.left', did: 'done', outcome: 'fine' },
      { part: 'nails.forefoot.right', did: 'done', outcome: 'sliver' },
      { part: 'nails.hindfoot.left', did: 'done', outcome: 'bled' },
      { part: 'nails.hindfoot.right', did: 'done', outcome: 'fine' },
    ])
    await page.says('Being shortened, a sliver every four days')
    await page.press('Undo')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'still on file')
  })
  it('eyes, ears and teeth are led the first times, by keys at a desk too', async () => {
    let tidies = (await ofKind(merle.id, 'tidy')).length
    const onFile = async () => {
      tidies += 1
      await page.until(async () => (await ofKind(merle.id, 'tidy')).length === tidies, 'not on file')
    }
    await page.visit(`/dogs/${merle.id}/tidies?at=eyes`)
    await start()
    await at('Left eye', /Look at the eye/)
    await found('damp')
    await at('Left eye', /Wipe from the corner/)
    await next()
    await at('Right eye', /Look at the eye/)
    await found('red')
    await page.says('Stop here and ring the vet')
    await page.press('It was not so')
    await at('Right eye', /Look at the eye/)
    await next()
    await page.tap(await page.find('[data-write]'))
    await onFile()
    expect((await ofKind(merle.id, 'tidy')).at(-1)).toMatchObject({
      tidy: 'eyes',
      parts: [
        { part: 'eye.left', did: 'done', outcome: 'wiped' },
        { part: 'eye.right', did: 'done', outcome: 'clear' },
      ],
    })
    expect(await ofKind(merle.id, 'concern')).toHaveLength(0)

    await page.size(DESK)
    await page.visit(`/dogs/${merle.id}/tidies?at=ear-look`)
    await start()
    await at('Left ear', /Lay the flap back/)
    // The choices by their numbers: wax, smell, sore; then pale, which goes on.
    await page.keys('4')
    await at('Left ear', /Wipe what you can see/)
    await page.keys('2')
    await at('Right ear', /Lay the flap back/)
    await page.keys('2')
    await page.says('Stop here and ring the vet')
    await page.press('Write it in')
    await page.press('Back to the tidy')
    await page.tap(await page.find('[data-write]'))
    await onFile()
    expect((await ofKind(merle.id, 'tidy')).at(-1)!.parts).toEqual([
      { part: 'ear-opening.left', did: 'done', outcome: 'wiped' },
      { part: 'ear-opening.right', did: 'done', outcome: 'smell' },
    ])
    expect((await ofKind(merle.id, 'concern')).at(-1)).toMatchObject({
      where: 'ear-openings',
      seen: ['smell'],
    })

    await page.visit(`/dogs/${merle.id}/tidies?at=teeth`)
    await start()
    await at('', /A taste of the paste/)
    await next()
    await next()
    await at('', /outsides of the back teeth/)
    await found('little')
    await page.tap(await page.find('[data-write]'))
    await onFile()
    expect((await ofKind(merle.id, 'tidy')).at(-1)).toMatchObject({ tidy: 'teeth', outcome: 'little' })
  })
  it('is one press each, with undo; undercoat on a double coat', async () => {
    await page.size(PHONE)
    page.byTouch = true
    await page.visit(`/dogs/${brush.id}/tidies`)
    await page.says('Dead undercoat')
    await page.press('A sliver')
    await page.says('Nails: a sliver, written in.')
    await page.says('a sliver every four days')
    await page.press('Packed')
    await page.until(async () => (await ofKind(brush.id, 'undercoat')).length === 1, 'not on file')
    await page.press('Undo')
    await page.until(async () => (await ofKind(brush.id, 'undercoat')).length === 0, 'still on file')
    expect(await page.violations()).toEqual([])
  })
  it('a look that is bad opens a concern there, and both are taken back by one press', async () => {
    await page.visit(`/dogs/${brush.id}/tidies`)
    await page.press('Red or sore')
    await page.says('a concern is open there: ring the vet')
    await page.until(async () => (await ofKind(brush.id, 'concern')).length === 1, 'no concern on file')
    expect((await ofKind(brush.id, 'concern'))[0]).toMatchObject({ where: 'eyes', seen: ['red'] })
    expect((await ofKind(brush.id, 'tidy')).at(-1)).toMatchObject({ tidy: 'eyes', outcome: 'red' })
    await page.says('Leave it until')
    await page.press('Undo')
    await page.until(async () => (await ofKind(brush.id, 'concern')).length === 0, 'it stands')
  })
  it('undercoat place by place, the whole as packed as its most packed', async () => {
    await page.visit(`/dogs/${brush.id}/tidies`)
    await page.press('Place by place')
    await partIs('thigh', 'packed', 'raked')
    await partIs('back', 'some', 'raked')
    await page.type('[name=raked]', '18')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('Write these places in')
    await page.until(async () => (await ofKind(brush.id, 'undercoat')).length === 1, 'not on file')
    expect((await ofKind(brush.id, 'undercoat'))[0]).toEqual({
      kind: 'undercoat',
      finding: 'packed',
      minutes: 18,
      places: [
        { place: 'thigh', finding: 'packed' },
        { place: 'back', finding: 'some' },
      ],
    })
    await page.press('Undo')
    await page.until(async () => (await ofKind(brush.id, 'undercoat')).length === 0, 'it stands')
  })
  it('nails foot by foot: two fine, one that bled', async () => {
    await page.visit(`/dogs/${brush.id}/tidies`)
    const before = (await ofKind(brush.id, 'tidy')).length
    await page.press('Foot by foot')
    await partIs('nails.forefoot.left', 'fine')
    await partIs('nails.forefoot.right', 'bled')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('Write these feet in')
    await page.until(async () => (await ofKind(brush.id, 'tidy')).length === before + 1, 'not on file')
    expect((await ofKind(brush.id, 'tidy')).at(-1)!.parts).toEqual([
      { part: 'nails.forefoot.left', did: 'done', outcome: 'fine' },
      { part: 'nails.forefoot.right', did: 'done', outcome: 'bled' },
      { part: 'nails.hindfoot.left', did: 'left' },
      { part: 'nails.hindfoot.right', did: 'left' },
    ])
    expect((await ofKind(brush.id, 'concern')).at(-1)).toMatchObject({ where: 'nails', seen: ['blood'] })
    await page.press('Undo')
    await page.until(async () => (await ofKind(brush.id, 'concern')).length === 0, 'it stands')
  })
  it('a clip at home is gated as a tidy is: as set, clean, dry, combed and without a knot', async () => {
    const clip = () => page.visit(`/dogs/${brush.id}/tidies?at=clip`)
    const starts = async () => /\nStart: neck\n/.test(await page.words())
    await clip()
    await page.says('As you are set nothing that cuts is yours')
    expect(await starts()).toBe(false)
    await page.press('and a guard comb')
    await page.says('Comb her clear first')
    const knot = { kind: 'check', region: 'chest', finding: 'knot', count: 1, out: 0 } as const
    await owner.call('POST', `/api/dogs/${brush.id}/entries`, {
      entries: [...combedAll(['chest']), entry(today, knot)],
    })
    await clip()
    await page.says('A knot was left in (chest)')
    expect(await starts()).toBe(false)
    await owner.call('POST', `/api/dogs/${brush.id}/entries`, {
      entries: [entry(today, { kind: 'check', region: 'chest', finding: 'glides' })],
    })
    await clip()
    await page.says('Never a blade at')
    await page.until(starts, 'it does not start')
    await page.press('Start: neck')
    await page.tap(await page.find('[data-not=coat]'))
    await page.says('Not on a dirty or wet coat')
    expect(await page.all('[data-run]')).toHaveLength(0)
    await clip()
    await page.until(starts, 'it does not start again')
    for (const d of ['anus', 'vulva'])
      expect(await page.text('section[aria-label="A body clip at home"]')).toContain(d)
  })
  it('a clip at home is written with its lengths, and the stretch goes on', async () => {
    await page.visit(`/dogs/${brush.id}/tidies?at=clip`)
    await page.find('[data-danger=elbow-web]')
    await page.tap(await page.find('[data-guard="13"]'))
    await page.press('Start: neck')
    const [all] = await page.all('[data-all-so]')
    if (all) await page.tap(all)
    const steps = await walkThrough()
    expect([...steps.values()].join('\n')).toMatch(/No clipper, guard or no guard/)
    await page.press('Write the clip in')
    await page.until(async () => (await ofKind(brush.id, 'visit')).some((v) => v.home), 'not on file')
    const clip = (await ofKind(brush.id, 'visit')).find((v) => v.home)!
    expect(clip.except!.every((e) => e.mm === 13)).toBe(true)
    expect(clip.except!.map((e) => e.place)).toContain('back')
    expect(clip.except!.map((e) => e.place)).not.toContain('tail')
    await page.says('Written in as a clip at home')
  })
})
