import { COATS } from '../coat/coat-types'
import type { CoatId } from '../coat/coat-types'
import { combMinutes, SETUP_MINUTES } from '../coat/minutes'
import { PART_IDS, REGIONS } from '../coat/regions'
import type { PartId } from '../coat/regions'

export type Lengths = Record<PartId, number>

/** Days between two comb-throughs that keep a coat, by type (judgement). */
const COMB_EVERY_DAYS: Record<CoatId, number> = {
  wool: 7,
  'wool-cross': 7,
  drop: 7,
  feathered: 7,
  wire: 7,
  'double-long': 7,
  'double-short': 14,
  smooth: 14,
}

/** The usual lengths of a coat, with the body at `bodyMm` and the rest in proportion. */
export function lengthsAt(coat: CoatId, bodyMm: number): Lengths {
  const usual = COATS[coat].usualMm
  const scale = bodyMm / usual.body
  return Object.fromEntries(PART_IDS.map((p) => [p, Math.round(usual[p] * scale)])) as Lengths
}

/**
 * Minutes a week this coat wants at these lengths: a comb-through each round, and for coats combed
 * weekly a short round of the hot places between, each with its laying out.
 */
export function weeklyMinutes(coat: CoatId, kg: number, lengths: Lengths): number {
  const minutes = (hotOnly: boolean) =>
    REGIONS.filter((r) => !hotOnly || r.class === 'hot').reduce(
      (sum, r) => sum + combMinutes(COATS[coat], kg, r, lengths[r.part]),
      SETUP_MINUTES,
    )
  const rounds = 7 / COMB_EVERY_DAYS[coat]
  return rounds * minutes(false) + (rounds === 1 ? minutes(true) : 0)
}

/** Body lengths an owner might ask for, mm. */
export const ASKED_LENGTHS = [40, 35, 30, 25, 20, 18, 15, 13, 10, 8, 6] as const

/** The longest of those lengths, at most `fromMm`, whose weekly minutes fit; null if none does. */
export function longestThatFits(coat: CoatId, kg: number, fromMm: number, minutes: number): number | null {
  const fits = (mm: number) => weeklyMinutes(coat, kg, lengthsAt(coat, mm)) <= minutes
  return ASKED_LENGTHS.find((mm) => mm < fromMm && fits(mm)) ?? null
}
