import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addDays } from '../../core/record/day'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { entry } from '../support/dogs'
import { DESK, Page, PHONE } from '../support/page'

/** The dog itself: told from a day, worked out from that day, on every screen. */
let running: Running
let owner: Visitor
let page: Page
const dog = newDog({ nextVisit: daysAgo(-30) })
beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  page = await Page.open(running.address, DESK)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})
const file = async () =>
  (await owner.call('GET', `/api/dogs/${dog.id}`)).json as {
    profile: Record<string, unknown>
    began?: Record<string, unknown>
    entries: { day: string; what: { kind: string } & Record<string, unknown> }[]
  }
let token = ''
/** How the dog arrives, as its groomer's link tells it. */
const groomerSees = async () => {
  const seen = await fetch(`${running.address}/api/shared`, { headers: { authorization: `Bearer ${token}` } })
  return ((await seen.json()) as { arrival: { visit: string | null; shades: Record<string, number> } })
    .arrival
}
const truths = async () => (await file()).entries.filter((e) => e.what.kind === 'dog')
const row = (which: string) => page.text(`[data-about=${which}]`)
const open = async (which: string) => page.tap(await page.find(`[data-about=${which}] button`))

describe('about the dog', () => {
  it('opens from under its name; a weight of a week ago counts from then, its effect said before', async () => {
    await page.visit(`/dogs/${dog.id}`)
    await page.tap(await page.find(`a[href="/dogs/${dog.id}/about"]`))
    await page.says('Change what is no longer so.')
    await open('weightKg')
    for (let n = 0; n < 4; n++) await page.tap(await page.find('[aria-label="Half a kilogram more"]'))
    expect(await page.text('[data-change] [role=status]')).toMatch(/about \d+ minutes a week, \d+ more/)
    await page.press('another day')
    await page.press('Keep it')
    await page.until(async () => (await truths()).length === 1, 'not on file')
    expect((await truths())[0]).toMatchObject({ day: daysAgo(7), what: { kind: 'dog', weightKg: 14 } })
    await page.until(async () => /14 kg/.test(await row('weightKg')), 'it does not stand there')
    // As it is now, and as it was when the record began.
    expect(await file()).toMatchObject({ profile: { weightKg: 14 }, began: { weightKg: 12 } })
    await page.says('14 kg, ')
    expect(await page.violations()).toEqual([])
  })

  it('undone it is as it was', async () => {
    await page.press('Undo')
    await page.until(async () => /12 kg/.test(await row('weightKg')), 'it was not taken back')
    await page.until(async () => (await file()).profile.weightKg === 12, 'it stands on file')
  })

  it('a docked tail leaves forty places on the map, in the list and in what the groomer sees', async () => {
    await open('absent')
    await page.tap(await page.find('input[name="the tail"]'))
    await page.press('Keep it')
    await page.until(async () => /40 places/.test(await row('absent')), 'there are not forty')
    await page.find('[data-region=back]')
    expect(await page.all('[data-region=tail]')).toEqual([])
    await page.visit(`/dogs/${dog.id}/bath`)
    await page.says('of 40 places')
    const share = { id: dog.id, groomer: 'Imke', scope: 'stretch', days: 9 }
    token = String((await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)).json.token)
    expect(Object.keys((await groomerSees()).shades)).toHaveLength(40)
    await page.visit(`/dogs/${dog.id}/diary`)
    await page.says(/has no tail/i)
  })

  it('a moved visit makes the plan anew, to the new day; called off, it looks eight weeks ahead', async () => {
    const plans = async () =>
      (await file()).entries.filter((e) => e.what.kind === 'plan').map((e) => e.what.to as string)
    await page.visit(`/dogs/${dog.id}`)
    await page.until(async () => (await plans()).includes(daysAgo(-30)), 'no plan to the visit')
    await page.visit(`/dogs/${dog.id}/about`)
    await open('nextVisit')
    await page.setTo('[name=next]', addDays(daysAgo(0), 20))
    await page.press('Keep it')
    await page.until(async () => (await plans()).includes(daysAgo(-20)), 'not planned to the moved visit')
    expect((await groomerSees()).visit).toBe(daysAgo(-20))
    await open('nextVisit')
    await page.press('Called off')
    await page.press('Keep it')
    await page.until(async () => (await plans()).includes(daysAgo(-56)), 'not planned on without it')
    expect((await file()).profile.nextVisit).toBe(undefined)
  })

  it('clothes, marks and condition on a telephone; the mark stands at its place on the table', async () => {
    await page.size(PHONE)
    await page.visit(`/dogs/${dog.id}/about`)
    await open('garments')
    await page.press('Add the jumper')
    await page.press('Keep it')
    await page.until(async () => /November to March/.test(await row('garments')), 'no jumper')
    await open('marks')
    await page.choose('[data-pick=mark-place]', 'back')
    await page.press('Add it')
    await page.press('Keep it')
    await page.until(async () => /mole, back/.test(await row('marks')), 'no mole')
    await open('condition')
    await page.tap(await page.find('input[name=tires-soon]'))
    await page.press('Keep it')
    await page.until(
      async () => /ten minutes, then a rest/.test(await row('condition')),
      'it bears as much as before',
    )
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.visit(`/dogs/${dog.id}/knot`)
    await page.choose('[data-pick=region]', 'back')
    await page.visit(`/dogs/${dog.id}/table`)
    await page.says('tires soon')
  })

  it('what works is told once, stands at its place on the table and goes to the groomer', async () => {
    await page.visit(`/dogs/${dog.id}/about`)
    await open('works')
    await page.choose('[data-pick=works-place]', 'beard')
    await page.choose('[data-pick=works-position]', 'sitting')
    await page.type('[name=works-hold]', 'chin hair')
    await page.press('Add it')
    await page.press('Keep it')
    await page.until(async () => /sitting, chin hair/.test(await row('works')), 'nothing works')
    expect(await page.violations()).toEqual([])
    await page.visit(`/dogs/${dog.id}`)
    await page.press('Head')
    await page.tap(await page.find('[data-region="beard"]'))
    await page.press('Comb just this')
    await page.until(async () => (await page.text('h1')) === 'Beard', 'not at the beard')
    await page.says('sitting, chin hair')
  })

  it('after clothes come off it is brushed through, asked once a day', async () => {
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
      entries: [
        entry(daysAgo(0), {
          kind: 'dog',
          garments: [{ what: 'jumper', from: 1, to: 12, hours: 3 }],
        }),
      ],
    })
    await page.visit(`/dogs/${dog.id}`)
    await page.says('after the jumper comes off, three hours a day')
    await page.tap(await page.find('[data-after-clothes] button'))
    await page.until(async () => !(await page.words()).includes('after the jumper comes off'), 'asked again')
    const brushed = async () => (await file()).entries.filter((e) => e.what.kind === 'brush')
    await page.until(async () => (await brushed()).length === 1, 'not on file')
    expect((await brushed())[0]!.what.depth).toBe('skin')
  })
})
