import { expect } from 'vitest'
import type { FactOf, Entry } from '../../core/record/entries'
import type { Habits, Profile } from '../../core/record/profile'
import { timeline } from '../../core/record/timeline'
import { REGION_IDS } from '../../core/coat/regions'
import { entry } from './dogs'
import { Page, PHONE } from './page'
import { daysAgo, newOwner, PASSWORD, startApp } from './server'
import type { Visitor } from './server'
import type { NewDog } from '../../shared/api'

/** A household of these dogs with one owner, signed in on a phone. */
export async function openHouse(dogs: readonly NewDog[], env: Record<string, string> = {}) {
  const { running } = await startApp(env)
  const owner = await newOwner(running.address, 'Ada')
  for (const dog of dogs) await owner.call('POST', '/api/dogs', dog)
  const page = await Page.open(running.address, PHONE)
  await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
  const close = async () => {
    await page.close()
    await running.stop()
  }
  return { running, owner, page, close }
}
/** The comb through every place today, but for some. */
export const combedAll = (but: readonly string[] = []) =>
  REGION_IDS.filter((r) => !but.includes(r)).map((region) =>
    entry(daysAgo(0), { kind: 'check', region, finding: 'glides' }),
  )

/** What browser tests of led work do on a page, and read back from the record. */
export function ledOn(page: () => Page, owner: () => Visitor) {
  const factsOf = async (dog: string) =>
    timeline((await owner().call('GET', `/api/dogs/${dog}`)).json.entries as Entry[])
  const profileOf = async (dog: string) =>
    (await owner().call('GET', `/api/dogs/${dog}`)).json.profile as unknown as Profile & { habits: Habits }
  const become = async (dog: string, more: (p: Profile) => Profile) =>
    expect(
      (await owner().call('PUT', `/api/dogs/${dog}`, { profile: more(await profileOf(dog)) })).status,
    ).toBeLessThan(300)
  const ofKind = async <
    K extends 'tidy' | 'wash' | 'concern' | 'visit' | 'undercoat' | 'check' | 'rehearsed' | 'handling',
  >(
    dog: string,
    kind: K,
  ) => (await factsOf(dog)).flatMap((f) => (f.what.kind === kind ? [f.what as FactOf<K>] : []))
  /** Where a run is: the part in hand and the act; empty where none is led. */
  const where = () =>
    page().driver.executeScript<string>(
      `return [...document.querySelectorAll('[data-in-hand], [data-run] h1')].map((e) => e.innerText).join(': ')`,
    )
  const next = async () => page().tap(await page().find('[data-next]'))
  /** Presses Start, and what is to be seen to before cutting where that is asked. */
  async function start() {
    await page().press('Start:')
    await page().find('[data-run], [data-before]')
    const [all] = await page().all('[data-all-so]')
    if (all) await page().tap(all)
    await page().find('[data-run]')
  }
  /** Presses the usual answer until the run is done, and says which cautions stood before which act. */
  async function walkThrough(): Promise<Map<string, string>> {
    const seen = new Map<string, string>()
    await page().find('[data-run]')
    for (let n = 0; n < 60; n++) {
      const act = await where()
      if (!act) return seen
      const cautions = await page().all('[data-cautions]')
      seen.set(act, cautions[0] ? await cautions[0].getText() : '')
      await next()
      await page().until(async () => (await where()) !== act, `still at ${act}`)
    }
    throw new Error('the run has no end')
  }
  /** Presses what says so in a group of choices. */
  const partIs = (part: string, words: string, of = 'part') =>
    page().until(
      () =>
        page().driver.executeScript<boolean>(
          `const all = [...document.querySelectorAll('[data-' + arguments[2] + '="' + arguments[0] + '"] [role=radio]')]
           const one = all.find((r) => r.textContent.trim() === arguments[1])
           if (one) one.click()
           return !!one`,
          part,
          words,
          of,
        ),
      `no ${words} at ${part}`,
    )
  /** By what is found at the step in hand. */
  const found = async (id: string) => page().tap(await page().find(`[data-found=${id}]`))
  const at = (part: string, act: RegExp) =>
    page().until(
      async () => {
        const now = await where()
        return now.startsWith(part) && act.test(now)
      },
      `not at ${part} ${String(act)}`,
    )
  return { factsOf, profileOf, become, ofKind, where, next, start, walkThrough, partIs, found, at }
}
