import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { createHash } from 'node:crypto'
import { run, ask, isRoot } from './shell.mjs'
import { giveUp, say } from './say.mjs'

const STAMP = 'node_modules/.installed-from'

/** Installs what the lock file names, if that is not what is there. */
export async function npmPackages() {
  const lock = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex')
  if (existsSync(STAMP) && readFileSync(STAMP, 'utf8') === lock) return
  say('installing packages from the lock file (a minute or two)')
  const code = await run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
  if (code !== 0)
    giveUp('The packages could not be installed: npm ci failed, see above. Is the registry reachable?')
  if ((await run('npx', ['nuxt', 'prepare'], { stdio: 'ignore' })) !== 0) giveUp('nuxt prepare failed.')
  writeFileSync(STAMP, lock)
}

/** Installs Debian packages where this may be done, or says what to do by hand. */
export async function debianPackages(names, what) {
  const how = isRoot() ? [] : ask('sudo', ['-n', 'true']) === null ? null : ['sudo', '-n']
  if (how === null || ask('which', ['apt-get']) === null)
    giveUp(
      `${what} is not on this machine and cannot be installed from here. As root: apt-get install ${names.join(' ')}`,
    )
  say(`installing ${what} (Debian: ${names.join(', ')})`)
  const apt = (args) => {
    const [command, ...rest] = [...how, 'apt-get', '-qq', ...args]
    return run(command, rest, {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    })
  }
  await apt(['update'])
  if ((await apt(['install', '-y', '--no-install-recommends', ...names])) !== 0)
    giveUp(`${what} could not be installed. As root: apt-get install ${names.join(' ')}`)
}
