import { spawn } from 'node:child_process'
import { mkdtemp, readFile, rm } from 'node:fs/promises'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout } from 'node:timers/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import lighthouse from 'lighthouse'
import { v7 as uuid } from 'uuid'
import { Page, PHONE } from '../../tests/support/page'
import { daysAgo, newDog, newOwner, startApp } from '../../tests/support/server'
import { row } from './table'

const CATEGORIES = ['performance', 'accessibility', 'best-practices'] as const
/** So many times each, of which the middle one counts. */
const TIMES = 3
const BROWSER = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

interface Look {
  scores: number[]
  /** Until the largest thing is drawn, and how long the page was deaf to presses, ms. */
  drawnMs: number
  deafMs: number
}

/** A page as a telephone meets it for the first time, by Lighthouse's mobile settings. */
async function lookAt(port: number, url: string): Promise<Look> {
  const looks: Look[] = []
  for (let n = 0; n < TIMES; n++) {
    const result = await lighthouse(url, {
      port,
      onlyCategories: [...CATEGORIES],
      output: 'json',
      logLevel: 'error',
    })
    const { categories, audits } = result!.lhr
    looks.push({
      scores: CATEGORIES.map((c) => Math.round(100 * (categories[c]?.score ?? 0))),
      drawnMs: audits['largest-contentful-paint']?.numericValue ?? NaN,
      deafMs: audits['total-blocking-time']?.numericValue ?? NaN,
    })
  }
  return looks.sort((a, b) => a.scores[0]! - b.scores[0]!)[Math.floor(TIMES / 2)]!
}

/** A picture that came, or one that the page draws. */
const DRAWN = `return document.querySelector('img')?.complete || document.querySelectorAll('svg path').length > 50`

/** The same page with its picture drawn and no program in it, as plain as a page can be. */
async function withoutProgram(url: string) {
  const page = await Page.open(url, PHONE)
  await page.driver.get(url)
  await page.until(
    async () => (await page.driver.executeScript<boolean>(DRAWN)) === true,
    'the dog is not drawn',
  )
  const html = await page.driver.executeScript<string>(`
    for (const e of document.querySelectorAll('script, link[rel=modulepreload], link[rel=preload], link[rel=prefetch]')) e.remove()
    return '<!doctype html>' + document.documentElement.outerHTML`)
  await page.close()
  const styles = new URL(url).origin
  const body = gzipSync(html)
  const server = createServer((req, res) => {
    if (req.url !== '/') return void res.writeHead(302, { location: styles + req.url }).end()
    res.writeHead(200, { 'content-type': 'text/html; charset=utf-8', 'content-encoding': 'gzip' }).end(body)
  })
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
  return { url: `http://127.0.0.1:${(server.address() as AddressInfo).port}/`, stop: () => server.close() }
}

/** Where a browser that was just started is to be driven: it writes that down when it is up. */
async function portOf(profile: string): Promise<number> {
  for (;;) {
    const said = await readFile(join(profile, 'DevToolsActivePort'), 'utf8').catch(() => '')
    if (said) return Number(said.split('\n')[0])
    await setTimeout(50)
  }
}

/** The first look at Grumbo: the welcome page and what a groomer's link opens. */
export async function firstLook() {
  const { running } = await startApp()
  const profile = await mkdtemp(join(tmpdir(), 'grumbo-look-'))
  const chromium = spawn(
    '/usr/bin/chromium',
    [...BROWSER, `--user-data-dir=${profile}`, '--remote-debugging-port=0', 'about:blank'],
    { stdio: 'ignore' },
  )
  try {
    const port = await portOf(profile)
    const owner = await newOwner(running.address, 'Ada')
    const dog = newDog({ name: 'Merle', nextVisit: daysAgo(-30) })
    await owner.call('POST', '/api/dogs', dog)
    const share = { id: uuid(), groomer: 'Imke', scope: 'stretch', days: 9 }
    const { token } = (await owner.call('POST', `/api/dogs/${dog.id}/shares`, share)).json
    for (const [what, url] of [
      ['the welcome page', `${running.address}/`],
      ['what a link opens', `${running.address}/l/${String(token)}`],
    ] as const) {
      const plain = await withoutProgram(url)
      const [ours, bare] = [await lookAt(port, url), await lookAt(port, plain.url)]
      plain.stop()
      row(
        `first look, ${what}`,
        `${ours.scores.join(', ')} of 100 (fast, for all, well made); drawn in ${(ours.drawnMs / bare.drawnMs).toFixed(2)} times static HTML (${ours.drawnMs.toFixed(0)} ms, ${bare.drawnMs.toFixed(0)} ms), deaf ${ours.deafMs.toFixed(0)} ms`,
      )
    }
  } finally {
    chromium.kill()
    await new Promise((gone) => chromium.once('exit', gone))
    await rm(profile, { recursive: true, force: true })
    await running.stop()
  }
}
