/** What was done with the nails: a look, a trim, or a sliver off long ones so that the quick draws back. */
export const NAILS_DID = ['looked', 'trimmed', 'sliver'] as const
export type NailsDid = (typeof NAILS_DID)[number]
