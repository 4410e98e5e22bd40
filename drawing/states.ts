/** How a patch of coat looks in each of its states, beside its hair: from lying open to knotting, and not met. */

/** Nobody has met it: the hair is there, and says nothing. */
const UNMET_STATE = 5
const PALE = 0.3
/** A far leg or ear is drawn in the middle state: it is there, and says nothing. */
const FAR_STATE = 2
/** As far places are drawn beside near ones: pale as well where nobody has met any. */
export function farState(near: Readonly<Record<string, number>>): number {
  const all = Object.values(near)
  return all.length && all.every((s) => s === UNMET_STATE) ? UNMET_STATE : FAR_STATE
}
/** Where nobody has been the paper shows. */
export const isPaper = (state: number) => state === UNMET_STATE
/** How dark its hair is drawn. */
export const hairOpacity = (state: number) => (state === UNMET_STATE ? PALE : 0.82)
/** How dark the edge of a part is: pale where nobody has met any of it. */
export const edgeOpacity = (states: readonly number[], met: number) =>
  states.length && states.every((s) => s === UNMET_STATE) ? PALE + 0.15 : met

/** How strongly a place near a mat is tinted, by its state. */
export const tintOpacity = (state: number) => (state === 4 ? 0.42 : 0.17)
