import { Page, DESK, Key } from '../../tests/support/page'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../../tests/support/server'
import { row } from './table'

const MOVES = 60

/** How long the lead takes to answer a drag, from the hand to the next frame, in the browser. */
export async function drag() {
  const { running } = await startApp()
  const page = await Page.open(running.address, DESK)
  try {
    const owner = await newOwner(running.address, 'Ada')
    const dog = newDog({ name: 'Merle', nextVisit: daysAgo(-35), harnessHours: 2 })
    await owner.call('POST', '/api/dogs', dog)
    const email = String((await owner.call('GET', '/api/me')).json.email)
    await page.signIn(email, PASSWORD)
    await page.visit(`/dogs/${dog.id}/stretch`)
    await page.says('A hundred stretches like this one')
    await page.driver.executeScript(`document.querySelectorAll('[data-session]')[2].focus()`)
    for (let n = 0; n < MOVES; n++) await page.keys(n % 8 < 4 ? Key.ARROW_RIGHT : Key.ARROW_LEFT)
    const took = (
      await page.driver.executeScript<number[]>(
        `return performance.getEntriesByName('grumbo drag').map((m) => m.duration)`,
      )
    ).sort((a, b) => a - b)
    const at = (share: number) => took[Math.floor(share * (took.length - 1))]!.toFixed(0)
    row(
      'a drag answered in the browser',
      `${at(0.5)} ms median, ${at(0.95)} ms at the 95th of 100, ${took.length} moves`,
    )
  } finally {
    await page.close()
    await running.stop()
  }
}
