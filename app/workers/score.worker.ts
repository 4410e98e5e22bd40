import { expose } from 'comlink'
import { howRight, howRightTogether } from '#core/record/score'

/** How right the forecast was, worked out away from the page: it goes over the whole record. */
const work = { howRight, howRightTogether }
export type ScoreWork = typeof work
expose(work)
