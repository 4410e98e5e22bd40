import type { TodayPlan } from '#core/plan/today'
import type { PlanItem } from '#core/plan/today-places'
import { SHADE_IDS, shadeOf, UNMET_SHADE } from '#core/record/odds'
import type { Profile } from '#core/record/profile'
import { sayDay, nameDay } from '#core/record/say-day'
import { inOdds, plural } from './numbers'

/** The plan's reasons, which are data, said in a few words. */
const FOUND = {
  glides: 'clear',
  rasps: 'the brush rasped',
  snag: 'a snag',
  knot: 'a knot',
  mat: 'a mat',
  felt: 'felt',
  refused: 'refused',
}
const WET = { swim: 'the swim', rain: 'the rain', grass: 'wet grass', bath: 'the wash' }

const uncombed = (days: number | null) =>
  days === null
    ? 'not met yet'
    : days === 0
      ? 'combed today'
      : days === 1
        ? 'combed yesterday'
        : `${days} days uncombed`

export function sayReason(item: Pick<PlanItem, 'reason'>, at: string): string {
  const r = item.reason
  switch (r.why) {
    case 'left-in':
      return `${FOUND[r.finding]} left in ${sayDay(r.day, at)}`
    case 'refused':
      return `refused ${sayDay(r.day, at)}, so ${uncombed(r.daysUncombed)}`
    case 'wet':
      return `wet from ${WET[r.by]}, not combed dry`
    case 'found':
      return `${FOUND[r.finding]} here ${sayDay(r.day, at)}`
    case 'harness':
    case 'garment':
      return `${r.why === 'harness' ? 'the harness rubs' : 'clothes rub'}, ${r.hours} ${r.hours === 1 ? 'hour' : 'hours'} a day`
    case 'collar':
      return 'the collar rubs all day'
    case 'ceiling':
      return `${uncombed(r.daysUncombed)}, overdue`
    case 'hot':
      return r.daysUncombed === null
        ? 'knots first in most coats'
        : `knots first; ${uncombed(r.daysUncombed)}`
    case 'long':
      return `long here, ${Math.round(r.mm)} mm`
    case 'days':
      return uncombed(r.daysUncombed)
  }
}

/** One line of reason for the whole plan. */
export function sayWhy(plan: TodayPlan, profile: Profile): string {
  const when = plan.until === profile.nextVisit ? 'by the visit' : `by ${nameDay(plan.until, plan.day)}`
  const she = profile.sex === 'female' ? 'her' : 'him'
  if (plan.guess)
    return `Nothing is known of ${she} yet. This is where coats like ${profile.sex === 'female' ? 'hers' : 'his'} knot first.`
  const left = inOdds(plan.chanceIfLeft)
  const done = inOdds(plan.chanceIfDone)
  if (!plan.items.length) return `Left alone, the chance of a mat ${when} is ${left}.`
  if (left === done) return `The chance of a mat ${when} is ${left}.`
  return `Left alone, the chance of a mat ${when} is ${left}. Combed, ${done}.`
}

/** A coat nobody knows: how it is met. @param sittings that are laid out; none where there is no time for one */
export function sayGoingOver(sittings: number, she: boolean): string {
  const [her, is] = she ? ['her', 'she is'] : ['his', 'he is']
  if (!sittings) return `Nobody has written of ${her} coat, and the week has no minutes to meet it in.`
  return `In ${plural(sittings, 'sitting')}. Nobody has written of ${her} coat: hand first, then the comb; ${is} inked in where it has been.`
}

/** How one place stands. */
export const sayChance = (chance: number, shade: number = shadeOf(chance)) =>
  `${shade === UNMET_SHADE ? 'nobody has met it' : SHADE_IDS[shade]}, ${inOdds(chance)}`
