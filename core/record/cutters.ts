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

/**
 * Length a blade leaves when it runs with the lie of the hair. Maker-neutral, from memory: makers
 * differ by a tenth or two. Longest last.
 */
export const BLADES = [
  { id: '#40', mm: 0.25, inch: '1/100' },
  { id: '#30', mm: 0.5, inch: '1/50' },
  { id: '#15', mm: 1.2, inch: '3/64' },
  { id: '#10', mm: 1.6, inch: '1/16' },
  { id: '#9', mm: 2, inch: '5/64' },
  { id: '#7F', mm: 3.2, inch: '1/8' },
  { id: '#5F', mm: 6.3, inch: '1/4' },
  { id: '#4F', mm: 9.5, inch: '3/8' },
  { id: '#3F', mm: 13, inch: '1/2' },
] as const
export type BladeId = (typeof BLADES)[number]['id']
export const BLADE_IDS = BLADES.map((b) => b.id) as [BladeId, ...BladeId[]]

/** A blade, or a guard comb over a short one, and the way it was run. */
export interface Ran {
  blade?: BladeId | undefined
  /** What is written on the guard comb, mm. */
  guard?: number | undefined
  /** Against the lie of the hair. */
  against?: true | undefined
}
/** What it leaves, mm; against the lie about a size less (common practice, no source). */
export function leaves({ blade, guard, against }: Ran): number {
  const sizes = blade ? BLADES.map((b) => b.mm as number) : [...GUARDS_MM]
  const at = sizes.indexOf(blade ? BLADES.find((b) => b.id === blade)!.mm : guard!)
  if (at < 0) return guard!
  return sizes[against ? Math.max(0, at - 1) : at]!
}
