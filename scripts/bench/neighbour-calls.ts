import { Worker } from 'node:worker_threads'

/** How long each is tried, ms, and how often a neighbour calls meanwhile, ms. */
const TRIED_MS = 6_000
const EVERY_MS = 20

/** A neighbour's calls, from a thread of its own: what the stirring costs this one is not measured. */
const NEIGHBOUR = `
const { parentPort, workerData } = require('node:worker_threads')
const { address, cookie, triedMs, everyMs } = workerData
void (async () => {
  const took = []
  const end = performance.now() + triedMs
  while (performance.now() < end) {
    for (const path of ['/api/me', '/api/health']) {
      const begun = performance.now()
      const answer = await fetch(address + path, { headers: { cookie } })
      await answer.arrayBuffer()
      if (!answer.ok) throw new Error(path + ' answered ' + answer.status)
      took.push(performance.now() - begun)
    }
    await new Promise((go) => setTimeout(go, everyMs))
  }
  took.sort((a, b) => a - b)
  parentPort.postMessage(took[Math.floor(0.95 * (took.length - 1))])
})()
`
/** What a neighbour's calls take at the 95th percentile, ms. */
export const measured = (address: string, cookie: string) =>
  new Promise<number>((resolve, reject) => {
    const thread = new Worker(NEIGHBOUR, {
      eval: true,
      workerData: { address, cookie, triedMs: TRIED_MS, everyMs: EVERY_MS },
    })
    thread.once('message', resolve)
    thread.once('error', reject)
  })
