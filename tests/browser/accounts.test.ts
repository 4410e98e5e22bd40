import pg from 'pg'
import type { WebDriver } from 'selenium-webdriver'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import {
  Protocol,
  Transport,
  VirtualAuthenticatorOptions,
} from 'selenium-webdriver/lib/virtual_authenticator.js'
import { openPostRoom } from '../../post-room/box'
import type { PostRoom } from '../../post-room/box'
import { newDog, newGroomer, newOwner, PASSWORD, startApp, Visitor } from '../support/server'
import type { Running } from '../support/server'
import { Page, PHONE, refused } from '../support/page'

/** One's own account, as its owner meets it: from a password forgotten to a telephone that opens it by itself. */
let app: Awaited<ReturnType<typeof startApp>>
let running: Running
let box: PostRoom
let db: pg.Client
let owner: Visitor
let page: Page
let email: string
const dog = newDog({ name: 'Tansy' })
const ANOTHER = 'four-lines-to-the-hock'

beforeAll(async () => {
  box = await openPostRoom()
  app = await startApp({ GRUMBO_SMTP: `smtp://127.0.0.1:${box.port}` })
  running = app.running
  db = new pg.Client({ connectionString: app.databaseUrl })
  await db.connect()
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  email = String((await owner.call('GET', '/api/me')).json.email)
  // A key is a name's: an address in figures has none.
  page = await Page.open(running.address.replace('127.0.0.1', 'localhost'), PHONE)
})
afterAll(async () => {
  await page?.close()
  await db?.end()
  await running?.stop()
  await box?.close()
})

const letter = async (subject: string, to = email) =>
  (await box.letter((l) => l.to.includes(to) && l.subject === subject)).text
const longAgo = () =>
  Promise.all(
    ['sessions', 'groomer_sessions'].map((table) =>
      db.query(`update ${table} set proved_until = now() - interval '1 minute'`),
    ),
  )

describe('a password forgotten', () => {
  it('is asked for on the way in, and set by the letter’s link', async () => {
    await page.visit('/')
    await page.press('I forgot the password')
    await page.says('A new password')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.type('[name=email]', email)
    await page.submit('Send the letter')
    await page.says('Look into your mail')
    const link = /\/password#\S+/.exec(await letter('A new password for Grumbo'))![0]
    await page.visit(link)
    await page.says('Set a new password')
    page.foresee(refused(422))
    await page.type('[name=password]', 'password1234')
    await page.says('among the first that are tried')
    await page.submit('Set it')
    await page.find('[name=password][aria-invalid=true]')
    expect(await page.violations()).toEqual([])
    await page.type('[name=password]', ANOTHER)
    await page.says('Hard to guess.')
    await page.submit('Set it')
    await page.says('It is set')
    await page.press('Sign in')
    await page.signIn(email, ANOTHER)
  })
  it('a link that was used says so, and leads to another', async () => {
    const link = /\/password#\S+/.exec(await letter('A new password for Grumbo'))![0]
    page.foresee(refused(404))
    await page.visit('/letters')
    await page.visit(link)
    await page.says('This link is over')
    await page.press('Ask for another')
    await page.find('[name=email]')
  })
})

describe('the account', () => {
  it('is led to from the household: password, address, where it is signed in', async () => {
    await page.visit('/household')
    await page.press('Your account')
    await page.says('Where you are signed in')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    const other = new Visitor(running.address, {
      'user-agent': 'Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0',
    })
    expect((await other.call('POST', '/api/session', { email, password: ANOTHER })).status).toBe(200)
    await page.visit('/account')
    await page.until(
      async () => (await page.all('[data-signed-in]')).length === 2,
      'the other place is not listed',
    )
    await page.press('End')
    await page.until(async () => (await page.all('[data-signed-in]')).length === 1, 'it did not end')
    expect((await other.call('GET', '/api/me')).json).toHaveProperty('nobody')
  })
  it('the password is changed by who knows it, and can be looked at while it is typed', async () => {
    page.foresee(refused(422))
    await page.type('[name=now]', 'not it at all')
    await page.type('[name=password]', PASSWORD)
    expect(await (await page.find('[name=password]')).getAttribute('type')).toBe('password')
    await page.tap(await page.find('[aria-label="Show the new password"]'))
    expect(await (await page.find('[name=password]')).getAttribute('type')).toBe('text')
    await page.submit('Change the password')
    await page.says('That is not the password.')
    await page.type('[name=now]', ANOTHER)
    await page.submit('Change the password')
    await page.says('It is changed.')
    const back = new Visitor(running.address)
    expect((await back.call('POST', '/api/session', { email, password: PASSWORD })).status).toBe(200)
  })
  it('moves to another address by its letter', async () => {
    const to = 'ada.moved@example.org'
    await page.type('[name=email]', to)
    await page.press('Send a letter there')
    await page.says(`A letter is on its way to ${to}`)
    const link = /\/address#\S+/.exec(await letter('Your Grumbo account moves to this address', to))![0]
    await page.visit(link)
    await page.says('Is this your address?')
    expect(await page.violations()).toEqual([])
    await page.press('This is my address')
    await page.says('It moved here')
    email = to
    await page.visit('/account')
    await page.says(to)
  })
  it('sharing a dog asks too, and goes on where it was', async () => {
    await longAgo()
    page.foresee(refused(403))
    await page.visit(`/dogs/${dog.id}/groomer`)
    await page.type('[name=share-groomer]', 'Bell')
    await page.press('Make a link and a code')
    await page.says('Is it you?')
    expect(await page.violations()).toEqual([])
    await page.press('Not now')
    await page.says('Say once more that it is you.')
    page.foresee(refused(422))
    await page.press('Make a link and a code')
    await page.type('[name=password-again]', 'not it at all')
    await page.press('It is me')
    await page.says('That is not the password.')
    await page.type('[name=password-again]', PASSWORD)
    await page.press('It is me')
    await page.says('given today by Ada')
  })
})

describe('a passkey', () => {
  it('is added, opens the account with nothing typed, says who one is once more, and is taken away', async () => {
    const device = new VirtualAuthenticatorOptions()
    device.setProtocol(Protocol.CTAP2)
    device.setTransport(Transport.INTERNAL)
    device.setHasResidentKey(true)
    device.setHasUserVerification(true)
    device.setIsUserVerified(true)
    await (
      page.driver as WebDriver & { addVirtualAuthenticator: (o: object) => Promise<void> }
    ).addVirtualAuthenticator(device)
    await page.visit('/account')
    await page.type('[name=key-name]', 'The telephone')
    await page.press('Add it')
    await page.find('[data-key="The telephone"]')
    expect(await page.violations()).toEqual([])
    await page.visit('/household')
    await page.press('Sign out')
    await page.says('Been here before')
    await page.press('Sign in with a passkey')
    await page.until(async () => (await page.at()).startsWith('/dogs/'), 'the key led nowhere')
    await longAgo()
    page.foresee(refused(403))
    await page.visit('/account')
    await page.says('last used today')
    await page.press('Take away')
    await page.says('Is it you?')
    await page.press('With a passkey')
    await page.until(async () => !(await page.all('[data-key]')).length, 'the key is there still')
  })
})

describe('a groomer', () => {
  it('has an account of the same kind, and can end it', async () => {
    const groomer = await newGroomer(running.address, 'Imke')
    const hers = String((await groomer.call('GET', '/api/room')).json.email)
    await page.visit('/room')
    await page.type('[name=email]', hers)
    await page.type('[name=password]', PASSWORD)
    await page.submit('Go in')
    await page.press('Your account')
    await page.says('Where you are signed in')
    expect(await page.violations()).toEqual([])
    expect(await page.sideways()).toBe(0)
    await page.press('Delete your account')
    await page.press('Yes, in 14 days')
    await page.says('It goes on')
    await page.press('Keep it after all')
    await page.says('until then it can be taken back')
  })
})
