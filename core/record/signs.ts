/**
 * What a look-over may see that a vet should hear of. Each says what was seen, none what it is: the
 * program never names a disease. Common practice, no source.
 */
export const SIGNS = {
  red: 'red skin',
  swollen: 'swollen or hot',
  wet: 'wet or weeping',
  smell: 'smells',
  discharge: 'discharge',
  wax: 'dark wax, or the head is shaken',
  bald: 'a bald patch',
  lump: 'a lump',
  toes: 'a sore between the toes, or a seed going in',
  pus: 'pus',
  closed: 'an eye held closed',
  blood: 'blood',
  pain: 'hurts when touched',
  tool: 'a burn or cut from a tool',
  parasites: 'ticks, fleas or their dirt',
} as const
/** Signs of skin that may be sore or open, or of a seed going in: no water on it, and no product. */
export const SORE_SIGNS: readonly SignId[] = ['red', 'swollen', 'wet', 'toes', 'pus', 'blood', 'pain', 'tool']
export type SignId = keyof typeof SIGNS
export const SIGN_IDS = Object.keys(SIGNS) as [SignId, ...SignId[]]
