import type { PricedWish } from '../../core/care/note/wish-price'
import type { WishLine } from '../../core/record/wish-lines'
import type { LinkHolder } from '../access/authorise'
import priceHere from '../workers/wish-price'
import type { PriceAsked } from '../workers/wish-price'
import { householdOf } from './accounts'
import { inThread } from './threads'
import { todayIn } from './today-in'

const price = inThread<PriceAsked, PricedWish>('wish-price', priceHere)

/** What lengths a groomer would rather leave cost at home, from all of the record: the owner's own figures. */
export async function priceFor({ householdId, dogId }: LinkHolder, lines: WishLine[]): Promise<PricedWish> {
  const { timeZone } = await householdOf(householdId)
  return price({ householdId, dogId, day: todayIn(timeZone), lines })
}
