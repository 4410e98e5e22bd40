import { randomLcg } from 'd3-random'
import { AT_ONCE, REFINED } from '#core/plan/best/planner'
import { askedOf, StretchPlanner } from '#core/plan/stretch'
import type { StretchPlan } from '#core/plan/standing'
import { coatOn } from '#core/record/fold'
import type { DogRecord } from '#core/record/fold'

/** Plans a stretch away from the page: a plan at once, then better ones while there is more to find. */
export interface PlanRequest {
  n: number
  record: DogRecord
  at: string
  /** The plan to begin from, with the owner's choices in it; null for none. */
  standing: StretchPlan | null
}
export type PlanAnswer =
  | { n: number; kind: 'first'; plan: StretchPlan; ms: number }
  | { n: number; kind: 'working'; progress: number }
  /** `better`: worth changing the first for. */
  | { n: number; kind: 'refined'; plan: StretchPlan; better: boolean }

/** Any will do; the same each time, so that the same dog gets the same plan. */
const SEED = 0.5
let newest = 0
const pause = () => new Promise((resolve) => setTimeout(resolve))

self.onmessage = async ({ data }: MessageEvent<PlanRequest>) => {
  const { n, record, at, standing } = data
  newest = n
  const start = performance.now()
  const coat = coatOn(record, at)
  const first = new StretchPlanner(askedOf(record, coat, standing, false), AT_ONCE, randomLcg(SEED))
  while (first.advance());
  const plan = first.plan()
  self.postMessage({ n, kind: 'first', plan, ms: performance.now() - start } satisfies PlanAnswer)

  // What the owner has been told of today stays; only later days get better.
  const refined = new StretchPlanner(askedOf(record, coat, plan, true), REFINED, randomLcg(SEED))
  while (refined.advance()) {
    await pause()
    if (newest !== n) return
    self.postMessage({ n, kind: 'working', progress: refined.progress } satisfies PlanAnswer)
  }
  self.postMessage({
    n,
    kind: 'refined',
    plan: refined.plan(),
    better: refined.worthChanging,
  } satisfies PlanAnswer)
}
