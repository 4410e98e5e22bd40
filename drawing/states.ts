/** How a patch of coat looks in each of its five states, from lying open to knotting, beside its hair. */

/** A far leg or ear is drawn in the middle state: it is there, and says nothing. */
export const FAR_STATE = 2
/** How strongly a place near a mat is tinted, by its state. */
export const tintOpacity = (state: number) => (state === 4 ? 0.42 : 0.17)
