import { PLACE_IDS, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { DangerId } from '../tidies/dangers'

/** What a coat is dried in, part by part, and where no air goes. Common practice, no source. */
interface DryRow {
  label: string
  places: readonly PlaceId[]
  side?: 'left' | 'right'
  act: string
  how: string
  /** No air here: towel and hand. */
  towel?: true
  near?: readonly DangerId[]
}
/**
 * In the order they are dried: from above the tail forward, the sides, under, down the legs, feet last. Their names are
 * apart from those of the map, whose places have steps of their own at the conditioner.
 */
const DRIED = {
  'dry.head': {
    label: 'Head and ears',
    places: ['crown', 'fringe', 'cheek', 'muzzle', 'beard', 'ear', 'ear-edge', 'behind-ear'],
    act: 'Head and ears, towel and hand',
    how: 'Press the water out, ears flat between two palms. No air here: comb it dry in the warm.',
    towel: true,
    near: ['eyes', 'mouth', 'ear-canal'],
  },
  'dry.back': {
    label: 'Back',
    places: ['rump', 'back', 'shoulders', 'nape', 'collar-line'],
    act: 'From above the tail forward',
    how: 'Part a line, air along the lie, brush as it dries. Line by line to the neck.',
    near: ['ear-edge'],
  },
  'dry.side.left': {
    label: 'Left side',
    places: ['side', 'tuck-up'],
    side: 'left',
    act: 'Down the left side',
    how: 'Line by line from the back down, with the lie.',
  },
  'dry.side.right': {
    label: 'Right side',
    places: ['side', 'tuck-up'],
    side: 'right',
    act: 'Down the right side',
    how: 'Turn the dog, not its legs. Line by line from the back down.',
  },
  'dry.chest': {
    label: 'Chest',
    places: ['chest', 'girth', 'armpit'],
    act: 'Chest, girth and armpits',
    how: 'Chin up in your hand, air downwards from the throat on. A leg forward as in walking for the armpit.',
    near: ['throat'],
  },
  'dry.under': {
    label: 'Underneath',
    places: ['belly', 'inner-thigh'],
    act: 'Belly and inside the thighs',
    how: 'Low and from further off. What your hand covers is patted with the towel.',
    near: ['nipples', 'sheath', 'testicles', 'vulva'],
  },
  'dry.rear': {
    label: 'Thighs and tail',
    places: ['thigh', 'tail-base', 'tail'],
    act: 'Thighs and tail',
    how: 'Down the thighs, along the tail from its root. The tail stays down over what is under it.',
    near: ['anus', 'vulva', 'testicles'],
  },
  'dry.under-tail': {
    label: 'Under the tail',
    places: ['under-tail'],
    act: 'Under the tail, a dry towel',
    how: 'Patted, not rubbed. No air here.',
    towel: true,
    near: ['anus', 'vulva', 'testicles'],
  },
  'dry.legs': {
    label: 'Legs',
    places: ['foreleg', 'hock'],
    act: 'Down the legs',
    how: 'All four faces of each, in lines, from the top.',
  },
  'dry.feet': {
    label: 'Feet',
    places: ['forefoot', 'hindfoot'],
    act: 'The feet last, against the lie',
    how: 'Upwards, between the toes too. It shows the stray hair to trim.',
  },
} as const satisfies Record<string, DryRow>
export type DryPartId = keyof typeof DRIED
export const DRY_PARTS = Object.keys(DRIED) as DryPartId[]
export const dryRow = (id: DryPartId): DryRow => DRIED[id]
export const dryLabel = (id: DryPartId): string => dryRow(id).label
export const regionsDried = (id: DryPartId): RegionId[] => {
  const { places, side } = dryRow(id)
  return places.flatMap((p) => regionsOf(p).flatMap((r) => (!side || r.side === side ? [r.id] : [])))
}
/** Where a dryer never blows: face, ears, and under the tail. */
export const NO_AIR: readonly PlaceId[] = PLACE_IDS.filter((p) =>
  DRY_PARTS.some((id) => dryRow(id).towel && dryRow(id).places.includes(p)),
)
