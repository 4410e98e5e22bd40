import { logTo } from '../log'

/**
 * Whoever reads what this process says is gone: it ends as it would when asked to. Left to itself it would complain
 * of that in the same place, and of that complaint again, without end.
 */
export default defineNitroPlugin(() => {
  let asked = false
  const end = () => {
    if (asked) return
    asked = true
    process.kill(process.pid, 'SIGTERM')
  }
  logTo.on('error', end)
  process.stdout.on('error', end)
  process.stderr.on('error', end)
})
