/** A number held on a grid of nodes evenly apart, by what is said at each: logarithms, known but for a sum. */

/** Weights that sum to 1, from their logarithms. */
export function normalised(logs: readonly number[]): number[] {
  const top = Math.max(...logs)
  const raw = logs.map((l) => Math.exp(l - top))
  const total = raw.reduce((s, w) => s + w, 0)
  return raw.map((w) => w / total)
}
export const meanOn = (nodes: readonly number[], logs: readonly number[]): number =>
  normalised(logs).reduce((sum, weight, k) => sum + weight * nodes[k]!, 0)
