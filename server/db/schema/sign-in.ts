import { text } from 'drizzle-orm/pg-core'
import { made, moment } from './columns'

/** Letters of what a device is called, at most. */
export const MOST_DEVICE = 60

/** Where somebody is signed in: since when, when last seen, until when they need not say again that it is they. */
export const sessionColumns = () => ({
  created: made('created'),
  expires: moment('expires').notNull(),
  revoked: moment('revoked'),
  lastSeen: made('last_seen'),
  provedUntil: made('proved_until'),
  device: text('device').notNull().default(''),
})
