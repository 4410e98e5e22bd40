import { spawn, spawnSync } from 'node:child_process'
import { createServer } from 'node:net'

/** Runs a command to its end, showing what it prints. @returns its exit code */
export function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { stdio: 'inherit', ...options })
    child.on('error', () => resolve(127))
    child.on('exit', (code, signal) => resolve(code ?? (signal ? 1 : 0)))
  })
}

/** What a command prints, or null when it fails. */
export function ask(command, args, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', ...options })
  return done.status === 0 ? done.stdout.trim() : null
}

export const isRoot = () => process.getuid?.() === 0

/** A port nobody listens on, on loopback. */
export function freePort(wanted = 0) {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', () =>
      wanted ? freePort(0).then(resolve, reject) : reject(new Error('no port is free')),
    )
    probe.listen(wanted, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => resolve(port))
    })
  })
}
