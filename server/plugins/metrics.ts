import { createServer } from 'node:http'
import { log } from '../log'
import { metrics } from '../metrics'

/** Metrics on a port of their own, where one is named; by itself on loopback only. */
export default defineNitroPlugin((nitro) => {
  const port = Number(process.env.GRUMBO_METRICS_PORT ?? 0)
  if (!port) return
  const server = createServer(async (req, res) => {
    if (req.method !== 'GET' || req.url !== '/metrics') return res.writeHead(404).end()
    res.writeHead(200, { 'content-type': metrics.contentType }).end(await metrics.metrics())
  })
  server.on('error', (error) => log.error({ code: 'code' in error ? error.code : error.name }, 'metrics'))
  server.listen(port, process.env.GRUMBO_METRICS_HOST ?? '127.0.0.1')
  nitro.hooks.hook('close', () => {
    server.closeAllConnections()
    server.close()
  })
})
