import { normalised } from './grid'

/**
 * Where a number held on a grid lies four times in five. Each node stands for what is half a step either way.
 * @returns as places among the nodes, the first at 0
 */
export function likelyOn(logs: readonly number[]): [low: number, high: number] {
  const weights = normalised(logs)
  const at = (p: number) => {
    let below = 0
    for (const [k, here] of weights.entries()) {
      if (below + here >= p) return k - 0.5 + (p - below) / here
      below += here
    }
    return weights.length - 0.5
  }
  return [at(0.1), at(0.9)]
}
