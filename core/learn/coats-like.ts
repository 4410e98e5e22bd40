import type { CoatId } from '../coat/coat-types'
import type { KnotClass } from '../coat/regions'

/** What many dogs' coats came to, gone by for one of them: from the day its owner says so. */

/** A dog that may go by a count of many dogs' coats. */
interface Counted {
  coat: CoatId
  like?: { version: number; coat: CoatId; times: Partial<Record<KnotClass, number>> } | undefined
}
/** Times what is taken of a dog's coat that coats like it were found to come to, if it goes by that. */
export const timesLike = ({ coat, like }: Counted, cls: KnotClass): number =>
  like?.coat === coat ? (like.times[cls] ?? 1) : 1

/** The count a dog goes by; null where it goes by what is taken of its coat. */
export const countGoneBy = ({ coat, like }: Counted): number | null =>
  like?.coat === coat && Object.keys(like.times).length ? like.version : null
