import { mkdirSync, writeFileSync } from 'node:fs'
import { openBrowser, setScreen } from './lib/browser.mjs'

/**
 * Takes the README's pictures from a running demo: node scripts/shots.mjs http://127.0.0.1:4820 [name …]
 * It writes a note and a session into that demo, so take them from a fresh one.
 */
const [base, ...only] = process.argv.slice(2)
const folder = 'docs/screenshots'
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
mkdirSync(folder, { recursive: true })

const driver = await openBrowser(DESK)
await driver.manage().setTimeouts({ script: 20_000, pageLoad: 30_000 })
const run = (script, ...args) => driver.executeScript(script, ...args)

/** Until the page has been still for half a second with its fonts in and its hair drawn. */
async function settled() {
  let last = ''
  let since = Date.now()
  for (const end = Date.now() + 12_000; Date.now() < end;) {
    const now = await run('return document.fonts.status + document.body.innerHTML.length')
    if (now !== last) [last, since] = [now, Date.now()]
    else if (Date.now() - since > 700) return
    await new Promise((r) => setTimeout(r, 100))
  }
}
async function picture(name, screen, go) {
  if (only.length && !only.includes(name)) return
  await setScreen(driver, screen)
  await go?.()
  await settled()
  writeFileSync(`${folder}/${name}.png`, await driver.takeScreenshot(), 'base64')
  const wide = await run('return document.documentElement.scrollWidth')
  console.log(`${name}${wide > screen.width ? `: scrolls sideways, ${wide}` : ''}`)
}
const visit = (path) => async () => {
  await driver.get(base + path)
  await settled()
}
const press = (words) =>
  run(
    `const el = [...document.querySelectorAll('button, summary, [role=radio], a')].find((b) => b.textContent.trim().startsWith(arguments[0])); if (!el) throw new Error('nothing says ' + arguments[0]); el.click()`,
    words,
  )
const then =
  (...steps) =>
  async () => {
    for (const step of steps) {
      await step()
      await settled()
    }
  }

await picture('welcome', DESK, visit('/'))
await driver.get(base)
const me = await driver.executeAsyncScript(`const done = arguments[0]
  fetch('/api/demo', { method: 'POST', headers: { 'content-type': 'application/json' }, body: '{}' }).then(() => fetch('/api/me')).then((r) => r.json()).then(done)`)
const dog = (name) => `/dogs/${me.dogs.find((d) => d.profile.name === name).id}`

await picture('today', DESK, visit(dog('Tansy')))
await picture('today-phone', PHONE, visit(dog('Tansy')))
await picture('going-over-phone', PHONE, visit(dog('Moss')))
await picture(
  'about',
  { ...DESK, dark: true },
  then(visit(`${dog('Tansy')}/about`), () =>
    run(`document.querySelector('[data-about=weightKg] button').click()`),
  ),
)
/** The plan is refined: nothing moves any more. */
const planned = async () => {
  for (const end = Date.now() + 15_000; Date.now() < end;) {
    if (await run(`return /A hundred stretches like this one/.test(document.body.innerText)`)) return
    await new Promise((r) => setTimeout(r, 200))
  }
}
const played = async () => {
  for (const end = Date.now() + 30_000; Date.now() < end;) {
    if (await run(`return !/Playing|Working it out|Asking backwards/.test(document.body.innerText)`)) return
    await new Promise((r) => setTimeout(r, 200))
  }
}
const drawOn = () =>
  run(
    `const s = document.querySelectorAll('[data-session]')[1]; s.focus(); for (let n = 0; n < 3; n++) s.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight', bubbles: true }))`,
  )
await picture('stretch', DESK, then(visit(`${dog('Tansy')}/stretch`), planned, drawOn))
await picture('what-if', DESK, then(visit(`${dog('Tansy')}/what-if?mm=9&harnessHours=0`), played))
await picture('progress', DESK, visit(`${dog('Tansy')}/progress`))
await picture(
  'table-phone',
  PHONE,
  then(visit(`${dog('Tansy')}/table`), () => press('Start'), ...Array(4).fill(() => press('Glides'))),
)
await picture(
  'knot-phone',
  PHONE,
  then(
    visit(`${dog('Tansy')}/table`),
    () => press('Knot'),
    () => press('It looks and feels well'),
    () => press('Yes, it starts to split'),
  ),
)
await picture('diary', DESK, visit(`${dog('Tansy')}/diary`))
await picture('bath', DESK, visit(`${dog('Pip')}/bath`))
await picture('tidies', DESK, visit(`${dog('Tansy')}/tidies?at=paws`))
await picture(
  'look-over-phone',
  PHONE,
  then(
    visit(`${dog('Tansy')}/look-over`),
    () => press('Begin at the eyes'),
    () => press('All well'),
  ),
)
await picture(
  'wish',
  DESK,
  then(visit(`${dog('Tansy')}/wish`), async () => {
    for (const end = Date.now() + 15_000; Date.now() < end;) {
      if ((await run(`return document.querySelectorAll('[data-sum]').length`)) === 2) return
      await new Promise((r) => setTimeout(r, 100))
    }
  }),
)
await picture('note', DESK, then(visit(`${dog('Tansy')}/groomer`)))
await then(
  visit(`${dog('Tansy')}/groomer`),
  () => press('Send to'),
  () => press('Make a link and a code'),
)()
const link = await run(`return document.querySelector('[data-link]')?.value ?? ''`)
if (link) {
  await picture('link', DESK, visit(new URL(link).pathname))
}
/** The groomer's room; its forecasts are worked out a moment after it is first opened. */
const worked = async () => {
  for (const end = Date.now() + 15_000; Date.now() < end;) {
    if (await run(`return !/Being worked out/.test(document.body.innerText)`)) return
    await new Promise((r) => setTimeout(r, 200))
  }
}
const mark = (region, finding) => () =>
  run(
    `document.querySelector('[data-region="' + arguments[0] + '"]').dispatchEvent(new MouseEvent('click', { bubbles: true }))`,
    region,
  ).then(() => press(finding))
await then(visit('/room'), () => press('Look round'))()
await picture(
  'room',
  DESK,
  then(visit('/room'), worked, () => press('All dogs'), worked),
)
await picture(
  'visit-phone',
  { ...PHONE, height: 1400 },
  then(
    visit('/room'),
    worked,
    () => run(`document.querySelector('[data-room-dog]').click()`),
    () => press('Enter a visit'),
    mark('armpit.left', 'mat'),
  ),
)
await driver.quit()
