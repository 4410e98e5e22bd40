/** Rounds of moving aside until neighbours stand clear (judgement). */
const ROUNDS = 30

/**
 * Where marks along a line stand: at their places, or moved aside as far as their neighbours need.
 * @param at their places, px, in order
 * @param half half of the room each takes, px
 * @param width of the line, px: none stands past its ends
 */
export function standClear(at: readonly number[], half: readonly number[], width: number): number[] {
  const centre = [...at]
  for (let round = 0; round < ROUNDS; round++)
    for (let n = 0; n < centre.length; n++) {
      const over = n ? centre[n - 1]! + half[n - 1]! + half[n]! - centre[n]! : 0
      if (over > 0) {
        centre[n - 1]! -= over / 2
        centre[n]! += over / 2
      }
      centre[n] = Math.max(half[n]!, Math.min(width - half[n]!, centre[n]!))
    }
  // What is left over at the ends is put right from there.
  for (let n = 0; n < centre.length; n++)
    centre[n] = Math.max(centre[n]!, n ? centre[n - 1]! + half[n - 1]! + half[n]! : half[n]!)
  for (let n = centre.length - 1; n >= 0; n--) {
    const next = n + 1 < centre.length ? centre[n + 1]! - half[n + 1]! : width
    centre[n] = Math.min(centre[n]!, next - half[n]!)
  }
  return centre
}
