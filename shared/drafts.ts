import { z } from '../core/zod'

/** What a device kept of what was being written, as it is read back: what is not of its shape is none of ours. */
export const noteEdited = z.object({
  before: z.string(),
  after: z.string(),
  struck: z.array(z.string()),
  order: z.array(z.string()),
})
/** How much a calendar holds on each day; null where none was read. */
export const daysBusy = z.record(z.string(), z.number()).nullable()
