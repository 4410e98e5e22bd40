import { z } from '../core/zod'

/** What a device kept of what was being written, as it is read back: what is not of its shape is none of ours. */
export const noteEdited = z.object({
  before: z.string(),
  after: z.string(),
  struck: z.array(z.string()),
  order: z.array(z.string()),
})
/** What a calendar holds on each day: how many things, and the hours of those that have some; null where none was read. */
export const daysBusy = z
  .record(z.string(), z.object({ things: z.number(), spans: z.array(z.tuple([z.number(), z.number()])) }))
  .nullable()
export type DaysBusy = z.output<typeof daysBusy>
