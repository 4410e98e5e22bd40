import { openPostRoom } from './box'
import { servePostRoom } from './page'

/** tsx post-room/main.ts SMTP-PORT PAGE-PORT, until it is told to stop. */
const [smtp, page] = process.argv.slice(2).map(Number)
const room = await openPostRoom(smtp)
await servePostRoom(room, page ?? 0)
process.on('SIGTERM', () => process.exit(0))
