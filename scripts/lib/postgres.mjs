import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { debianPackages } from './packages.mjs'
import { giveUp, say } from './say.mjs'
import { ask, freePort, isRoot, run } from './shell.mjs'

/** Where Debian keeps the programs of its newest PostgreSQL; null when there is none. */
export function binaries() {
  const root = '/usr/lib/postgresql'
  if (!existsSync(root)) return null
  const newest = readdirSync(root)
    .filter((v) => existsSync(join(root, v, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a))[0]
  return newest ? join(root, newest, 'bin') : null
}

/** PostgreSQL refuses to run as root: then its own user runs it and owns its folder. */
const asServer = (command, args) =>
  isRoot() ? ['runuser', ['-u', 'postgres', '--', command, ...args]] : [command, args]

/**
 * A private cluster in `folder`, on loopback, on a free port. Kept from one start to the next.
 * @param fast without care for a power cut; told with every statement written down, as JSON; on the port it had
 * @returns its address, where statements are written down, and how to stop it
 */
export async function startPostgres(folder, { fast = false, told = false, on = null } = {}) {
  let bin = binaries()
  if (!bin) {
    await debianPackages(['postgresql'], 'PostgreSQL')
    bin = binaries() ?? giveUp('PostgreSQL was installed but its programs were not found.')
  }
  const data = join(resolve(folder), 'data')
  const log = join(resolve(folder), 'postgres.log')
  mkdirSync(folder, { recursive: true })
  if (isRoot()) {
    // Its user must own the folder and be able to reach it.
    await run('chown', ['-R', 'postgres', resolve(folder)])
    if (ask(...asServer('test', ['-x', resolve(folder)])) === null)
      giveUp(
        `The user postgres cannot reach ${resolve(folder)}. Put the project where every user may look, such as /srv.`,
      )
  }
  const pg = (program, args, stdio = 'ignore') =>
    run(...asServer(join(bin, program), args), { stdio, cwd: '/' })
  if (!existsSync(join(data, 'PG_VERSION'))) {
    say('making a database cluster')
    rmSync(data, { recursive: true, force: true })
    const made = await pg('initdb', [
      '-D',
      data,
      '-U',
      'grumbo',
      '--auth=trust',
      '--encoding=UTF8',
      '--locale=C.UTF-8',
    ])
    if (made !== 0) giveUp('initdb failed: the database cluster could not be made.')
  } else if (ask(...asServer(join(bin, 'pg_ctl'), ['-D', data, 'status']), { cwd: '/' }) !== null) {
    await pg('pg_ctl', ['-D', data, 'stop', '-m', 'fast', '-w'])
  }
  const port = on ?? (await freePort())
  const options = [`-p ${port}`, '-c listen_addresses=127.0.0.1', `-c unix_socket_directories=''`]
  if (fast) options.push('-c fsync=off', '-c synchronous_commit=off', '-c full_page_writes=off')
  if (told)
    options.push(
      '-c logging_collector=on',
      '-c log_destination=jsonlog',
      '-c log_directory=statements',
      '-c log_filename=told',
      '-c log_rotation_size=0',
      '-c log_statement=all',
      '-c log_parameter_max_length=0',
    )
  if ((await pg('pg_ctl', ['-D', data, '-l', log, '-w', '-o', options.join(' '), 'start'])) !== 0)
    giveUp(`The database did not start; ${log} says why.`)
  const at = (name) => `postgres://grumbo@127.0.0.1:${port}/${name}`
  const psql = (name, sql) =>
    ask(join(bin, 'psql'), ['-X', '-q', '-t', '-A', '-v', 'ON_ERROR_STOP=1', '-d', at(name), '-c', sql])
  return {
    port,
    at,
    told: join(data, 'statements', 'told.json'),
    /** Its first process, whose children are all the others. */
    pid: Number(readFileSync(join(data, 'postmaster.pid'), 'utf8').split('\n')[0]),
    psql,
    createIfMissing(name) {
      if (psql('postgres', `select 1 from pg_database where datname = '${name}'`) !== '1')
        psql('postgres', `create database ${name}`)
    },
    stop: () => pg('pg_ctl', ['-D', data, 'stop', '-m', 'fast', '-w']),
  }
}

/** A secret of this machine's own, made once and kept beside its data. */
export function keptSecret(file, make, read) {
  if (!existsSync(file)) writeFileSync(file, make(), { mode: 0o600 })
  return read(file)
}
