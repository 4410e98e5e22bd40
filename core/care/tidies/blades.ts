import type { Learned } from '../../learn/normal'
import { BLADES, GUARDS_MM, leaves } from '../../record/cutters'
import type { BladeId } from '../../record/cutters'
import { offered } from './may'
import type { Allowed } from './may'

/** What goes under a guard comb, so that it leaves what is written on it (memory). */
export const UNDER_A_GUARD: readonly BladeId[] = ['#30', '#40']

/** Blades a groomer may teach for the rear: bare, and never shorter. */
const AT_THE_REAR: readonly BladeId[] = ['#10', '#15']

export interface Cutter {
  mm: number
  /** Unset for a guard comb. */
  blade?: BladeId
}
/**
 * What an owner may choose among, shortest first: guard combs where clippers are theirs to use at all,
 * and a bare blade only at the rear, where a groomer named has taught it.
 */
export function cuttersFor(allowed: Allowed, rear: boolean): Cutter[] {
  if (allowed.setting === 'comb') return []
  const bare = rear && offered('sanitary', allowed).includes('bare-clipper') ? AT_THE_REAR : []
  return [
    ...(allowed.guards?.length ? allowed.guards : GUARDS_MM).map((mm): Cutter => ({ mm })),
    ...bare.map((blade): Cutter => ({ blade, mm: leaves({ blade }) })),
  ].sort((a, b) => a.mm - b.mm)
}

/** The blade that leaves nearest to so many mm. */
export const bladeFor = (mm: number): BladeId =>
  BLADES.reduce((best, b) => (Math.abs(b.mm - mm) < Math.abs(best.mm - mm) ? b : best)).id

/**
 * Length day by day after a cut, mm, evenly as hair grows, until `days` have passed.
 * @param growth mm a day
 */
export const regrowth = (leftMm: number, growth: number, days: number): number[] =>
  Array.from({ length: days + 1 }, (_, d) => leftMm + growth * d)

/** Days until hair has grown by so many mm: mm ÷ growth, rounded to the day. */
export const daysToGrow = (mm: number, growth: Pick<Learned, 'now'>): number => Math.round(mm / growth.now)
