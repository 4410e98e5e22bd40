import {
  COLLAR_FACTOR,
  garmentFactor,
  harnessFactor,
  PUPPY_FACTOR,
  SHED_FACTOR,
  WET_FACTOR,
} from '../coat/exposure'
import type { Cause } from './causes'

/** Hours a harness is spoken of where none is worn: a walk or two (judgement). */
const WALKS_HOURS = 2
/** A garment is spoken of as worn all day. */
const ALL_DAY = 24

/** How many times as fast every such coat knots under a cause, where it acts. @param harnessHours a day, 0 for none */
export function causeFactor(cause: Cause, harnessHours: number): number {
  switch (cause) {
    case 'harness':
      return harnessFactor(harnessHours || WALKS_HOURS)
    case 'collar':
      return COLLAR_FACTOR
    case 'coat':
      return garmentFactor(ALL_DAY)
    case 'shed':
      return SHED_FACTOR
    case 'puppy':
      return PUPPY_FACTOR
    case 'rain':
    case 'swim':
    case 'grass':
    case 'bath':
      return WET_FACTOR
  }
}
