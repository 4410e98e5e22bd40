import { regionOf } from '../../core/coat/regions'
import type { RegionId } from '../../core/coat/regions'
import { buildOf } from '../../drawing/build-of'
import type { LinkHolder } from '../access/authorise'
import draw from '../workers/picture'
import type { PictureAsked } from '../workers/picture'
import { dogOf } from './dogs'
import { forecastOf } from './forecasts'
import { inThread } from './threads'
import { todayIn } from './today-in'
import { householdOf } from './accounts'

const drawn = inThread<PictureAsked, string>('picture', draw)

/** A shared dog's left side with its hair, so that the page stands before its program comes. */
export async function sharedPicture({ householdId, dogId }: LinkHolder): Promise<string> {
  const [household, dog] = await Promise.all([householdOf(householdId), dogOf(householdId, dogId)])
  const { shades } = await forecastOf({ householdId, dogId, day: todayIn(household.timeZone) })
  const states: Record<string, number> = {}
  for (const [id, shade] of Object.entries(shades)) {
    const { place, side } = regionOf(id as RegionId)
    if (side !== 'right') states[place] = shade
  }
  return drawn({ build: buildOf(dog.profile.coat), states })
}
