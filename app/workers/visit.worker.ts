import { expose } from 'comlink'
import { suggestVisit } from '#core/care/note/next-visit'

/** When to come again, worked out away from the form a visit is entered in. */
const work = { suggestVisit }
export type VisitWork = typeof work
expose(work)
