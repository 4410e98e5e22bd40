import { createHash } from 'node:crypto'
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { giveUp, say } from './say.mjs'
import { run } from './shell.mjs'

/** What a build is made from. */
const SOURCES = [
  'app',
  'core',
  'drawing',
  'public',
  'server',
  'shared',
  'nuxt.config.ts',
  'package-lock.json',
  'scripts/draw.ts',
]
const LEFT_OUT = [join('public', 'coat-map'), join('public', 'care')]
const STAMP = '.output/.built-from'

function* files(path) {
  if (LEFT_OUT.includes(path) || !existsSync(path)) return
  if (statSync(path).isFile()) yield path
  else for (const name of readdirSync(path).sort()) yield* files(join(path, name))
}

/** Builds the app if what it is made from has changed since the last time. */
export async function build() {
  const hash = createHash('sha256')
  for (const source of SOURCES) for (const file of files(source)) hash.update(file).update(readFileSync(file))
  const now = hash.digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === now) return
  say('building the app (about a minute)')
  if (
    (await run('npm', ['run', '--silent', 'build'], {
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, NODE_ENV: 'production' },
    })) !== 0
  )
    giveUp('The app could not be built; see above.')
  writeFileSync(STAMP, now)
}
