import { upToDate } from '../db/up-to-date'

/** Brings the database up to date before the first request is answered. */
export default defineNitroPlugin((nitro) => {
  upToDate().catch((error: unknown) => {
    console.error('The database could not be brought up to date.', error)
    process.exit(1)
  })
  nitro.hooks.hook('request', () => upToDate())
})
