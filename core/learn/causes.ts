import { DOG, PLACE } from './rate'
import type { Seen } from './rate'

/**
 * What each cause does to this dog: how many times as fast places knot under a harness, after rain, in the season.
 * The type's own factors stand in what is expected; η_c is how many times that this dog's are. A count born over
 * expected amounts E_m, each under a set m of causes, is Poisson(θ · Σ_m E_m · Π_{c in m} η_c). ln η_c is normal
 * about the type's factor, θ = φ·ψ as in `rate.ts` with ψ summed over in closed form; the peak over ln η and ln φ
 * together is found by Newton's steps and the spread read off its curvature (published: Laplace's approximation,
 * Tierney and Kadane 1986). Causes that always come together are so told apart no more than they can be.
 */
export const CAUSES = ['harness', 'collar', 'coat', 'rain', 'swim', 'grass', 'bath', 'shed', 'puppy'] as const
export type Cause = (typeof CAUSES)[number]

/** A set of causes, a bit of each. */
export type Under = number
export const UNDER = Object.fromEntries(CAUSES.map((c, i) => [c, 1 << i])) as Record<Cause, Under>

/** Knots expected to have been born under a set of causes, at θ = 1 by the type's own factors. */
export interface Born {
  under: Under
  amount: number
}
/** Knots that were met, and under what they may have been born. */
export interface Met {
  count: number
  born: readonly Born[]
}
/** What the checks of a place have come to, told apart by cause. */
export interface SeenUnder {
  count: number
  born: readonly Born[]
  met: readonly Met[]
}

/** How many times the type's own factor a cause is for this dog. */
export interface CauseHeld {
  cause: Cause
  /** Mean, and where it lies four times in five. */
  times: number
  likely: readonly [number, number]
  /** Knots expected under it at the checks so far: none, and it stands as every such coat's. */
  exposure: number
}

/** Spread of ln η between dogs of a coat type (judgement). */
const SPREAD = 0.5
const VARIANCE = SPREAD * SPREAD
/** The mean of η is then 1: a cause never seen changes nothing. */
const CENTRE = -VARIANCE / 2
const EIGHT_IN_TEN = 1.2815515655446004
/** Fewer knots expected under a cause than this tell nothing of it yet (judgement). */
const LEAST_EXPOSURE = 0.25
/** Steps enough for any record: each doubles the figures that are right. */
const MOST_STEPS = 40
const CLOSE = 1e-10

/** So much more under a set of causes. The lists are short, and made anew for every comb and every wetting. */
export function plus(list: readonly Born[], under: Under, amount: number): readonly Born[] {
  for (let i = 0; i < list.length; i++) {
    if (list[i]!.under !== under) continue
    const more = list.slice()
    more[i] = { under, amount: list[i]!.amount + amount }
    return more
  }
  return [...list, { under, amount }]
}

/** Solves A·x = b for a symmetric positive A, in place; false where it is not. Also its inverse's diagonal. */
function solved(a: number[][], b: number[]): { x: number[]; diagonal: number[] } | null {
  const n = b.length
  const lower = a.map(() => new Array<number>(n).fill(0))
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let sum = a[i]![j]!
      for (let k = 0; k < j; k++) sum -= lower[i]![k]! * lower[j]![k]!
      if (i === j && sum <= 0) return null
      lower[i]![j] = i === j ? Math.sqrt(sum) : sum / lower[j]![j]!
    }
  const forward = (v: readonly number[]) => {
    const y = [...v]
    for (let i = 0; i < n; i++) {
      for (let k = 0; k < i; k++) y[i]! -= lower[i]![k]! * y[k]!
      y[i]! /= lower[i]![i]!
    }
    return y
  }
  const x = forward(b)
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= lower[k]![i]! * x[k]!
    x[i]! /= lower[i]![i]!
  }
  const diagonal = b.map((_, i) => forward(b.map((_, k) => Number(k === i))).reduce((s, y) => s + y * y, 0))
  return { x, diagonal }
}

/** What was seen, as numbers: amounts by the sets of causes there are, a row to a place or a mixture met. */
interface Rows {
  /** Which of the causes are in each set. */
  sets: readonly (readonly number[])[]
  places: readonly Row[]
  met: readonly Row[]
}
interface Row {
  count: number
  /** By the number of their set. */
  amounts: readonly (readonly [set: number, amount: number])[]
}
function rowsOf(places: readonly SeenUnder[], bits: readonly Under[]): Rows {
  const all = bits.reduce((sum, bit) => sum | bit, 0)
  const index = new Map<Under, number>()
  const setOf = (under: Under) => {
    const set = under & all
    if (!index.has(set)) index.set(set, index.size)
    return index.get(set)!
  }
  const row = ({ count, born }: Met): Row => ({
    count,
    amounts: born.map((b) => [setOf(b.under), b.amount] as const),
  })
  const seen = places.filter((p) => p.born.length)
  const rows = { places: seen.map(row), met: seen.flatMap((p) => p.met.map(row)) }
  return { ...rows, sets: [...index.keys()].map((set) => bits.flatMap((bit, i) => (set & bit ? [i] : []))) }
}

/** The height, slope and curvature of what is held of ln η of some causes and ln φ, the last, at a point. */
function heldAt({ sets, places, met }: Rows, at: readonly number[]) {
  const n = at.length - 1
  const phi = Math.exp(at[n]!)
  let height = DOG * at[n]! - DOG * phi
  const slope = at.map(() => 0)
  slope[n] = DOG - DOG * phi
  const curve = at.map(() => at.map(() => 0))
  curve[n]![n] = -DOG * phi
  for (let i = 0; i < n; i++) {
    const off = at[i]! - CENTRE
    height -= (off * off) / (2 * VARIANCE)
    slope[i]! -= off / VARIANCE
    curve[i]![i]! -= 1 / VARIANCE
  }
  const factors = sets.map((set) => Math.exp(set.reduce((sum, i) => sum + at[i]!, 0)))
  const share = at.map(() => 0)
  const totalOf = (amounts: Row['amounts']) => amounts.reduce((sum, [set, a]) => sum + a * factors[set]!, 0)
  /** Weighs ln of a row's total into the sums, by its first and second slope there. */
  const weigh = (amounts: Row['amounts'], total: number, first: number, second: number) => {
    share.fill(0)
    for (const [set, amount] of amounts) {
      const part = (amount * factors[set]!) / total
      for (const i of sets[set]!) {
        share[i]! += part
        for (const j of sets[set]!) curve[i]![j]! += first * part
      }
    }
    for (let i = 0; i < n; i++) {
      const q = share[i]!
      if (!q) continue
      slope[i]! += first * q
      for (let j = 0; j < n; j++) curve[i]![j]! += (second - first) * q * share[j]!
    }
  }
  for (const { count, amounts } of met) {
    const total = totalOf(amounts)
    height += count * Math.log(total)
    weigh(amounts, total, count, 0)
  }
  for (const { count, amounts } of places) {
    // ψ summed over: φ^N / (b + φ·Λ)^(b + N); of ln Λ it is as of ln φ.
    const total = totalOf(amounts)
    const shape = PLACE + count
    const s = (phi * total) / (PLACE + phi * total)
    const bent = -shape * s * (1 - s)
    height += count * at[n]! - shape * Math.log(PLACE + phi * total)
    slope[n]! += count - shape * s
    curve[n]![n]! += bent
    weigh(amounts, total, -shape * s, bent)
    for (let i = 0; i < n; i++) {
      curve[n]![i]! += bent * share[i]!
      curve[i]![n]! += bent * share[i]!
    }
  }
  return { height, slope, curve }
}

/**
 * What is held of each cause from what was seen of all places.
 * @returns those something was seen of; of the others nothing is held but what every such coat's are
 */
export function learnCauses(places: readonly SeenUnder[]): CauseHeld[] {
  const exposure = new Map<Cause, number>()
  for (const { born } of places)
    for (const { under, amount } of born)
      for (const c of CAUSES) if (under & UNDER[c]) exposure.set(c, (exposure.get(c) ?? 0) + amount)
  const causes = CAUSES.filter((c) => (exposure.get(c) ?? 0) >= LEAST_EXPOSURE)
  if (!causes.length) return []
  const bits = causes.map((c) => UNDER[c])
  let at = [...bits.map(() => CENTRE), 0]
  const rows = rowsOf(places, bits)
  let here = heldAt(rows, at)
  let damp = 0
  let spread: number[] = []
  for (let step = 0; step < MOST_STEPS; step++) {
    const minus = here.curve.map((row, i) => row.map((x, j) => -x + (i === j ? damp : 0)))
    const way = solved(minus, here.slope)
    const to = way?.x.map((x, i) => at[i]! + Math.max(-2, Math.min(2, x)))
    const there = to && heldAt(rows, to)
    if (!way || !to || !there || there.height < here.height - CLOSE) {
      damp = damp ? damp * 4 : 1
      continue
    }
    const moved = Math.max(...way.x.map(Math.abs))
    ;[at, here, spread] = [to, there, way.diagonal]
    damp = damp > 1 ? damp / 4 : 0
    if (moved < 1e-7 && !damp) break
  }
  return causes.map((cause, i) => {
    const sd = Math.sqrt(Math.min(VARIANCE, spread[i] ?? VARIANCE))
    return {
      cause,
      times: Math.exp(at[i]! + (sd * sd) / 2),
      likely: [Math.exp(at[i]! - EIGHT_IN_TEN * sd), Math.exp(at[i]! + EIGHT_IN_TEN * sd)],
      exposure: exposure.get(cause)!,
    }
  })
}

/** How many times as many are born under a set of causes as every such coat has. */
export const timesUnder = (causes: readonly Pick<CauseHeld, 'cause' | 'times'>[], under: Under): number =>
  causes.reduce((product, c) => (under & UNDER[c.cause] ? product * c.times : product), 1)

/** What a place's checks have come to, were its causes those of every such coat: what `rate.ts` learns from. */
export const asCauses = (
  seen: Seen & SeenUnder,
  causes: readonly Pick<CauseHeld, 'cause' | 'times'>[],
): Seen =>
  causes.length
    ? {
        count: seen.count,
        exposure: seen.born.reduce((sum, b) => sum + b.amount * timesUnder(causes, b.under), 0),
      }
    : seen
