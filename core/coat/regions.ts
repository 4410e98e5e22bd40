/**
 * The coat map: the forty-one regions that carry hair which can knot, in one table.
 *
 * Everything that differs by region stands here: what it is called, how readily it knots, how much
 * of the coat it is, what rubs or wets it, and how a person goes about it at the table.
 * Source: common practice, no source; area shares and classes are judgement.
 */
export const PART_IDS = ['body', 'legs', 'head', 'ears', 'tail'] as const
export type PartId = (typeof PART_IDS)[number]

export type Side = 'left' | 'right'
export const KNOT_CLASSES = ['hot', 'rubbing', 'moving', 'calm'] as const
export type KnotClass = (typeof KNOT_CLASSES)[number]
type Group = 'head' | 'neck' | 'body' | 'front' | 'rear'
type View = 'side' | 'under' | 'head'
export type Cover = 'harness' | 'collar' | 'coat' | 'swim' | 'rain' | 'grass'

/** Relative readiness to knot, κ. Over the forty-one regions they sum to 81 (judgement). */
export const KNOT_WEIGHT: Record<KnotClass, number> = { hot: 5, rubbing: 2.5, moving: 1, calm: 0.25 }

interface PlaceRow {
  label: string
  /** As said of a pair, or of the one place: "behind the ears". */
  plural: string
  pair: boolean
  group: Group
  class: KnotClass
  part: PartId
  /** Thousandths of the coat, of each of a pair. */
  area: number
  covers: Cover[]
  /** The drawing that shows it best. */
  view: View
  /** Thin skin or leather: one minute at a time instead of two. */
  tender: boolean
  hold: string
  lie: string
  caution: CautionId
}

export type CautionId =
  | 'eye'
  | 'leather'
  | 'throat'
  | 'thin-skin'
  | 'fold'
  | 'tendon'
  | 'webs'
  | 'bone'
  | 'opening'
  | 'spine'
  | 'light'
  | 'cover-belly'
  | 'cover-thigh'

const row = (
  label: string,
  plural: string,
  pair: boolean,
  group: Group,
  knotClass: KnotClass,
  part: PartId,
  area: number,
  covers: Cover[],
  view: View,
  tender: boolean,
  hold: string,
  lie: string,
  caution: CautionId,
): PlaceRow => ({
  label,
  plural,
  pair,
  group,
  class: knotClass,
  part,
  area,
  covers,
  view,
  tender,
  hold,
  lie,
  caution,
})

/**
 * The places, in the order of the body; a pair is one row here and two regions on the map.
 * Columns: label, plural, pair, group, class, part, area, covers, view, tender, hold, lie, caution.
 */
// prettier-ignore
export const PLACES = {
  crown: row('Crown', 'Crown', false, 'head', 'calm', 'head', 18, ['rain'], 'head', false, 'under the chin', 'back, towards the neck', 'light'),
  fringe: row('Fringe', 'Fringe', false, 'head', 'moving', 'head', 6, ['swim'], 'head', false, 'the chin hair, hand over the eye', 'forward, then to each side', 'eye'),
  cheek: row('Cheek', 'Cheeks', true, 'head', 'moving', 'head', 9, ['swim'], 'head', false, 'the chin hair, not the muzzle', 'back and down', 'eye'),
  muzzle: row('Muzzle', 'Muzzle', false, 'head', 'moving', 'head', 9, ['swim'], 'head', false, 'the chin hair, mouth closed', 'back from the nose', 'eye'),
  beard: row('Beard', 'Beard', false, 'head', 'rubbing', 'head', 12, ['swim'], 'head', false, 'the chin hair, from below', 'down, ends first', 'light'),
  ear: row('Ear', 'Ears', true, 'head', 'moving', 'ears', 13, ['swim', 'rain'], 'side', true, 'under the flap, flat on your palm', 'down the flap', 'leather'),
  'ear-edge': row('Ear edge', 'Ear edges', true, 'head', 'rubbing', 'ears', 4, ['swim', 'rain'], 'side', true, 'the leather, between finger and thumb', 'away from the edge', 'leather'),
  'behind-ear': row('Behind the ear', 'Behind the ears', true, 'head', 'hot', 'ears', 6, ['swim', 'rain'], 'side', true, 'lift the flap and fold it forward', 'down and back', 'leather'),
  nape: row('Nape', 'Nape', false, 'neck', 'calm', 'body', 28, ['coat', 'swim'], 'side', false, 'under the chin', 'back, towards the shoulders', 'light'),
  'collar-line': row('Collar line', 'Collar line', false, 'neck', 'rubbing', 'body', 24, ['collar', 'swim'], 'side', false, 'chin up, collar off', 'down and back, all the way round', 'throat'),
  shoulders: row('Shoulders', 'Shoulders', false, 'body', 'moving', 'body', 60, ['harness', 'coat', 'swim', 'rain'], 'side', false, 'a hand flat on the chest', 'down and back', 'light'),
  back: row('Back', 'Back', false, 'body', 'calm', 'body', 100, ['coat', 'swim', 'rain'], 'side', false, 'a hand under the belly', 'head to tail', 'spine'),
  chest: row('Chest', 'Chest', false, 'body', 'moving', 'body', 58, ['harness', 'coat', 'swim'], 'side', false, 'under the chin, lifted', 'down, between the legs', 'light'),
  girth: row('Girth', 'Girth', false, 'body', 'moving', 'body', 40, ['harness', 'coat', 'swim'], 'side', false, 'a hand flat on the shoulder', 'down and back', 'light'),
  side: row('Side', 'Sides', true, 'body', 'calm', 'body', 80, ['coat', 'swim', 'rain'], 'side', false, 'hold the coat up, a line of skin at a time', 'down and back', 'light'),
  belly: row('Belly', 'Belly', false, 'body', 'moving', 'body', 50, ['coat', 'swim', 'grass'], 'under', false, 'on its side, or a helper at the front', 'towards the ribs, from the groin up', 'cover-belly'),
  'tuck-up': row('Tuck-up', 'Tuck-ups', true, 'body', 'rubbing', 'body', 14, ['swim', 'grass'], 'under', false, 'the fold flat in your palm', 'down and back', 'fold'),
  armpit: row('Armpit', 'Armpits', true, 'front', 'hot', 'legs', 10, ['harness', 'coat', 'swim'], 'under', true, 'round the elbow, leg forward as in walking', 'down and back', 'thin-skin'),
  foreleg: row('Foreleg', 'Forelegs', true, 'front', 'moving', 'legs', 36, ['swim', 'grass'], 'side', false, 'the foot, leg straight', 'down, all four faces', 'light'),
  forefoot: row('Forefoot', 'Forefeet', true, 'front', 'rubbing', 'legs', 11, ['swim', 'grass'], 'side', false, 'loosely, as it moves in walking', 'down, between the toes too', 'webs'),
  rump: row('Rump', 'Rump', false, 'rear', 'calm', 'body', 40, ['swim', 'rain'], 'side', false, 'a hand under the belly', 'back and down', 'spine'),
  thigh: row('Thigh', 'Thighs', true, 'rear', 'moving', 'tail', 52, ['swim'], 'side', false, 'the foot, leg straight', 'down, britches last', 'light'),
  'inner-thigh': row('Inner thigh', 'Inner thighs', true, 'rear', 'hot', 'legs', 15, ['swim'], 'under', true, 'round the knee, leg back as in walking', 'down', 'cover-thigh'),
  hock: row('Hock', 'Hocks', true, 'rear', 'moving', 'legs', 12, ['swim', 'grass'], 'side', false, 'just above the foot', 'down', 'tendon'),
  hindfoot: row('Hind foot', 'Hind feet', true, 'rear', 'rubbing', 'legs', 11, ['swim', 'grass'], 'side', false, 'loosely, as it moves in walking', 'down, between the toes too', 'webs'),
  'under-tail': row('Under the tail', 'Under the tail', false, 'rear', 'rubbing', 'tail', 11, ['swim'], 'under', true, 'the tail in your palm, from its root', 'outwards, away from the opening', 'opening'),
  'tail-base': row('Tail base', 'Tail base', false, 'rear', 'hot', 'tail', 10, ['swim'], 'side', false, 'slide the hand along the back to it', 'to each side, then beneath', 'bone'),
  tail: row('Tail', 'Tail', false, 'rear', 'moving', 'tail', 20, ['swim', 'rain'], 'side', false, 'along the bone, towards the tip', 'to each side, ends first', 'bone'),
} satisfies Record<string, PlaceRow>

export type PlaceId = keyof typeof PLACES
/** A name on the map; `REGION_IDS` says which forty-one of these exist. */
export type RegionId = PlaceId | `${PlaceId}.${Side}`

export interface Region {
  id: RegionId
  place: PlaceId
  side: Side | null
  /** "Left armpit". */
  label: string
  group: Group
  class: KnotClass
  part: PartId
  /** Share of the coat's area, summing to 1 over the map. */
  area: number
  covers: readonly Cover[]
  view: View
  tender: boolean
  hold: string
  lie: string
  caution: CautionId
}

export const PLACE_IDS = Object.keys(PLACES) as PlaceId[]

/** Places whose name says where by itself: one says "behind the ear", but "at the beard". */
const NAMED_BY_WHERE: readonly PlaceId[] = ['behind-ear', 'under-tail']
export const isWhere = (place: PlaceId): boolean => NAMED_BY_WHERE.includes(place)

export const placeRow = (id: PlaceId): PlaceRow => PLACES[id]

const totalArea = PLACE_IDS.reduce((sum, id) => sum + placeRow(id).area * (placeRow(id).pair ? 2 : 1), 0)

/** Places that the same things cover have one list of them, by which they are known to be alike. */
const coverLists = new Map<string, readonly Cover[]>()
function oneListOf(covers: readonly Cover[]): readonly Cover[] {
  const key = covers.join()
  if (!coverLists.has(key)) coverLists.set(key, covers)
  return coverLists.get(key)!
}

function region(place: PlaceId, side: Side | null): Region {
  const p = placeRow(place)
  const sided = side === 'left' ? 'Left' : 'Right'
  return {
    id: (side ? `${place}.${side}` : place) as RegionId,
    place,
    side,
    label: !side ? p.label : isWhere(place) ? `Behind the ${side} ear` : `${sided} ${p.label.toLowerCase()}`,
    group: p.group,
    class: p.class,
    part: p.part,
    area: p.area / totalArea,
    covers: oneListOf(p.covers),
    view: p.view,
    tender: p.tender,
    hold: p.hold,
    lie: p.lie,
    caution: p.caution,
  }
}

/** All forty-one regions, in the order of the table. */
export const REGIONS: readonly Region[] = PLACE_IDS.flatMap((id) =>
  placeRow(id).pair ? [region(id, 'left'), region(id, 'right')] : [region(id, null)],
)
export const REGION_IDS = REGIONS.map((r) => r.id)
const byId = new Map(REGIONS.map((r) => [r.id, r]))

/** The region of that name. @throws RangeError if the map has no such region. */
export function regionOf(id: RegionId): Region {
  const r = byId.get(id)
  if (!r) throw new RangeError(`The coat map has no region called ${id}.`)
  return r
}

/** The regions of a place: one, or the left and the right. */
export const regionsOf = (place: PlaceId): Region[] => REGIONS.filter((r) => r.place === place)

/** Σκ over the whole map: 81. */
export const TOTAL_WEIGHT = REGIONS.reduce((sum, r) => sum + KNOT_WEIGHT[r.class], 0)
