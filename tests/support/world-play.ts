import { randomLcg } from 'd3-random'
import { SETUP_MINUTES, TEASE_MINUTES } from '../../core/coat/minutes'
import { REGIONS } from '../../core/coat/regions'
import type { RegionId } from '../../core/coat/regions'
import { MINUTES_A_MAT_IS_WORTH } from '../../core/plan/mat-worth'
import { AT_ONCE } from '../../core/plan/best/planner'
import { planStands, standingPlan } from '../../core/plan/standing'
import { askedOf, StretchPlanner } from '../../core/plan/stretch'
import { pastOf, planOn } from '../../core/plan/today'
import { addDays, daysBetween, weekday } from '../../core/record/day'
import { coatOn } from '../../core/record/fold'
import type { Coat } from '../../core/record/coat'
import { entry } from './dogs'
import { World, WORLD_BEGINS } from './world'

/** What is combed of a day, in that order, while its minutes last. */
export type Rule = (world: World, coat: Coat, minutes: number) => readonly RegionId[]

/** The day's list, as it stands without a plan. */
export const byList: Rule = ({ record, on }, coat, minutes) =>
  planOn(coat, minutes, pastOf(record, on)).items.flatMap((i) => i.regions)

/** The stretch's plan, made anew whenever the record no longer bears it. */
export const byPlan: Rule = (world, coat, minutes) => planned(world, coat, minutes)
/** The same by one who knows how readily each place of this dog knots: what any plan of its kind could come to. */
export const byKnowing: Rule = (world, coat, minutes) => {
  for (const p of coat.places) p.rate = { ...p.rate, mean: world.theta.get(p.id)! }
  return planned(world, coat, minutes)
}
function planned({ record, on }: World, coat: Coat, minutes: number): readonly RegionId[] {
  let plan = standingPlan(record)
  if (!planStands(record, plan, on)) {
    const planner = new StretchPlanner(
      askedOf(coat, plan, false),
      { ...AT_ONCE, within: Infinity },
      randomLcg(0.5),
    )
    while (planner.advance());
    record.entries.push(entry(on, planner.plan(), { time: '00:01' }))
    plan = standingPlan(record)
  }
  const wanted = plan?.sessions.find((s) => s.day === on)?.places ?? []
  return planOn(coat, minutes, pastOf(record, on), wanted).items.flatMap((i) => i.regions)
}

/** What groomers tell: all of it on the long day, the hot places between. */
export const bySaturdays: Rule = ({ on }) => {
  const hot = REGIONS.filter((r) => r.class === 'hot')
  const rest = REGIONS.filter((r) => r.class !== 'hot')
  const w = weekday(on)
  return w === 5 ? [...hot, ...rest].map((r) => r.id) : w === 1 || w === 3 ? hot.map((r) => r.id) : []
}
/** And: whatever has gone uncombed longest, every day. */
export const byLongest: Rule = (_world, coat) =>
  [...coat.places].sort((a, b) => ((a.clearOn ?? '') < (b.clearOn ?? '') ? -1 : 1)).map((p) => p.id)

/**
 * A dog over some weeks by a rule: minutes at the table, mats that were to form, and both together at what a mat is worth there.
 * @param week minutes there are from Monday to Sunday, where they are not the world's
 */
export function played(
  rule: Rule,
  seed: number,
  weeks: number,
  week?: readonly number[],
): { minutes: number; mats: number; cost: number } {
  const world = new World({ seed, causes: 0.5, ...(week ? { minutes: week } : {}) })
  let minutes = 0
  while (daysBetween(WORLD_BEGINS, world.on) < weeks * 7) {
    const has = world.record.profile.minutes[weekday(world.on)] ?? 0
    if (has > SETUP_MINUTES && world.on > addDays(WORLD_BEGINS, 0)) {
      const coat = coatOn(world.record, world.on)
      let spent = 0
      for (const id of rule(world, coat, has)) {
        const p = coat.places.find((x) => x.id === id)!
        const takes = coat.minutesOf(p)
        if (SETUP_MINUTES + spent + takes > has) break
        const [tangles, knots] = world.comb(id)
        spent += takes + tangles * TEASE_MINUTES.tangle + knots * TEASE_MINUTES.knot
      }
      if (spent) minutes += SETUP_MINUTES + spent
    }
    world.passDay()
  }
  return { minutes, mats: world.mats, cost: minutes + MINUTES_A_MAT_IS_WORTH * world.matsByWorth }
}
