import type { PlaceId } from '../../core/coat/regions'
import type { EarCarriage } from '../../core/record/habits'
import type { WorkId } from '../../core/record/tidies'
import type { BuildId } from '../builds'

export interface DrawnDog {
  sex: 'female' | 'male'
  neutered: boolean
  build: BuildId
  fringe: boolean
  bearded: boolean
  /** Not said: as most of them hang. */
  ears: EarCarriage | null
}
const sexOf = ({ sex, neutered }: Pick<DrawnDog, 'sex' | 'neutered'>) =>
  sex === 'male' && neutered ? 'neutered' : sex
/** Which drawings go with a work, or a body clip, for this dog: the one that shows most first. */
export function careDrawings(of: WorkId | 'clip', dog: DrawnDog): string[] {
  switch (of) {
    case 'face':
      return [
        dog.fringe ? 'face-fringe' : 'face-front',
        'eye-close',
        ...(dog.bearded ? ['muzzle-side', 'muzzle-front'] : []),
      ]
    case 'paws':
      return ['foot-below', 'pads-cut-through', 'foot-side', 'foot-above']
    case 'sanitary':
      return [`rear-${sexOf(dog)}`, `underside-${sexOf(dog)}`]
    case 'ears':
      return [`ear-${dog.ears ?? 'hanging'}`]
    case 'neatening':
      return [`flank-${dog.build}`]
    case 'nails':
      return ['nail-side', 'foot-below']
    case 'eyes':
      return ['eye-close']
    case 'ear-look':
      return [`ear-${dog.ears ?? 'hanging'}`]
    case 'teeth':
      return []
    case 'clip':
      return [`flank-${dog.build}`, 'teeth-cut-through', `underside-${sexOf(dog)}`]
  }
}
/** Places that show on a drawing that is not over the dog's own map, by how its name begins. */
const SHOWS: readonly (readonly [RegExp, readonly PlaceId[]])[] = [
  [/^(foot|pads|nail)/, ['forefoot', 'hindfoot']],
  [/^ear/, ['ear', 'ear-edge', 'behind-ear']],
  [/^rear/, ['under-tail', 'tail-base', 'inner-thigh', 'thigh', 'hock']],
  [/^muzzle-side/, ['muzzle', 'beard', 'cheek']],
  [/^eye/, ['muzzle', 'fringe', 'cheek']],
]
/** Whether a place shows on a drawing. */
export const showsOn = (name: string, place: PlaceId): boolean =>
  SHOWS.some(([begins, places]) => begins.test(name) && places.includes(place))
/** Which drawing a kind is rehearsed on. */
export const rehearsedOn = (of: WorkId, dog: DrawnDog): string => careDrawings(of, dog)[0]!
