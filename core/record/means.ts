/** What hair and nails are dealt with. Common practice, no source. */
export const MEANS = {
  cloth: 'damp cloth',
  comb: 'comb',
  'blunt-scissors': 'small blunt-tip scissors',
  'thinning-scissors': 'thinning scissors',
  'flat-trimmer': 'small trimmer, laid flat',
  'guarded-clipper': 'clipper with its guard',
  'corner-blade': 'bare #9, #10 or #15',
  'bare-clipper': 'bare #10 or #15',
  'nail-clipper': 'nail clipper',
  'nail-grinder': 'nail grinder',
} as const
export type MeansId = keyof typeof MEANS
export const MEANS_IDS = Object.keys(MEANS) as [MeansId, ...MeansId[]]
