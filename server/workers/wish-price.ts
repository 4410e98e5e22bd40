import { priceWish } from '../../core/care/note/wish-price'
import type { PricedWish } from '../../core/care/note/wish-price'
import type { WishLine } from '../../core/record/wish-lines'
import { dogFile } from '../services/dogs'

export interface PriceAsked {
  householdId: string
  dogId: string
  day: string
  lines: WishLine[]
}

/** Prices a wish from the record as it stands, for a thread of its own. */
export default async function price({ householdId, dogId, day, lines }: PriceAsked): Promise<PricedWish> {
  const { profile, began, entries } = await dogFile(householdId, dogId)
  return priceWish({ profile, began, entries }, day, lines)
}
