/** Tools and noises a dog is brought along to, apart from places. Common practice, no source. */
export const LEARNT_TOOLS = [
  'brush',
  'comb',
  'scissors',
  'clipper',
  'dryer',
  'nail-tool',
  'toothbrush',
  'eye-finger',
] as const
export type LearntToolId = (typeof LEARNT_TOOLS)[number]
