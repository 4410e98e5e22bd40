import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import { newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { Page, PHONE, refused } from '../support/page'

/** Letters as an owner meets them: asked for, confirmed, ended, and said where one did not go. */
let running: Running
let box: PostRoom
let owner: Visitor
let page: Page
let email: string
const dog = newDog({ name: 'Tansy' })

beforeAll(async () => {
  box = await openPostRoom()
  running = (await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${box.port}` })).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  email = String((await owner.call('GET', '/api/me')).json.email)
  page = await Page.open(running.address, PHONE)
  await page.signIn(email, PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
  await box?.close()
})

const linkIn = (text: string) => /\/letters#\S+/.exec(text)![0]
async function shareByMail() {
  await page.visit(`/dogs/${dog.id}/groomer`)
  await page.type('[name=share-groomer]', 'Bell')
  await page.type('[name=share-email]', `${uuid()}@example.org`)
  await page.press('Make a link and a code')
  await page.find('[data-mailed]')
  return page.text('[data-mailed]')
}

describe('letters', () => {
  it('before the address is confirmed it is said, and a link is made all the same', async () => {
    expect(await shareByMail()).toContain('your own address is not confirmed yet')
    await page.visit('/household')
    await page.says('No letters come yet')
    await page.press('Send it again')
    await page.says('It is on its way.')
    expect(await page.violations()).toEqual([])
  })
  it('the letter’s link confirms it in one press, and then the groomer’s letter goes too', async () => {
    const { text } = await box.letter((l) => l.to.includes(email))
    await page.visit(linkIn(text))
    await page.says('May letters come here?')
    await page.says(email)
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('Yes, this address is mine')
    await page.says('Letters may come')
    await page.visit('/household')
    await page.says('How you hear of things')
    expect(await page.words()).not.toContain('No letters come yet')
    expect(await shareByMail()).toContain('on its way')
  })
  it('and ends them, and lets them come again', async () => {
    const { text } = await box.letter((l) => l.to.includes(email))
    await page.visit(linkIn(text))
    await page.press('No letters to this address')
    await page.says('No more letters come to this address')
    await page.press('Let them come again')
    await page.says('Letters may come')
  })
  it('a link that lost a letter says so', async () => {
    page.foresee(refused(404))
    await page.visit('/letters#YWRhQGV4YW1wbGUub3Jn.x')
    await page.press('Yes, this address is mine')
    await page.says('This link is none of ours')
    await page.visit('/letters')
    await page.says('This link does not open anything')
  })
})
