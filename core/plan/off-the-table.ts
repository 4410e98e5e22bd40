import type { RegionState } from '../record/coat-state'

/** A mat or a felted place that was left for the groomer is not the owner's to comb. */
const groomersToFind = (s: RegionState) =>
  s.last?.finding === 'felt' || (s.left.length > 0 && s.last?.finding === 'mat')
/** Sore skin was seen there, and nothing since: no comb until it is well. */
export const isSore = (s: RegionState) => s.last?.decided?.why === 'sore'
/** Not for the owner to comb. */
export const offTheTable = (s: RegionState) => groomersToFind(s) || isSore(s) || s.concern !== null
