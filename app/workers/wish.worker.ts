import { expose } from 'comlink'
import { priceWish } from '#core/care/note/wish-price'

/** What a wish costs, worked out away from the page it is written on. */
const work = { priceWish }
export type WishWork = typeof work
expose(work)
