import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Habits } from '../../core/record/profile'
import { clockAt } from '../support/clock'
import { combedAll, ledOn, openHouse } from '../support/led'
import { newDog } from '../support/server'
import type { Visitor } from '../support/server'
import type { Page } from '../support/page'

/** What may be used at each tidy: by setting, by name, by what is owned, and what is asked before a first cut. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
/** No day to plan: these dogs are here for what stands beside the comb. */
const minutes = [0, 0, 0, 0, 0, 0, 0]
const merle = newDog({ name: 'Merle', sex: 'male', groomer: 'Imke', minutes })
const { ofKind, profileOf, become } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse([merle]))
})
afterAll(() => close?.())

describe('what may be used', () => {
  it('by default nothing that cuts is offered; each tidy is set by itself, and the comb goes first', async () => {
    await page.visit(`/dogs/${merle.id}/tidies`)
    await page.says('By growth since the cut')
    await page.press('Face')
    // What is withheld is not promised.
    await page.says('Clean his eye corners, 2 minutes')
    await page.says('for Imke, as you are set')
    await page.press('and blunt tips')
    await page.until(async () => !(await page.words()).includes('as you are set'), 'still set to the comb')
    await page.says('Clear his eye corners, 5 minutes')
    // Nothing cuts where the comb has not been: it goes first, and Start is not beside the warning.
    await page.find('[data-comb-first]')
    expect(await page.words()).not.toContain('Start:')
    // Where it goes first is where today's parts are worked: with the beard there is more to comb, and more to do.
    const places = await page.text('[data-comb-first]')
    await page.tap(await page.find('[data-now=beard]'))
    await page.until(
      async () => (await page.text('[data-comb-first]')) !== places,
      'the beard is not to be combed first',
    )
    expect(Number(/, (\d+) minutes/.exec(await page.text('h1'))?.[1])).toBeGreaterThan(5)
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    await page.says('as you are set')
    await owner.call('POST', `/api/dogs/${merle.id}/entries`, { entries: combedAll() })
    expect((await profileOf(merle.id)).habits.may).toEqual({ face: { setting: 'scissors' } })
  })
  it('before a first cut it is asked for on paper; a groomer’s word opens the door, and it can be put off', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    await page.find('[data-rehearse-first]')
    expect(await page.words()).not.toContain('Start:')
    expect(await page.violations()).toEqual([])
    await page.press('as I was shown')
    await page.type('[name=taught-by]', 'Imke')
    await page.press('That one')
    await page.says('as Imke showed me')
    await page.says('Start:')
    await page.press('and blunt tips')
    await page.find('[data-rehearse-first]')
    await page.tap(await page.find('[data-put-off]'))
    await page.type('[name=put-off]', 'Imke watches me on Friday')
    await page.press('Put it off')
    await page.says('Start:')
    await page.until(async () => (await ofKind(merle.id, 'rehearsed')).length === 1, 'not on file')
    expect(await ofKind(merle.id, 'rehearsed')).toEqual([
      { kind: 'rehearsed', of: 'face', by: 'Ada', went: 'later', says: 'Imke watches me on Friday' },
    ])
    await page.driver.navigate().refresh()
    await page.says('Start:')
  })
  it('what is not owned, or dull, is not offered', async () => {
    await page.visit(`/dogs/${merle.id}/ways`)
    await page.tap(await page.find('[data-guard="6"]'))
    await page.until(
      async () => (await profileOf(merle.id)).habits.guards?.includes(6),
      'the guard is not kept',
    )
    await page.tap(await page.find('[data-cutter=blunt-scissors] input'))
    await page.says('Dull ones fold the hair')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    expect(await page.text('[data-missing]')).toContain('thinning scissors')
    await page.visit(`/dogs/${merle.id}/ways`)
    await page.press('dull')
    await page.until(
      async () => (await profileOf(merle.id)).habits.worn?.length === 1,
      'the wear is not kept',
    )
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    await page.says('as you are set')
  })

  it('what is owned again is offered again', async () => {
    await become(merle.id, ({ habits, ...rest }) => {
      const { cutters: _c, worn: _w, guards: _g, may: _m, ...ways } = habits ?? {}
      return { ...rest, habits: { ...ways, setting: 'scissors' } }
    })
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    await page.says('Clear his eye corners')
    expect(await page.all('[data-missing]')).toHaveLength(0)
  })

  it('the chart of lengths has guards alone, and a bare blade once it was taught, never below #15', async () => {
    const options = async () => {
      await page.visit(`/dogs/${merle.id}/tidies?at=sanitary`)
      await page.find('[data-pick=blade]')
      return page.driver.executeScript<string[]>(
        `return [...document.querySelectorAll('[data-pick=blade] option')].map((o) => o.textContent.trim())`,
      )
    }
    const guards = await options()
    expect(guards).toContain('12 mm, a guard comb')
    expect(guards.filter((o) => o.includes('#'))).toEqual([])
    const kept = async () =>
      ((await owner.call('GET', `/api/dogs/${merle.id}`)).json.profile as { habits: Habits }).habits
    await page.press('as I was shown')
    await page.type('[name=taught-by]', 'Imke')
    await page.press('That one')
    await page.until(
      async () => (await kept()).may?.sanitary?.setting === 'taught',
      'the setting is not kept',
    )
    // Scissors are not to be had at the rear, whoever shows them.
    expect(await page.all('[data-taught*=scissors]')).toHaveLength(0)
    await page.tap(await page.find('[data-taught=bare-clipper] input'))
    await page.until(
      async () => (await kept()).may?.sanitary?.with?.includes('bare-clipper'),
      'what was taught is not kept',
    )
    await page.until(
      async () => (await options()).some((o) => o.includes('#15')),
      'what was taught is not there',
    )
    expect((await options()).filter((o) => o.includes('#'))).toHaveLength(2)
    await page.press('and the guard')
    await page.until(
      async () => (await kept()).may?.sanitary?.setting === 'scissors',
      'the setting is not kept',
    )
    await page.until(async () => !(await options()).some((o) => o.includes('#')), 'a bare blade stays')
  })
})
