import { logTo } from '../log'

/**
 * Whoever reads what this process says is gone: it ends as it would when asked to. Left to itself it would complain
 * of that in the same place, and of that complaint again, without end.
 */
export default defineNitroPlugin(() => {
  let asked = false
  for (const stream of [logTo, process.stdout, process.stderr])
    stream.on('error', () => {
      if (asked) return
      asked = true
      process.kill(process.pid, 'SIGTERM')
    })
})
