import { randomLcg } from 'd3-random'
import { AT_ONCE, PROOF, REFINED } from '#core/plan/best/planner'
import { askedOf, StretchPlanner } from '#core/plan/stretch'
import type { StretchPlan } from '#core/plan/standing'
import { coatOn } from '#core/record/fold'
import type { DogRecord } from '#core/record/fold'

/**
 * Plans a stretch away from the page: a plan at once, then a better one if there is one. Or weighs a
 * plan the owner made: how far it may be from the best there is.
 */
export interface PlanRequest {
  what: 'plan' | 'weigh'
  record: DogRecord
  at: string
  /** The plan to begin from or to weigh, with the owner's choices in it; null for none. */
  standing: StretchPlan | null
}
export type PlanAnswer =
  | { kind: 'first'; plan: StretchPlan }
  | { kind: 'working'; progress: number }
  /** `better`: worth changing the first for. */
  | { kind: 'refined'; plan: StretchPlan; better: boolean }
  /** Null for a plan that asks more than the days have. */
  | { kind: 'weighed'; gap: number | null }
  | { kind: 'failed'; why: string }

/** Any will do; the same each time, so that the same dog gets the same plan. */
const SEED = 0.5
/** Somebody waits, on a slow telephone too; there it may be another plan. */
const clock = () => performance.now()
const answer = (a: PlanAnswer) => self.postMessage(a)

function plan({ record, at, standing }: PlanRequest) {
  const coat = coatOn(record, at)
  const first = new StretchPlanner(askedOf(coat, standing, false), AT_ONCE, randomLcg(SEED), clock)
  while (first.advance());
  answer({ kind: 'first', plan: first.plan() })

  // What the owner has been told of today stays; only later days get better.
  const refined = new StretchPlanner(askedOf(coat, first.plan(), true), REFINED, randomLcg(SEED), clock)
  while (refined.advance()) answer({ kind: 'working', progress: refined.progress })
  answer({ kind: 'refined', plan: refined.plan(), better: refined.worthChanging })
}

function weigh({ record, at, standing }: PlanRequest) {
  if (!standing) return
  const asked = { coat: coatOn(record, at), choices: standing.choices, fixed: [] }
  const planner = new StretchPlanner(asked, PROOF, randomLcg(SEED), clock)
  while (planner.advance());
  answer({ kind: 'weighed', gap: planner.gapOf(standing.sessions.filter((s) => s.day >= at)) })
}

self.onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  try {
    if (data.what === 'plan') plan(data)
    else weigh(data)
  } catch (error) {
    answer({ kind: 'failed', why: String(error) })
  }
}
