import type { CoatId } from '../core/coat/coat-types'
import type { BuildId } from './builds'

/** The build a coat is drawn on until the owner can say more of the dog's shape. */
const BUILD_OF: Record<CoatId, BuildId> = {
  wool: 'curly',
  'wool-cross': 'drop-eared',
  drop: 'drop-eared',
  feathered: 'drop-eared',
  wire: 'drop-eared',
  'double-long': 'prick-eared',
  'double-short': 'prick-eared',
  smooth: 'prick-eared',
}
export const buildOf = (coat: CoatId) => BUILD_OF[coat]
