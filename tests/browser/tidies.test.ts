import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DANGER_IDS } from '../../core/care/tidies/dangers'
import { REHEARSED_IDS } from '../../core/record/tidies'
import type { TrimId } from '../../core/record/tidies'
import type { Entry } from '../../core/record/entries'
import type { Habits } from '../../core/record/profile'
import { clockAt } from '../support/clock'
import { entry } from '../support/dogs'
import { combedAll, ledOn, openHouse } from '../support/led'
import { daysAgo, newDog } from '../support/server'
import type { Visitor } from '../support/server'
import { DESK, PHONE } from '../support/page'
import type { Page } from '../support/page'

/** The tidies led step by step, on a phone and at a desk. */
let owner: Visitor
let page: Page
let close: () => Promise<void>
clockAt('10:00')
const today = daysAgo(0)
/** No day to plan: these dogs are here for what stands beside the comb. */
const minutes = [0, 0, 0, 0, 0, 0, 0]
const habits = { setting: 'scissors' } as const
const merle = newDog({ name: 'Merle', sex: 'male', groomer: 'Imke', minutes, habits })
const { ofKind, become, next, start, walkThrough, partIs, found, at } = ledOn(
  () => page,
  () => owner,
)

beforeAll(async () => {
  ;({ owner, page, close } = await openHouse([merle]))
  const rehearsed = REHEARSED_IDS.map((of) =>
    entry(today, { kind: 'rehearsed', of, by: 'Ada', went: 'kept' }),
  )
  await owner.call('POST', `/api/dogs/${merle.id}/entries`, { entries: [...combedAll(), ...rehearsed] })
})
afterAll(() => close?.())
const both = [
  ['on a phone', PHONE],
  ['at a desk', DESK],
] as const

/** As it was before: what was written of the tidy, the knot and the concern is taken back. */
async function takenBack(tidies: number) {
  const { entries } = (await owner.call('GET', `/api/dogs/${merle.id}`)).json as unknown as {
    entries: Entry[]
  }
  const last = (match: (what: Entry['what']) => boolean) => entries.filter((e) => match(e.what)).at(-1)!
  const undone = [
    last((w) => w.kind === 'tidy'),
    last((w) => w.kind === 'concern'),
    last((w) => w.kind === 'check' && w.finding === 'knot'),
  ].map((e) => entry(today, { kind: 'correction', replaces: e.id, by: null }))
  await owner.call('POST', `/api/dogs/${merle.id}/entries`, { entries: undone })
  expect((await ofKind(merle.id, 'tidy')).length).toBe(tidies)
}

describe.each(both)('the tidies, %s', (_name, screen) => {
  const TIDIES: [TrimId, RegExp][] = [
    ['face', /Points away from the eye[\s\S]*/],
    ['paws', /Between the toes is skin/],
    ['sanitary', /No scissors here, ever/],
    ['ears', /Only hair below the leather/],
    ['neatening', /Find the last tail bone/],
  ]
  beforeAll(async () => {
    page.byTouch = screen === PHONE
    await page.size(screen)
  })

  it.each(TIDIES)('%s: drawing, cautions before the act, and when it comes next', async (tidy, caution) => {
    await page.visit(`/dogs/${merle.id}/tidies?at=${tidy}`)
    await page.find('[data-diagram] [data-danger]')
    const drawn = await page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-danger]')].map((e) => e.dataset.danger)`,
    )
    for (const d of drawn) expect(DANGER_IDS).toContain(d)
    const words = await page.words()
    expect(words).toContain('Never a blade at')
    if (tidy === 'sanitary') expect(words).not.toMatch(/(?<!No )scissors(?! here, ever)[^,.]*tip/)
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await start()
    expect(await page.violations()).toEqual([])
    const steps = await walkThrough()
    expect([...steps.values()].join('\n')).toMatch(caution)
    await page.says('Was it time?')
    expect(await page.violations()).toEqual([])
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    const tidied = (await ofKind(merle.id, 'tidy')).at(-1)!
    expect(tidied).toMatchObject({ tidy, was: 'right' })
    expect(tidied.parts!.every((p) => p.did === 'done')).toBe(true)
    await page.says('Written in.')
    await page.press('Undo')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'still on file')
  })
})

/** What is met on the way is the same at any screen: at the table it is a phone. */
describe('a tidy led, on a phone', () => {
  beforeAll(async () => {
    page.byTouch = true
    await page.size(PHONE)
  })

  it('stopped part way: what was done is written foot by foot, the rest stays due, and the diary opens it', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    await start()
    await page.press('Stop here')
    await page.says('Stopped. How far did it come?')
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.press('Not done: write nothing')
    await page.says('Start:')
    expect((await ofKind(merle.id, 'tidy')).length).toBe(before)
    await start()
    await page.press('Stop here')
    await page.says('Stopped. How far did it come?')
    await partIs('paw.forefoot.left', 'done')
    await partIs('paw.hindfoot.left', 'done')
    await partIs('paw.forefoot.right', 'would not')
    await page.type('[name=left]', '4')
    await page.press('by finger')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    const cut = { did: 'done', how: 'cut', mm: 4, by: 'fingers' }
    expect((await ofKind(merle.id, 'tidy')).at(-1)).toMatchObject({
      tidy: 'paws',
      comfort: 'stopped',
      parts: [
        { part: 'paw.forefoot.left', ...cut },
        { part: 'paw.forefoot.right', did: 'refused' },
        { part: 'paw.hindfoot.left', ...cut },
        { part: 'paw.hindfoot.right', did: 'left' },
      ],
    })
    await page.visit(`/dogs/${merle.id}/diary`)
    await page.says('left feet done, right forefoot refused, right hind foot left, 4 mm left')
    await page.tap(await page.find('[data-entry=tidy] button'))
    await page.says('4 mm')
    await page.press('Put it right')
    await partIs('paw.hindfoot.right', 'would not')
    await page.press('Keep it')
    await page.says('right feet refused')
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    await page.says(/Next|Start:/)
    // Back to how it was, for whoever comes after.
    await page.visit(`/dogs/${merle.id}/diary`)
    await page.tap(await page.find('[data-entry=tidy] button'))
    await page.press('Take it back')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'it still stands')
  })

  it('how often it comes stands beside what was seen, and what the owner sets holds', async () => {
    const every = async () =>
      ((await owner.call('GET', `/api/dogs/${merle.id}`)).json.profile as { habits: Habits }).habits.every
    await page.visit(`/dogs/${merle.id}/bath`)
    await page.tap(await page.find('[data-every=bath] button'))
    await page.says(/Coats like this \d+; (nothing seen yet|seen \d+)/)
    await page.tap(await page.find('[aria-label="A day more"]'))
    await page.press('Keep it so')
    await page.says('as you set it')
    expect((await every())!.bath).toBeGreaterThan(10)
    await page.tap(await page.find('[data-every=bath] button'))
    await page.press('As learned')
    await page.until(async () => !(await page.words()).includes('as you set it'), 'it is still set')
    expect((await every())?.bath).toBe(undefined)
  })

  it('the feet that were chosen stay chosen when how often it comes is set', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    const foot = '[data-now="paw.forefoot.left"]'
    const chosen = async () => (await page.find(foot)).getAttribute('aria-pressed')
    await page.until(async () => (await chosen()) === 'true', 'the foot is not chosen at first')
    await page.tap(await page.find(foot))
    await page.until(async () => (await chosen()) === 'false', 'the foot is still chosen')
    await page.tap(await page.find('[data-every=paws] button'))
    await page.tap(await page.find('[aria-label="A day more"]'))
    await page.press('Keep it so')
    await page.says('as you set it')
    expect(await chosen()).toBe('false')
    await page.tap(await page.find('[data-every=paws] button'))
    await page.press('As learned')
    await page.until(async () => !(await page.words()).includes('as you set it'), 'it is still set')
  })

  it('paws foot by foot: what is found leads where it should, and it goes on after the page was closed', async () => {
    const path = `/dogs/${merle.id}/tidies?at=paws`
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.visit(path)
    await start()
    await at('', /Nails first/)
    await next()
    await at('Left forefoot', /Feel between every toe/)
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await found('seed')
    expect(await page.text('[data-here]')).toContain('Out with your fingers')
    await next()
    await at('Left forefoot', /level with the pads/)
    // A press too many is taken back, and a rest is taken.
    await page.press('Back')
    await at('Left forefoot', /Feel between/)
    await next()
    await page.tap(await page.find('[data-pause]'))
    await page.find('[data-paused]')
    await page.driver.navigate().refresh()
    await page.press('Go on where you were, step 3')
    await at('Left forefoot', /level with the pads/)
    await page.press('Would not have it')
    await at('Right forefoot', /Feel between every toe/)
    await found('sore')
    await page.says('Stop here and ring the vet')
    await page.press('Write it in')
    await page.press('Back to the tidy')
    await at('Left hind foot', /Feel between every toe/)
    await found('mat')
    await page.answerKnot('It looks and feels well', 'Yes, it starts to split')
    await page.press('Leave it for Imke')
    await at('Right hind foot', /Feel between every toe/)
    await page.says('What was left in is left alone')
    for (const act of [/Feel/, /Underneath/, /Press the toes/, /On top/, /Comb, stand the foot down/]) {
      await at('Right hind foot', act)
      await next()
    }
    await page.says('Was it time?')
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    const tidy = (await ofKind(merle.id, 'tidy')).at(-1)!
    expect(tidy.parts!.map((p) => [p.part, p.did, p.found?.[0]])).toEqual([
      ['paw.forefoot.left', 'refused', 'seed'],
      ['paw.forefoot.right', 'left', undefined],
      ['paw.hindfoot.left', 'left', undefined],
      ['paw.hindfoot.right', 'done', undefined],
    ])
    expect((await ofKind(merle.id, 'concern')).at(-1)).toMatchObject({ where: 'forefoot', seen: ['toes'] })
    const checks = await ofKind(merle.id, 'check')
    expect(checks.find((c) => c.finding === 'knot')).toMatchObject({ region: 'hindfoot.left', out: 0 })
    await takenBack(before)
  })

  it('ears: carriage is asked; with the band on nothing else can be pressed until it is off', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=ears`)
    await page.says('Start:')
    // Not said yet: no band for ears nobody has described.
    expect(await page.text('section[aria-label="In this order"]')).not.toMatch(/band/i)
    await page.press('hanging, long hair')
    await page.says('Band off, before anything else')
    await page.tap(await page.find('[data-now="ear-base.left"]'))
    await start()
    await at('Left edge', /Comb the ear/)
    await next()
    await at('Left edge', /A loose band on the hair below the leather, and shorten/)
    expect(await page.text('[data-cautions]')).toMatch(/A forgotten band kills an ear/)
    expect(await page.all('[data-later]')).toHaveLength(0)
    // Closed with the band on: nothing but the band is offered when it is come back to.
    await next()
    await at('Left edge', /Band off/)
    await page.driver.navigate().refresh()
    await page.find('[data-band-waits]')
    expect(await page.words()).not.toContain('Start:')
    // Nor is anything else begun over it, and Today says so.
    for (const path of ['/tidies?at=paws', '']) {
      await page.visit(`/dogs/${merle.id}${path}`)
      await page.find('[data-band-on]')
      expect(await page.words()).not.toContain('Start:')
    }
    expect(await page.violations()).toEqual([])
    await page.visit(`/dogs/${merle.id}/tidies?at=ears`)
    await page.press('To the band')
    await at('Left edge', /Band off/)
    const presses = await page.driver.executeScript<string[]>(
      `return [...document.querySelectorAll('[data-run] button')].filter((b) => !b.closest('figure')).map((b) => b.innerText)`,
    )
    expect(presses).toEqual(['The band is off'])
    expect(await page.violations()).toEqual([])
  })

  it('the band: stopped while it is on, it comes off first, and the ears say how far it came', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=ears`)
    await page.press('To the band')
    await next()
    await at('Left edge', /base and behind/)
    await page.press('Would not have it')
    await at('Right edge', /Comb the ear/)
    await next()
    await at('Right edge', /A loose band/)
    await page.press('Stop here')
    await at('Right edge', /Band off/)
    await next()
    await page.says('Stopped. How far did it come?')
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    expect((await ofKind(merle.id, 'tidy')).at(-1)!.parts!.map((p) => [p.part, p.did])).toEqual([
      ['ear-edge.left', 'done'],
      ['ear-edge.right', 'left'],
      ['ear-base.left', 'refused'],
      ['ear-base.right', 'left'],
    ])
    await page.press('Undo')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'still on file')
  })

  it('the rear: a guard that does not pass leaves that part, a soiled one is washed first, and privates are asked after', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=sanitary`)
    // More than what has run out, for once.
    for (const part of ['belly', 'privates'])
      if (
        (await page.text(`[data-now=${part}]`)) &&
        (await (await page.find(`[data-now=${part}]`)).getAttribute('aria-pressed')) === 'false'
      )
        await page.tap(await page.find(`[data-now=${part}]`))
    await start()
    await at('', /Clean and dry/)
    await found('soiled')
    await page.find('[data-part-wash]')
    await page.press('It is clean and dry now: go on')
    await at('', /Clean and dry/)
    await next()
    await at('', /Hold without/)
    await next()
    await at('', /Feel the lie/)
    await found('other-lie')
    await next()
    await at('', /Belly/)
    // Three minutes of a running blade, by the page's own clock.
    await page.driver.executeScript(
      `globalThis.grumboClockAheadMs = (globalThis.grumboClockAheadMs ?? 0) + 4 * 60_000`,
    )
    await page.find('[data-clock]')
    await page.says('Feel the blade on your wrist')
    await page.press('It is cool')
    await page.until(async () => !(await page.all('[data-clock]')).length, 'it is still said')
    await page.driver.executeScript(`globalThis.grumboClockAheadMs -= 4 * 60_000`)
    await found('wont-pass')
    await page.says('Hair that will not clear is the groomer’s')
    await at('', /Sheath and testicles/)
    expect(await page.text('[data-cautions]')).toContain('leave that coat alone')
    await found('knotted')
    await at('', /Under the tail/)
    await next()
    await at('', /look from behind/)
    await next()
    await page.says('Was it time?')
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    const parts = (await ofKind(merle.id, 'tidy')).at(-1)!.parts!
    expect(parts.find((p) => p.part === 'belly')).toMatchObject({
      did: 'left',
      found: ['other-lie', 'wont-pass'],
    })
    expect(parts.find((p) => p.part === 'privates')).toMatchObject({ did: 'left', found: ['wont-pass'] })
    expect(parts.find((p) => p.part === 'under-tail')).toMatchObject({ did: 'done', found: ['soiled'] })
    await page.press('Undo')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'still on file')
  })

  it('beard and lips where they are chosen; put off comes again at the end', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    for (const part of ['beard', 'lips']) await page.tap(await page.find(`[data-now=${part}]`))
    await start()
    await at('', /Wipe the eye corners/)
    await found('caked')
    await at('', /Comb forward/)
    await page.tap(await page.find('[data-later]'))
    await at('', /outer side/)
    await next()
    await at('', /Comb the beard through/)
    await next()
    await at('', /The beard, cut to the finger/)
    expect(await page.text('[data-cautions]')).toContain('tongue stays in')
    await next()
    await at('', /Draw the lip aside/)
    await next()
    await at('', /moustache/)
    await next()
    await at('', /no wider than the outer corners/)
    await next()
    await at('', /Look from the side/)
    await next()
    await at('', /Comb forward/)
    await next()
    await page.says('Was it time?')
    await partIs('lips', 'not yet')
    const before = (await ofKind(merle.id, 'tidy')).length
    await page.press('Just right')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before + 1, 'not on file')
    const parts = (await ofKind(merle.id, 'tidy')).at(-1)!.parts!
    expect(parts.map((p) => [p.part, p.did])).toEqual([
      ['eye-corner.left', 'left'],
      ['eye-corner.right', 'left'],
      ['eye-side.left', 'done'],
      ['eye-side.right', 'done'],
      ['beard', 'done'],
      ['lips', 'left'],
    ])
    expect(parts[0]!.found).toEqual(['caked'])
    await page.press('Undo')
    await page.until(async () => (await ofKind(merle.id, 'tidy')).length === before, 'still on file')
  })

  it('a concern at the forefeet stops them, and the hind feet go on', async () => {
    const seen = entry(daysAgo(0), { kind: 'concern', where: 'forefoot', seen: ['red'] })
    await owner.call('POST', `/api/dogs/${merle.id}/entries`, { entries: [seen] })
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    await page.says('Nothing there (forefeet) until the vet has seen it; the rest goes on')
    await start()
    await page.press('Stop here')
    await page.find('[data-part="paw.hindfoot.left"]')
    expect(await page.all('[data-part^="paw.forefoot"]')).toHaveLength(0)
    const back = entry(daysAgo(0), { kind: 'correction', replaces: seen.id, by: null })
    await owner.call('POST', `/api/dogs/${merle.id}/entries`, { entries: [back] })
  })

  it('before any cutting, once a sitting: not calm ends it, a dull tool can be put right', async () => {
    await page.driver.executeScript(`localStorage.removeItem('grumbo-seen-to')`)
    await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
    await page.press('Start:')
    await page.find('[data-before]')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.says('Never alone')
    await page.tap(await page.find('[data-not=calm]'))
    await page.says('Not with blades today')
    expect(await page.all('[data-all-so]')).toHaveLength(0)
    await page.tap(await page.find('[data-not=tool]'))
    await page.says('Dull blades fold the hair')
    await page.press('It is so now: begin')
    await page.find('[data-run]')
    await page.press('Stop here')
    await page.press('Not done: write nothing')
    await page.press('Start:')
    // Once a sitting.
    await page.find('[data-run]')
    await page.press('Stop here')
    await page.press('Not done: write nothing')
  })

  it('red skin under a crust ends the face with the vet, before anything is cut', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=face`)
    await start()
    await page.says('never picked')
    await page.press('Red or bare skin there')
    await page.find('[data-to-vet]')
    await page.says('Stop here and ring the vet')
    expect(await page.violations()).toEqual([])
    const concerns = async () => (await ofKind(merle.id, 'concern')).length
    const before = await concerns()
    await page.press('Write it in')
    await page.until(async () => (await concerns()) === before + 1, 'no concern on file')
    expect((await ofKind(merle.id, 'concern')).at(-1)).toMatchObject({ where: 'eyes', seen: ['red'] })
    await page.press('Undo')
    await page.until(async () => (await concerns()) === before, 'it still stands')
  })

  it('evens left and right up, and a length longer than before the cut is met in words', async () => {
    await page.visit(`/dogs/${merle.id}/tidies?at=ears`)
    await start()
    await walkThrough()
    await page.type('[name=left-mm]', '9')
    await page.type('[name=right-mm]', '12')
    await page.says('Take 2 mm off the right, comb, look. The last one by eye.')
    await page.type('[name=left-mm]', '-4')
    await page.says('Give the length in millimetres, 0 or more.')
    await page.type('[name=left]', '390')
    await page.says('a cut does not make hair longer')
    await page.press('Not done: write nothing')
  })
})

it('the marks of this dog stand on its own drawings, by letters', async () => {
  await become(merle.id, (p) => ({
    ...p,
    marks: [
      { what: 'scar', region: 'belly', says: 'An old scar' },
      { what: 'mole', region: 'forefoot.left' },
    ],
  }))
  await page.visit(`/dogs/${merle.id}/tidies?at=sanitary`)
  await page.press('Underneath')
  await page.find('[data-mark-at=A]')
  expect(await page.text('[data-mark-row]')).toContain('On Merle: An old scar, belly')
  await page.visit(`/dogs/${merle.id}/tidies?at=paws`)
  expect(await page.text('[data-mark-row]')).toContain('left forefoot')
})
