import { readFileSync, writeFileSync } from 'node:fs'
import { By, Key } from 'selenium-webdriver'
import type { WebDriver, WebElement } from 'selenium-webdriver'
import type { Driver } from 'selenium-webdriver/chrome'
import { Command, Name } from 'selenium-webdriver/lib/command.js'
import { v7 as uuid } from 'uuid'
// @ts-expect-error plain script
import { openBrowser, setScreen } from '../../scripts/lib/browser.mjs'
import { clockAheadMs } from './clock'

export { Key }
export const PHONE = { width: 390, height: 844 }
export const DESK = { width: 1280, height: 800 }
type Screen = typeof PHONE

const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8')
/** More than anyone would wait, ms: a busy machine must not be what a test fails for. */
const PATIENCE = 45_000
/** How often the page is looked at while something is waited for, ms; the driver by itself lets 200 pass. */
const LOOK_AGAIN = 40

/** What the browser says of a call that met no server, and of one that was refused. */
export const NO_SERVER = /net::ERR_|Failed to fetch|NetworkError/
export const refused = (status: number) => new RegExp(`status of ${status}`)

/** A page that is left while it fetches a part of itself complains of that on its way out, though the part is there. */
async function leftOnTheWay(complaint: string): Promise<boolean> {
  const part = /Failed to fetch dynamically imported module: (\S+)/.exec(complaint)?.[1]
  return (
    !!part &&
    fetch(part).then(
      (answer) => answer.ok,
      () => false,
    )
  )
}

/** A person at a browser: finds things by what they say, waits for what they would wait for. */
export class Page {
  private constructor(
    readonly driver: WebDriver,
    readonly base: string,
    private screen: Screen,
  ) {}

  /** Every page open in this file, held to silence after each test. */
  static readonly opened = new Set<Page>()
  static async open(base: string, screen: Screen): Promise<Page> {
    const driver = (await openBrowser(screen)) as WebDriver
    await driver.manage().setTimeouts({ script: 2 * PATIENCE, pageLoad: 2 * PATIENCE })
    const page = new Page(driver, base, screen)
    await page.setClock()
    Page.opened.add(page)
    return page
  }
  /** The tab's clock is the tests'; a tab opened later is set by itself. */
  private async setClock() {
    await (this.driver as Driver).sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `globalThis.grumboClockAheadMs = ${clockAheadMs() + this.later}`,
    })
  }
  private later = 0
  /** It is so much later, from the next page on. */
  laterBy(ms: number) {
    this.later += ms
    return this.setClock()
  }
  /** Another tab, and in it. @returns the one before, by its handle */
  async newTab(): Promise<string> {
    const before = await this.driver.getWindowHandle()
    await this.driver.switchTo().newWindow('tab')
    await this.setClock()
    await this.size(this.screen)
    return before
  }
  /** Whether presses are a finger's, and how many there have been. */
  byTouch = false
  presses = 0
  close() {
    Page.opened.delete(this)
    return this.driver.quit()
  }
  async size(screen: Screen, dark = false) {
    this.screen = screen
    await setScreen(this.driver, { ...screen, dark })
  }

  visit = (path: string) => this.driver.get(path.startsWith('http') ? path : this.base + path)
  /** Through the welcome page, as far as the dog. */
  async signIn(email: string, password: string) {
    await this.visit('/')
    await this.type('[name=email]', email)
    await this.type('[name=password]', password)
    await this.press('Sign in')
    await this.until(async () => (await this.at()).startsWith('/dogs/'), 'signing in led nowhere')
  }
  at = async () => new URL(await this.driver.getCurrentUrl()).pathname
  /** Waits until it is so. If it never is, the screen and the browser's complaints are kept in .data. */
  until = (what: () => Promise<unknown>, said: string, patience = PATIENCE) =>
    this.waited(what, said, patience).catch(async (error: unknown) => {
      writeFileSync('.data/last-failure.png', await this.driver.takeScreenshot(), 'base64')
      writeFileSync('.data/last-failure.txt', [...(await this.complaints()), await this.words()].join('\n'))
      throw error
    })
  private waited = (what: () => Promise<unknown>, said: string, patience: number) =>
    this.driver.wait(
      async () => {
        try {
          return Boolean(await what())
        } catch {
          return false
        }
      },
      patience,
      said,
      LOOK_AGAIN,
    )

  async find(css: string): Promise<WebElement> {
    await this.until(async () => (await this.all(css)).length, `nothing is ${css}`)
    return this.driver.findElement(By.css(css))
  }
  all = (css: string) => this.driver.findElements(By.css(css))
  text = async (css: string) => (await this.find(css)).getText()
  /** The whole page's words. */
  words = () => this.driver.executeScript<string>('return document.body.innerText')
  /** @param patience ms, more for what takes a person's patience too */
  says = (what: string | RegExp, patience = PATIENCE) =>
    this.until(
      async () => {
        const words = await this.words()
        return typeof what === 'string' ? words.includes(what) : what.test(words)
      },
      `the page does not say ${String(what)}`,
      patience,
    )

  /** The button, link or choice that says so. */
  async named(words: string): Promise<WebElement> {
    const script = `const all = [...document.querySelectorAll('button, a, summary, label:has(input[type=checkbox], input[type=radio]), [role=radio], [role=button], input[type=checkbox]')]
      .filter((el) => el.offsetParent !== null || el.getClientRects().length)
      const says = (el) => (el.getAttribute('aria-label') ?? el.textContent).trim().replace(/\\s+/g, ' ')
      return all.find((el) => says(el) === arguments[0]) ?? all.find((el) => says(el).startsWith(arguments[0]))`
    let found: WebElement | null = null
    await this.until(
      async () => (found = await this.driver.executeScript(script, words)),
      `nothing says ${words}`,
    )
    return found!
  }
  async press(words: string) {
    await this.tap(await this.named(words))
  }
  /** Answers the questions about a knot; whether it is at the privates is asked only near them. */
  async answerKnot(...answers: string[]) {
    for (const words of answers) {
      await this.until(
        async () => (await this.words()).includes(words) || /Is it at the anus/.test(await this.text('h1')),
        `nothing says ${words}`,
      )
      if (/Is it at the anus/.test(await this.text('h1'))) await this.press('No')
      await this.press(words)
    }
  }
  /** The form's own button, once it says so and can be pressed. */
  async submit(words: string) {
    const css = 'form button[type=submit]'
    await this.until(
      async () => (await this.text(css)).startsWith(words) && (await (await this.find(css)).isEnabled()),
      `the form does not offer ${words}`,
    )
    await this.tap(await this.find(css))
  }
  /** A press as a finger makes it: it must be on the screen, at rest and not covered; one that met nothing is made again. */
  async tap(el: WebElement) {
    this.presses += 1
    for (let again = 0; again < 3; again++) {
      await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', el)
      const at = await this.driver.executeAsyncScript<{ x: number; y: number }>(
        `const [el, done] = arguments; let last = ''
         el.grumboMet = false
         el.addEventListener('pointerdown', () => (el.grumboMet = true), { capture: true, once: true })
         const look = () => {
           const r = el.getBoundingClientRect(), at = { x: r.x + r.width / 2, y: r.y + r.height / 2 }
           if (last === (last = JSON.stringify(at))) done(at)
           else Promise.race([new Promise(requestAnimationFrame), new Promise((go) => setTimeout(go, 250))]).then(look)
         }
         look()`,
        el,
      )
      if (this.byTouch) await this.touch(at)
      else await el.click()
      // What the press took off the page was met.
      const met = await this.driver
        .executeScript<boolean>('return arguments[0].grumboMet || !arguments[0].isConnected', el)
        .catch(() => true)
      if (met) return
    }
  }
  /** Down and up in one call: with time between two on a busy machine it is a long press, which presses nothing. */
  private touch = ({ x, y }: { x: number; y: number }) =>
    this.driver.execute(
      new Command(Name.ACTIONS).setParameter('actions', [
        {
          type: 'pointer',
          id: 'finger',
          parameters: { pointerType: 'touch' },
          actions: [
            { type: 'pointerMove', duration: 0, x: Math.round(x), y: Math.round(y), origin: 'viewport' },
            { type: 'pointerDown', button: 0 },
            { type: 'pointerUp', button: 0 },
          ],
        },
      ]),
    )
  /** In place of what stands there, by keys: the driver's own clearing tells the page nothing, and a redraw would undo it. */
  async type(css: string, words: string) {
    const el = await this.find(css)
    await this.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', el)
    await el.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.BACK_SPACE, words)
  }
  /** Controls in view that no key reaches: neither stops of their own nor in a group that has one. */
  beyondKeys = () =>
    this.driver.executeScript<string[]>(`
      const CONTROLS = 'a, button, input, select, textarea, summary, [role=button], [role=link], [role=radio], [role=switch], [role=tab], [role=option], [role=menuitem], [role=slider], [role=checkbox]'
      const GROUPS = '[role=radiogroup], [role=listbox], [role=menu], [role=tablist], [role=toolbar], [role=group]'
      const stops = (e) => e.tabIndex >= 0
      return [...document.querySelectorAll(CONTROLS)]
        .filter((e) => e.checkVisibility() && !e.closest('[inert], [aria-hidden=true]') && !e.disabled)
        .filter((e) => !stops(e) && ![...(e.closest(GROUPS)?.querySelectorAll(CONTROLS) ?? [])].some(stops))
        .map((e) => (e.getAttribute('role') ?? e.localName) + ' ' + (e.textContent.trim() || e.getAttribute('aria-label') || ''))`)
  keys = (...keys: string[]) =>
    this.driver
      .actions()
      .sendKeys(...keys)
      .perform()
  /** Puts a value into a date, month or range field as its picker would. */
  async setTo(css: string, value: string) {
    await this.driver.executeScript(
      `const [el, v] = arguments; el.value = v; el.dispatchEvent(new Event('input', { bubbles: true })); el.dispatchEvent(new Event('change', { bubbles: true }))`,
      await this.find(css),
      value,
    )
  }
  /** Picks one of many by its value: from a telephone's list, or from one that opens at a desk. */
  async choose(css: string, value: string) {
    await this.find(`${css} select, ${css} [aria-haspopup=listbox]`)
    const [opens] = await this.all(`${css} [aria-haspopup=listbox]`)
    if (opens) {
      await opens.click()
      return (await this.find(`${css} [role=option][data-value="${value}"]`)).click()
    }
    await this.driver.executeScript(
      `const [el, v] = arguments; el.selectedIndex = [...el.options].findIndex((o) => o.dataset.value === v); el.dispatchEvent(new Event('input', { bubbles: true })); el.dispatchEvent(new Event('change', { bubbles: true }))`,
      await this.find(`${css} select`),
      value,
    )
  }

  /** The device stands in another time zone from the next page on. */
  timeZone = (timezoneId: string) =>
    (this.driver as Driver).sendDevToolsCommand('Emulation.setTimezoneOverride', { timezoneId })
  /** Time goes by on this page, with nobody pressing anything. */
  passTime = (ms: number) =>
    this.driver.executeScript(
      `globalThis.grumboClockAheadMs = (globalThis.grumboClockAheadMs ?? 0) + arguments[0]
       document.dispatchEvent(new Event('visibilitychange'))`,
      ms,
    )

  /** WCAG 2.2 A and AA by axe, here and now; what it minds, in short. */
  async violations(): Promise<string[]> {
    await this.driver.executeScript(`if (!window.axe) { ${AXE} }`)
    return this.driver.executeAsyncScript<string[]>(`const done = arguments[arguments.length - 1]
      // A press that stays in view may lie half over a row for the moment: scrolled to, the row stands clear of it.
      const clear = async (v) => {
        if (v.id !== 'target-size') return v
        const nodes = []
        for (const n of v.nodes) {
          const el = document.querySelector(n.target[0])
          el?.scrollIntoView({ block: 'center' })
          const again = await axe.run(el ?? document, { runOnly: { type: 'rule', values: ['target-size'] } })
          if (again.violations.length) nodes.push(n)
        }
        scrollTo(0, 0)
        return { ...v, nodes }
      }
      axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] })
        .then(async (r) => ({ violations: (await Promise.all(r.violations.map(clear))).filter((v) => v.nodes.length) }))
        .then((r) => done(r.violations.map((v) => v.id + ': ' + v.nodes.map((n) => n.target.join(' ') + ' ' + n.failureSummary).slice(0, 3).join(' | '))),
              (e) => done(['axe failed: ' + e.message]))`)
  }
  /** By how much the page is wider than the screen; a phone's layout grows with it, so the screen is asked. */
  sideways = () =>
    this.driver.executeScript<number>(
      'return Math.max(0, document.documentElement.scrollWidth - arguments[0])',
      this.screen.width,
    )
  /** Targets smaller than a finger, by the least side in px. */
  smallTargets = (least: number, within: string) =>
    this.driver.executeScript<string[]>(
      `return [...document.querySelectorAll(arguments[1] + ' :is(button, a, [role=radio])')]
        .map((el) => [el.getBoundingClientRect(), el.textContent.trim() || el.getAttribute('aria-label')])
        .filter(([r]) => r.width && Math.min(r.width, r.height) < arguments[0]).map(([r, t]) => t + ' ' + Math.round(r.width) + 'x' + Math.round(r.height))`,
      least,
      within,
    )
  /** Complaints this test brings about on purpose: a call refused, a server that is away. */
  foreseen: RegExp[] = []
  foresee(...what: RegExp[]) {
    this.foreseen.push(...what)
  }
  /** What stands in something that is folded away. */
  async hidden(css: string): Promise<string> {
    await this.until(
      () => this.driver.executeScript<boolean>('return !!document.querySelector(arguments[0])', css),
      `nothing is ${css}`,
    )
    return this.driver.executeScript<string>('return document.querySelector(arguments[0]).textContent', css)
  }

  /** Opens a groomer's room of their own, where the way in is shown. @returns their address */
  async openRoom(name: string, room: string, password: string): Promise<string> {
    const address = `${uuid()}@example.org`
    await this.press('I am new here')
    await this.type('[name=name]', name)
    await this.type('[name=room]', room)
    await this.type('[name=email]', address)
    await this.type('[name=password]', password)
    await this.press('Open the room')
    return address
  }

  /** Cuts the network, or brings it back. */
  signal(on: boolean) {
    return (this.driver as Driver).setNetworkConditions({
      offline: !on,
      latency: 0,
      download_throughput: on ? -1 : 0,
      upload_throughput: on ? -1 : 0,
    })
  }

  /** What the browser complained of since the last time, but for what was foreseen. */
  async complaints(): Promise<string[]> {
    const logs = await this.driver.manage().logs().get('browser')
    const heard = logs
      .filter((l) => l.level.name === 'SEVERE' && !this.foreseen.some((f) => f.test(l.message)))
      .map((l) => l.message)
    const left = await Promise.all(heard.map(leftOnTheWay))
    return heard.filter((_, i) => !left[i])
  }
}
