import type { FactOf } from '../../record/entries'
import type { Profile } from '../../record/profile'
import type { Day } from '../../record/day'
import { isVisit } from '../../record/visits'

/**
 * The profile a visit leaves: a visit that was booked for then or earlier is over, and what was
 * suggested is booked in its place; what the groomer allows becomes the owner's setting, with the
 * groomer's name on it. The owner can change both.
 */
export function afterVisit(profile: Profile, day: Day, visit: FactOf<'visit'>): Profile {
  if (!isVisit(visit)) return profile
  const { nextVisit, ...rest } = profile
  const booked = nextVisit && nextVisit > day ? nextVisit : visit.suggests?.day
  const { allows, by } = visit
  const habits = { ...rest.habits }
  if (allows && by) {
    habits.setting = allows.setting
    if (allows.setting === 'taught') {
      habits.taughtBy = by
      habits.taught = [...allows.taught]
    }
    // What was shown now stands in place of what was said of single tidies before.
    delete habits.may
    if (allows.may)
      habits.may = Object.fromEntries(
        Object.entries(allows.may).map(([tidy, means]) => [tidy, { setting: 'taught', with: means, by }]),
      )
    if (allows.mats) habits.matsShownBy = by
    else delete habits.matsShownBy
  }
  return {
    ...rest,
    ...(booked && booked > day ? { nextVisit: booked } : {}),
    ...(by ? { groomer: by } : {}),
    ...(Object.keys(habits).length ? { habits } : {}),
  }
}
