import { existsSync, rmSync } from 'node:fs'
import { build } from './lib/build.mjs'
import { debianPackages, npmPackages } from './lib/packages.mjs'
import { startPostgres } from './lib/postgres.mjs'
import { run } from './lib/shell.mjs'

/** Measures: npm run bench, or with -- --full every stretch of full size against HiGHS, half an hour. */
const FOLDER = '.data/bench'
process.chdir(new URL('..', import.meta.url).pathname)
await npmPackages()
if (!(existsSync('/usr/bin/chromium') && existsSync('/usr/bin/chromedriver')))
  await debianPackages(['chromium', 'chromium-driver'], 'Chromium with its driver')
await build()
rmSync(FOLDER, { recursive: true, force: true })
const postgres = await startPostgres(FOLDER, { fast: true })
let code = 1
try {
  code = await run('npx', ['tsx', 'scripts/bench/main.ts', ...process.argv.slice(2)], {
    env: { ...process.env, NODE_ENV: 'test', GRUMBO_TEST_PG: String(postgres.port) },
  })
} finally {
  await postgres.stop()
  rmSync(FOLDER, { recursive: true, force: true })
}
process.exit(code)
