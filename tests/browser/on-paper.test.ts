import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Key } from 'selenium-webdriver'
import { clockAt } from '../support/clock'
import { ledOn, openHouse } from '../support/led'
import { newDog } from '../support/server'
import type { Visitor } from '../support/server'
import type { Page } from '../support/page'

/** On paper first: where no blade goes, which way the hair lies, where the finger goes. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
/** No day to plan: these dogs are here for what stands beside the comb. */
const minutes = [0, 0, 0, 0, 0, 0, 0]
const brush = newDog({
  minutes,
  name: 'Bramble',
  coat: 'double-long',
  sex: 'female',
  habits: { weather: false },
})
const { ofKind } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse([brush]))
})
afterAll(() => close?.())

describe('on paper first', () => {
  /** Marks a point of the drawing's own coordinates by finger. */
  const markAt = (points: readonly (readonly [number, number])[]) =>
    page.driver.executeScript(
      `const plate = document.querySelector('[data-plate]'), m = plate.querySelector('svg').getScreenCTM()
       for (const [x, y] of arguments[0]) {
         const p = new DOMPoint(x, y).matrixTransform(m), at = { clientX: p.x, clientY: p.y, pointerId: 1, bubbles: true, buttons: 1 }
         plate.setPointerCapture = () => undefined
         for (const type of ['pointerdown', 'pointermove', 'pointerup']) plate.dispatchEvent(new PointerEvent(type, at))
       }`,
      points,
    )
  it('left open is shown and why, marked by keys, the lie by an arrow key, the finger picked: and it is written down', async () => {
    await page.visit(`/dogs/${brush.id}/rehearse?of=paws`)
    await page.says('Where may the blade not go?')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    // All five pads, and the web in the middle; the outer two are forgotten.
    await markAt([
      [0, 10],
      [-39, -128],
      [39, -128],
      [-103, -58],
      [103, -58],
      [9, -100],
    ])
    await page.until(async () => (await page.all('[data-mark]')).length === 6, 'not every mark is there')
    await page.tap(await page.find('[data-all-of-them]'))
    await page.says('Two places left open')
    expect(await page.text('[data-kept=true]')).toContain('The pads: kept off')
    expect(await page.text('[data-kept=false]')).toMatch(/webs.*left open[\s\S]*Find the fold/)
    expect(await page.all('[data-open]')).toHaveLength(2)
    await page.press('Mark what was left open')
    // One by finger, one by keys: the cross begins in the middle.
    await markAt([[62, -50]])
    await page.driver.executeScript(`document.querySelector('[data-plate]').focus()`)
    const steps = [...Array<string>(5).fill(Key.ARROW_LEFT), ...Array<string>(4).fill(Key.ARROW_UP)]
    await page.keys(...steps, Key.SPACE)
    await page.until(async () => (await page.all('[data-mark]')).length === 8, 'the key marked nothing')
    await page.tap(await page.find('[data-all-of-them]'))
    await page.says('All of it kept off')
    expect(await page.violations()).toEqual([])
    await page.tap(await page.find('[data-on]'))
    for (const [wrong, right] of [
      [Key.ARROW_UP, Key.ARROW_DOWN],
      [Key.ARROW_DOWN, Key.ARROW_UP],
    ] as const) {
      await page.driver.executeScript(`document.querySelector('[data-plate]').focus()`)
      await page.keys(wrong)
      await page.says('It lies as the dashes show')
      await page.keys(right)
      await page.says('So it lies')
      await page.tap(await page.find('[data-on]'))
    }
    await page.says('Where does your finger go?')
    await page.tap(await page.find('[data-finger=false]'))
    await page.says('Not there')
    await page.tap(await page.find('[data-finger=true]'))
    await page.says('a slip meets the finger')
    await page.tap(await page.find('[data-on]'))
    await page.find('[data-rehearsed]')
    expect(await page.violations()).toEqual([])
    await page.until(async () => (await ofKind(brush.id, 'rehearsed')).length === 1, 'not on file')
    expect(await ofKind(brush.id, 'rehearsed')).toEqual([
      { kind: 'rehearsed', of: 'paws', by: 'Ada', went: 'kept' },
    ])
    await page.visit(`/dogs/${brush.id}/diary`)
    await page.says('On paper: paws')
  })
  it.each(['face', 'sanitary', 'ears', 'nails'] as const)('%s can be asked after, and shown', async (of) => {
    await page.visit(`/dogs/${brush.id}/rehearse?of=${of}`)
    await page.tap(await page.find('[data-not-sure]'))
    await page.says('left open')
    expect((await page.all('[data-open]')).length).toBeGreaterThan(0)
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
  })
})
