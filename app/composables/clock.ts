declare global {
  /** Tests set the page's clock away from the device's, ms. */
  var grumboClockAheadMs: number | undefined
}

/**
 * The page's one clock: what time the device says it is. Workers have none; what they work out is of a
 * day they are handed.
 */
export const currentInstant = (): Date => new Date(currentMs())
export const currentMs = (): number => Date.now() + (globalThis.grumboClockAheadMs ?? 0)
