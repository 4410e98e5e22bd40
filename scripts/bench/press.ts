import { randomLcg } from 'd3-random'
import type { Driver } from 'selenium-webdriver/chrome'
import { REGION_IDS } from '../../core/coat/regions'
import { entry } from '../../tests/support/dogs'
import { Page, PHONE } from '../../tests/support/page'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../../tests/support/server'
import type { Visitor } from '../../tests/support/server'
import { row } from './table'

const PRESSES = 16
/** A slow telephone: so many times slower than this machine. */
const SLOWER = 4
/** What goes up at once. */
const BODY = 500
const DAYS = 3_600

/** A dog of ten years, with so many checks on its days. */
async function oldDog(owner: Visitor, many: number) {
  const random = randomLcg(0.3)
  const dog = newDog({ since: daysAgo(DAYS), minutes: Array.from({ length: 7 }, () => 120) })
  await owner.call('POST', '/api/dogs', dog)
  const check = () =>
    entry(daysAgo(1 + Math.floor(random() * (DAYS - 1))), {
      kind: 'check',
      region: REGION_IDS[Math.floor(random() * REGION_IDS.length)]!,
      finding: random() < 0.9 ? 'glides' : 'snag',
    })
  for (let n = 0; n < many; n += BODY) {
    const entries = Array.from({ length: Math.min(BODY, many - n) }, check)
    const { status } = await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries })
    if (status !== 200) throw new Error(`entries answered ${status}`)
  }
  return dog.id
}

/** Presses what glides at place after place: ms from the press to the next place drawn. */
const PRESS = `
const done = arguments[arguments.length - 1]
const [presses] = arguments
const took = []
const place = () => document.querySelector('h1')?.textContent
const frame = () => new Promise((go) => requestAnimationFrame(() => setTimeout(go)))
void (async () => {
  for (let n = 0; n < presses; n++) {
    const button = document.querySelector('[data-finding=glides]')
    if (!button) break
    const at = place()
    const begun = performance.now()
    button.click()
    while (place() === at && performance.now() - begun < 20000) await frame()
    took.push(performance.now() - begun)
    // What a hand takes to the next place, in which nothing is waited for.
    await new Promise((go) => setTimeout(go, 400))
  }
  done(took)
})()`

async function pressAt(address: string, many: number): Promise<number> {
  const owner = await newOwner(address, 'Ada')
  const dog = await oldDog(owner, many)
  const page = await Page.open(address, PHONE)
  try {
    await page.signIn(String((await owner.call('GET', '/api/me')).json.email), PASSWORD)
    await page.visit(`/dogs/${dog}/table`)
    await page.press('Start')
    await page.find('[data-finding=glides]')
    await (page.driver as Driver).sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate: SLOWER })
    const took = await page.driver.executeAsyncScript<number[]>(PRESS, PRESSES)
    return took.sort((a, b) => a - b)[Math.floor(took.length / 2)]!
  } finally {
    await page.close()
  }
}

/** A press at the table of a dog of ten years against one with little on file, on a slow telephone. */
export async function press() {
  const { running } = await startApp()
  try {
    const [few, many] = [await pressAt(running.address, 800), await pressAt(running.address, 30_000)]
    row(
      'a press at the table, 30,000 entries against 800',
      `${(many / few).toFixed(1)} times (${many.toFixed(0)} ms, ${few.toFixed(0)} ms, ${SLOWER} times slower)`,
    )
  } finally {
    await running.stop()
  }
}
