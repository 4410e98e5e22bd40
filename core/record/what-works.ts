/** How a dog likes to be worked on, at a place: a fact about this dog, worth keeping and worth telling. */
export const POSITIONS = ['standing', 'sitting', 'lying'] as const
export const FIRST_LEGS = ['left', 'right'] as const
