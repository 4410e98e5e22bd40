import type { MeansId } from './means'

/** Tools that cut, as an owner has them. */
export const CUTTER_IDS = [
  'blunt-scissors',
  'thinning-scissors',
  'flat-trimmer',
  'clipper',
  'nail-clipper',
  'nail-grinder',
] as const
export type CutterId = (typeof CUTTER_IDS)[number]

interface CutterRow {
  label: string
  /** What can be done in its place with another. */
  standIns: readonly CutterId[]
  /** How wear shows. */
  wear: string
  /** What to do when it is put away. */
  care: string
}
/** Common practice, no source. */
export const CUTTERS: Record<CutterId, CutterRow> = {
  'blunt-scissors': {
    label: 'Small blunt-tip scissors',
    standIns: [],
    wear: 'Dull ones fold the hair and pull it.',
    care: 'Wipe, dry, a drop of oil at the screw. Paper dulls them: hair only.',
  },
  'thinning-scissors': {
    label: 'Thinning scissors',
    standIns: ['blunt-scissors'],
    wear: 'They catch on the way out when they are dull.',
    care: 'Hair out of the teeth, a drop of oil at the screw.',
  },
  'flat-trimmer': {
    label: 'Small trimmer',
    standIns: ['blunt-scissors'],
    wear: 'It pulls, or leaves hair standing.',
    care: 'Brush it out and oil the teeth.',
  },
  clipper: {
    label: 'Clipper with guard combs',
    standIns: [],
    wear: 'It pulls, leaves lines or gets hot soon: the blade wants sharpening.',
    care: 'Brush it out, oil the blade while it runs, a spare blade beside it. A bent guard tooth is done for.',
  },
  'nail-clipper': {
    label: 'Nail clipper',
    standIns: ['nail-grinder'],
    wear: 'It crushes before it cuts.',
    care: 'Wipe it dry.',
  },
  'nail-grinder': {
    label: 'Nail grinder',
    standIns: ['nail-clipper'],
    wear: 'A smooth band only heats.',
    care: 'Change the band when it is smooth. Hair is tied or held away from it.',
  },
}
/** Which tool each way of cutting takes; what cuts nothing takes none. */
export const CUTTER_OF: Partial<Record<MeansId, CutterId>> = {
  'blunt-scissors': 'blunt-scissors',
  'thinning-scissors': 'thinning-scissors',
  'flat-trimmer': 'flat-trimmer',
  'guarded-clipper': 'clipper',
  'bare-clipper': 'clipper',
  'corner-blade': 'clipper',
  'nail-clipper': 'nail-clipper',
  'nail-grinder': 'nail-grinder',
}
/** Guard combs over a short blade: what they leave, mm (memory). */
export const GUARDS_MM = [3, 6, 10, 12, 13, 16, 19, 25] as const
