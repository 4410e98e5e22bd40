/**
 * A stretch to be planned, as numbers only: which units (a place, or a region) to comb on which days.
 *
 * Nodes run from 0, how things stand at the start, over 1…`days`, the days on which a session can be
 * held, to `days + 1`, the end. Between two combings a unit costs a known amount, so that for one
 * unit alone the best is a shortest path from the first node to the last; what ties the units
 * together is each day's minutes and the cost of opening a session.
 */
export interface Instance {
  units: number
  days: number
  /** Minutes of each day, laying out and putting away included. All are above `setup`. */
  limit: Float64Array
  /** Minutes to lay out and put away, paid once a day on which anything is combed. */
  setup: number
  /** Minutes unit `u` takes on day `k` (from 0): `minutes[u * days + k]`. */
  minutes: Float64Array
  /**
   * For each unit, the cost of going from node `i` to node `j > i` with no combing between, that of
   * the combing at `j` included: `cost[u][j * nodes + i]`. Infinity where that may not be.
   */
  cost: Float64Array[]
  /** Units the dog refuses: never in two sessions running. 2: it was in the last one before the start. */
  spaced: Uint8Array
  /** Units that are done only on days on which others are: a bath on a combed coat, a tidy on combed places. */
  needs?: readonly Need[]
}
interface Need {
  unit: number
  /** The units it wants done the same day; none of them wants any itself, nor is refused. */
  on: readonly number[]
}

/** Minutes of each unit on each day together with all it needs: what a day must have for it at least. */
export function withNeeds({ minutes, needs = [], days }: Instance): Float64Array {
  const all = minutes.slice()
  for (const { unit, on } of needs)
    for (let k = 0; k < days; k++) for (const u of on) all[unit * days + k]! += minutes[u * days + k]!
  return all
}

export const nodesOf = (instance: Instance) => instance.days + 2

/** What is combed when: `chosen[u * days + k]` is 1 where unit `u` is combed on day `k`. */
export type Chosen = Uint8Array

/** Rounding allowed in a day's minutes. */
export const SLACK = 1e-9

/** Nodes that are not barred; scratch of `cheapestPath`. More days than any stretch has. */
const OPEN = new Int32Array(4096)

/**
 * Cheapest way of one unit from start to end.
 * @param price added on arriving at each node; Infinity bars it
 * @param at scratch, `nodes` long: cheapest cost of being at each node
 * @param from filled with the node each is best reached from
 * @returns the cost at the end; Infinity if the end cannot be reached
 */
export function cheapestPath(
  cost: Float64Array,
  nodes: number,
  price: Float64Array,
  at: Float64Array,
  from: Int32Array,
): number {
  at[0] = 0
  // Barred nodes are passed over altogether, which in a full week is most of them.
  OPEN[0] = 0
  let open = 1
  for (let j = 1; j < nodes; j++) {
    const here = price[j]!
    if (here === Infinity) {
      at[j] = Infinity
      continue
    }
    let best = Infinity
    let by = 0
    const row = j * nodes
    for (let n = 0; n < open; n++) {
      const i = OPEN[n]!
      const total = at[i]! + cost[row + i]!
      if (total < best) {
        best = total
        by = i
      }
    }
    at[j] = best + here
    from[j] = by
    OPEN[open++] = j
  }
  return at[nodes - 1]!
}

/** What a choice costs in all, sessions opened included. */
export function costOf(instance: Instance, chosen: Chosen): number {
  const { units, days, setup, cost } = instance
  const nodes = nodesOf(instance)
  let total = 0
  for (let k = 0; k < days; k++) {
    for (let u = 0; u < units; u++)
      if (chosen[u * days + k]) {
        total += setup
        break
      }
  }
  for (let u = 0; u < units; u++) {
    let i = 0
    for (let k = 0; k < days; k++)
      if (chosen[u * days + k]) {
        total += cost[u]![(k + 1) * nodes + i]!
        i = k + 1
      }
    total += cost[u]![(nodes - 1) * nodes + i]!
  }
  return total
}

/** What of the rules a choice breaks, in words for a test; empty when it keeps them all. */
export function broken(instance: Instance, chosen: Chosen): string[] {
  const { units, days, setup, limit, minutes, spaced } = instance
  const wrong: string[] = []
  const last: number[] = Array.from(spaced, (s) => (s === 2 ? 0 : -1))
  let session = 0
  for (let k = 0; k < days; k++) {
    let used = 0
    for (let u = 0; u < units; u++) if (chosen[u * days + k]) used += minutes[u * days + k]!
    if (!used && !Array.from({ length: units }).some((_, u) => chosen[u * days + k])) continue
    session += 1
    if (used + setup > limit[k]! + 1e-6) wrong.push(`day ${k}: ${used + setup} of ${limit[k]} minutes`)
    for (let u = 0; u < units; u++) {
      if (!chosen[u * days + k] || !spaced[u]) continue
      if (last[u]! >= 0 && last[u] === session - 1) wrong.push(`day ${k}: unit ${u} two sessions running`)
      last[u] = session
    }
  }
  for (const { unit, on } of instance.needs ?? [])
    for (let k = 0; k < days; k++)
      if (chosen[unit * days + k] && on.some((u) => !chosen[u * days + k]))
        wrong.push(`day ${k}: unit ${unit} without what it needs`)
  if (!Number.isFinite(costOf(instance, chosen))) wrong.push('a unit goes where it may not')
  return wrong
}
