import { arrivalOf } from '../../core/plan/arrival'
import type { DogRecord } from '../../core/record/fold'

/** One forecast, in a thread of its own. */
export default ({ record, day }: { record: DogRecord; day: string }) => arrivalOf(record, day)
