import { connections } from '../db/client'
import { migrate } from '../db/migrate'

/** Brings the database up to date before the first request is answered. */
let ready: Promise<void> | undefined

async function bringUpToDate() {
  const storage = useStorage('assets:migrations')
  const names = (await storage.getKeys()).filter((name) => name.endsWith('.sql'))
  const migrations = await Promise.all(
    names.map(async (name) => ({ name, sql: String(await storage.getItem(name)) })),
  )
  await migrate(connections(), migrations)
}

export default defineNitroPlugin((nitro) => {
  ready = bringUpToDate()
  ready.catch((error: unknown) => {
    console.error('The database could not be brought up to date.', error)
    process.exit(1)
  })
  nitro.hooks.hook('request', () => ready)
})
