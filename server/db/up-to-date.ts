import { connections } from './client'
import { migrate } from './migrate'

let ready: Promise<void> | undefined

async function bringUpToDate() {
  const storage = useStorage('assets:migrations')
  const names = (await storage.getKeys()).filter((name) => name.endsWith('.sql'))
  const migrations = await Promise.all(
    names.map(async (name) => ({ name, sql: String(await storage.getItem(name)) })),
  )
  await migrate(connections(), migrations)
}

/** The database as this program wants it; begun once a process. */
export const upToDate = (): Promise<void> => (ready ??= bringUpToDate())
