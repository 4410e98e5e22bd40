/** Most parts of water a label is taken to ask for (judgement): more was a slip of the finger. */
const MOST_PARTS = 500
/** Bottles and jugs an owner mixes in, ml (judgement). */
const LEAST_BOTTLE_ML = 20
const MOST_BOTTLE_ML = 5000

export interface Mix {
  productMl: number
  waterMl: number
}

/** What is wrong with a label ratio of one part to so many, in a sentence; null when nothing is. */
export function ratioProblem(parts: number): string | null {
  if (!Number.isFinite(parts) || parts < 0) return 'Give the ratio as its label does, such as 1 to 10.'
  if (parts === 0) return 'A ratio of 1 to 0 has no water in it: if the label says so, use it as it comes.'
  if (parts > MOST_PARTS) return `1 to ${parts} is nearly all water. Look at the label again.`
  return null
}

/**
 * A label ratio of 1:n is one part in n parts of water, n + 1 in all. Common practice, no source: the
 * arithmetic of parts by volume.
 * @param totalMl what is to be made up, ml
 * @param parts n, above 0
 * @throws RangeError for a ratio or an amount that is none
 */
export function dilute(totalMl: number, parts: number): Mix {
  const problem = ratioProblem(parts)
  if (problem) throw new RangeError(problem)
  if (!(totalMl > 0)) throw new RangeError('There is nothing to mix.')
  const productMl = totalMl / (parts + 1)
  return { productMl, waterMl: totalMl - productMl }
}

/** What is wrong with making so much up in a bottle of this size; null when it fits. */
export function bottleProblem(doseMl: number, bottleMl: number): string | null {
  if (!(bottleMl >= LEAST_BOTTLE_ML && bottleMl <= MOST_BOTTLE_ML))
    return `A bottle holds ${LEAST_BOTTLE_ML} to ${MOST_BOTTLE_ML.toLocaleString('en')} ml.`
  if (doseMl > bottleMl)
    return `${Math.round(doseMl)} ml do not go into a ${Math.round(bottleMl)} ml bottle: make it up in ${Math.ceil(doseMl / bottleMl)} goes.`
  return null
}
