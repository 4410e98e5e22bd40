import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { build } from './lib/build.mjs'
import { npmPackages } from './lib/packages.mjs'
import { keptSecret, startPostgres } from './lib/postgres.mjs'
import { giveUp, say } from './lib/say.mjs'
import { serve } from './lib/serve.mjs'
import { freePort, run } from './lib/shell.mjs'

/**
 * From a fresh Debian machine with Node 20 to an address to open: packages, database, demo, build,
 * server. Run again it keeps what was done there; with -- --fresh it starts over.
 */
const FOLDER = '.data/demo'
const PORT = 4820
/** The post room's, for mail and for reading it. */
const SMTP_PORT = 4825
const POST_PORT = 4826
/** Says which process runs the demo and where: two on one cluster would stop each other. */
const RUNNING = `${FOLDER}/running.json`

function refuseASecond() {
  if (!existsSync(RUNNING)) return
  const { pid, address } = JSON.parse(readFileSync(RUNNING, 'utf8'))
  try {
    process.kill(pid, 0)
  } catch {
    return
  }
  if (!readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('demo.mjs')) return
  giveUp(`The demo is running already${address ? `: open ${address}` : ''}. Ctrl-C there stops it.`)
}

process.chdir(new URL('..', import.meta.url).pathname)
if (Number(process.versions.node.split('.')[0]) < 20)
  giveUp(`Node 20 or newer is needed; this is ${process.versions.node}.`)

console.log('\n  Grumbo, the demo\n')
refuseASecond()
if (process.argv.includes('--fresh')) rmSync(FOLDER, { recursive: true, force: true })
mkdirSync(FOLDER, { recursive: true })
writeFileSync(RUNNING, JSON.stringify({ pid: process.pid }))
await npmPackages()
await build()
const postgres = await startPostgres(FOLDER)
let server
let postRoom
let stopping = false
async function stop(code = 0) {
  if (stopping) return
  stopping = true
  await server?.stop()
  postRoom?.kill()
  await postgres.stop()
  rmSync(RUNNING, { force: true })
  process.exit(code)
}
process.on('SIGINT', () => stop())
process.on('SIGTERM', () => stop())
process.on('SIGHUP', () => stop())

try {
  postgres.createIfMissing('grumbo')
  const secret = keptSecret(
    '.data/demo-secret',
    () => randomBytes(32).toString('hex'),
    (f) => readFileSync(f, 'utf8'),
  )
  const databaseUrl = postgres.at('grumbo')
  const [port, smtp, page] = [await freePort(PORT), await freePort(SMTP_PORT), await freePort(POST_PORT)]
  postRoom = spawn('node', ['--import', 'tsx', 'post-room/main.ts', String(smtp), String(page)], {
    stdio: 'inherit',
  })
  const post = `http://127.0.0.1:${page}`
  server = await serve({
    port,
    databaseUrl,
    secret,
    env: {
      GRUMBO_DEMO: '1',
      GRUMBO_LOG: process.env.GRUMBO_LOG ?? 'warn',
      NUXT_PUBLIC_DEMO: 'true',
      NUXT_PUBLIC_POST_ROOM: post,
      GRUMBO_SMTP: `smtp://127.0.0.1:${smtp}`,
      GRUMBO_ADDRESS: `http://127.0.0.1:${port}`,
    },
  })
  if (
    (await run('npx', ['tsx', 'demo/load.ts'], { env: { ...process.env, DATABASE_URL: databaseUrl } })) !== 0
  )
    throw new Error('The demo household could not be loaded.')
  writeFileSync(RUNNING, JSON.stringify({ pid: process.pid, address: server.address }))
  console.log(
    `\n  Open ${server.address}\n  Mail lands in the post room: ${post}\n  Ctrl-C stops it; what you do is kept. npm run demo -- --fresh starts over.\n`,
  )
  void server.ended.then(() => {
    if (!stopping) {
      say('the server ended by itself')
      void stop(1)
    }
  })
} catch (error) {
  console.error(`\n  ${error.message}\n`)
  await stop(1)
}
