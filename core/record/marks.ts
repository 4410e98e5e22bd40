/** What a standing mark on a dog's skin is; it is covered or gone round wherever a tool comes near. */
export const MARKS = ['nipples', 'hernia', 'lump', 'scar', 'mole', 'thin-skin'] as const
export type MarkId = (typeof MARKS)[number]
