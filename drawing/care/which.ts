import type { TrimId } from '../../core/care/tidies/dangers'
import type { BuildId } from '../builds'

/** Which drawings go with a tidy, or a body clip, for this dog: the one that shows most first. */
export function careDrawings(
  of: TrimId | 'clip',
  dog: { sex: 'female' | 'male'; build: BuildId; fringe: boolean },
): string[] {
  switch (of) {
    case 'face':
      return [dog.fringe ? 'face-fringe' : 'face-front', 'eye-close']
    case 'paws':
      return ['foot-below', 'pads-cut-through', 'foot-side', 'foot-above']
    case 'sanitary':
      return [`rear-${dog.sex}`, `underside-${dog.sex}`]
    case 'ears':
      return ['ear-hanging']
    case 'neatening':
      return [`flank-${dog.build}`]
    case 'clip':
      return [`flank-${dog.build}`, 'teeth-cut-through', `underside-${dog.sex}`]
  }
}
