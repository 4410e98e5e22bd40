import { existsSync, rmSync } from 'node:fs'
import { build } from './lib/build.mjs'
import { debianPackages, npmPackages } from './lib/packages.mjs'
import { startPostgres } from './lib/postgres.mjs'
import { giveUp, say } from './lib/say.mjs'
import { run } from './lib/shell.mjs'

/**
 * Everything from types to the browser, on the built app and a throwaway database.
 * npm test -- unit published runs some of it: types lint unit published api browser.
 */
const FOLDER = '.data/test'
const PARTS = ['types', 'lint', 'unit', 'published', 'api', 'browser']

process.chdir(new URL('..', import.meta.url).pathname)
if (Number(process.versions.node.split('.')[0]) < 20)
  giveUp(`Node 20 or newer is needed; this is ${process.versions.node}.`)
const wanted = process.argv.slice(2).filter((a) => PARTS.includes(a))
const chosen = wanted.length ? wanted : PARTS
const needs = (...parts) => parts.some((p) => chosen.includes(p))

console.log(`\n  Grumbo, the tests: ${chosen.join(', ')}\n`)
await npmPackages()
const totals = { passed: 0, failed: 0 }
const count = (ok, what) => {
  totals[ok ? 'passed' : 'failed'] += 1
  say(`${what}: ${ok ? 'well' : 'NOT WELL'}`)
}
// Side by side: neither waits for the other, and neither writes anything.
await Promise.all(
  ['types', 'lint']
    .filter((part) => chosen.includes(part))
    .map(async (part) => count((await run('npm', ['run', '--silent', part])) === 0, part)),
)

const suites = chosen.filter((p) => !['types', 'lint'].includes(p))
let postgres
try {
  const browser = ['chromium', 'chromedriver', 'chromium-headless-shell']
  if (needs('browser') && !browser.every((b) => existsSync(`/usr/bin/${b}`)))
    await debianPackages(
      ['chromium', 'chromium-driver', 'chromium-headless-shell'],
      'Chromium with its driver',
    )
  if (needs('api', 'browser')) {
    await build()
    rmSync(FOLDER, { recursive: true, force: true })
    postgres = await startPostgres(FOLDER, { fast: true, told: true })
  }
  const report = '.data/test-report.json'
  rmSync(report, { force: true })
  const code = suites.length
    ? await run(
        'npx',
        [
          'vitest',
          'run',
          ...suites.flatMap((s) => ['--project', s, ...(s === 'api' ? ['--project', 'spread'] : [])]),
          '--reporter=default',
          '--reporter=json',
          `--outputFile.json=${report}`,
        ],
        {
          env: {
            ...process.env,
            NODE_ENV: 'test',
            GRUMBO_TEST_PG: postgres ? String(postgres.port) : '',
            GRUMBO_TEST_TOLD: postgres?.told ?? '',
          },
        },
      )
    : 0
  if (suites.length) {
    const { readFileSync } = await import('node:fs')
    const json = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : null
    totals.passed += json?.numPassedTests ?? 0
    totals.failed +=
      (json?.numFailedTests ?? 0) +
      (json?.numFailedTestSuites && !json.numFailedTests ? json.numFailedTestSuites : 0)
    if (code !== 0 && totals.failed === 0) totals.failed += 1
    if (!json || !json.numTotalTests) totals.failed += 1
  }
} finally {
  await postgres?.stop()
  if (postgres) rmSync(FOLDER, { recursive: true, force: true })
}
console.log(`\n${totals.passed} passed, ${totals.failed} failed`)
process.exit(totals.failed ? 1 : 0)
