import { connections } from './client'
import { migrate } from './migrate'

let ready: Promise<void> | undefined
let done = false
export const isUpToDate = () => done

/** A database that is still starting is waited for so long, ms, and asked so often (judgement). */
const STARTS_WITHIN_MS = 60_000
const ASKED_EVERY_MS = 1_000
/** Not there yet: refused, or starting up (PostgreSQL's cannot_connect_now). */
const STARTING = ['ECONNREFUSED', '57P03']
async function answers() {
  for (const end = performance.now() + STARTS_WITHIN_MS; ;) {
    try {
      await connections().query('select 1')
      return
    } catch (error) {
      const code = error instanceof Error && 'code' in error ? String(error.code) : ''
      if (!STARTING.includes(code) || performance.now() > end) throw error
      await new Promise((again) => setTimeout(again, ASKED_EVERY_MS))
    }
  }
}

async function bringUpToDate() {
  await answers()
  const storage = useStorage('assets:migrations')
  const names = (await storage.getKeys()).filter((name) => name.endsWith('.sql'))
  const migrations = await Promise.all(
    names.map(async (name) => ({ name, sql: String(await storage.getItem(name)) })),
  )
  await migrate(connections(), migrations)
  done = true
}

/** The database as this program wants it; begun once a process. */
export const upToDate = (): Promise<void> => (ready ??= bringUpToDate())
