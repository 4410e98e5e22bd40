import { spawn } from 'node:child_process'

/** How often a server is asked whether it answers yet, and every how many ms: a minute and a half in all. */
const TRIES = 900
const BETWEEN_MS = 100
/** Of what a server says, so much is kept, letters. */
const MOST_KEPT = 40_000

/**
 * Starts the built app on loopback and waits until it answers.
 * @returns its address, its process, and how to end it; rejects with what it printed if it ends first
 */
export async function serve({ port, databaseUrl, secret, env = {}, quiet = true }) {
  const child = spawn('node', ['.output/server/index.mjs'], {
    stdio: ['ignore', 'pipe', 'pipe'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      HOST: '127.0.0.1',
      NITRO_HOST: '127.0.0.1',
      PORT: String(port),
      NITRO_PORT: String(port),
      DATABASE_URL: databaseUrl,
      NUXT_SESSION_PASSWORD: secret,
      ...env,
    },
  })
  let said = ''
  for (const [from, to] of [
    [child.stdout, process.stdout],
    [child.stderr, process.stderr],
  ])
    from.on('data', (chunk) => {
      said = (said + chunk).slice(-MOST_KEPT)
      if (!quiet) to.write(chunk)
    })
  const address = `http://127.0.0.1:${port}`
  const ended = new Promise((resolve) => child.once('exit', resolve))
  for (let tries = 0; tries < TRIES; tries++) {
    const well = await fetch(`${address}/api/ready`).then(
      (r) => r.ok,
      () => false,
    )
    if (well) {
      return {
        address,
        child,
        ended,
        /** What it said. */
        said: () => said,
        async stop(signal = 'SIGTERM') {
          child.kill(signal)
          await ended
        },
      }
    }
    if (child.exitCode !== null) throw new Error(`The server ended while starting.\n${said}`)
    await new Promise((r) => setTimeout(r, BETWEEN_MS))
  }
  child.kill('SIGKILL')
  throw new Error(`The server did not answer in a minute and a half.\n${said}`)
}
