import type { PartId } from './regions'

/** The parts a length is given for, as an owner and a groomer say them. */
export const PART_WORDS: Record<PartId, string> = {
  body: 'body',
  legs: 'legs',
  head: 'head',
  ears: 'ears',
  tail: 'tail and britches',
}
