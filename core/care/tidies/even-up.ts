/** Left for the eye at the end: the last of it is taken by looking, not by the ruler, mm (judgement). */
const BY_EYE_MM = 1
/** Nobody sees less than this, mm (judgement). */
const SEEN_MM = 2
/** Longest hair anybody measures here, mm. */
const MOST_MM = 400

export type EvenUp = { do: 'leave' } | { do: 'trim'; side: 'left' | 'right'; takeMm: number; toMm: number }

/** What is wrong with a length, in a sentence; null when nothing is. */
export function lengthProblem(mm: number): string | null {
  if (!Number.isFinite(mm) || mm < 0) return 'Give the length in millimetres, 0 or more.'
  return mm > MOST_MM ? `Hair longer than ${MOST_MM} mm is past this.` : null
}
/** A cut does not make hair longer. */
export const longerProblem = (before: number, after: number): string | null =>
  after > before
    ? `${after} mm left of ${Math.round(before)} mm: a cut does not make hair longer. Which was it?`
    : null

/** Which side to take hair off, and how much, so that left matches right: down to the shorter, the last by eye. */
export function evenUp(leftMm: number, rightMm: number): EvenUp {
  const more = Math.abs(leftMm - rightMm)
  if (more < SEEN_MM) return { do: 'leave' }
  return {
    do: 'trim',
    side: leftMm > rightMm ? 'left' : 'right',
    takeMm: Math.max(1, more - BY_EYE_MM),
    toMm: Math.min(leftMm, rightMm),
  }
}
