import { randomLcg } from 'd3-random'
import { broken } from '../../core/plan/best/instance'
import type { Instance } from '../../core/plan/best/instance'
import { AT_ONCE, Planner, REFINED } from '../../core/plan/best/planner'
import type { Effort } from '../../core/plan/best/planner'
import { solveExactly } from '../../tests/support/exact'
import { SEEDS, stretchOf, WEEKS } from '../../tests/support/stretches'
import { mean, percent, row } from './table'

const CHANCE = 0.5
/** Seconds HiGHS is given on a stretch of full size. */
const HIGHS_SECONDS = 60

function plan(instance: Instance, effort: Effort, start?: Uint8Array) {
  const begun = performance.now()
  const planner = new Planner(instance, effort, randomLcg(CHANCE), start, () => performance.now())
  while (planner.advance());
  if (broken(instance, planner.chosen).length) throw new Error('A plan broke a limit.')
  return { planner, ms: performance.now() - begun }
}

/** Small stretches, solved to the end by HiGHS: where care presses too it may not end, and its best then stands. */
export async function againstExact(care = false) {
  const over: number[] = []
  const times: number[] = []
  for (const [weekday, saturday] of [
    [6, 40],
    [9, 30],
  ] as const)
    for (const seed of SEEDS) {
      const instance = stretchOf({ days: 28, regions: 12, weekday, saturday, seed, care })
      const { planner, ms } = plan(instance, REFINED)
      const exact = await solveExactly(instance, care ? HIGHS_SECONDS : 120)
      if (!care && exact.status !== 'Optimal') throw new Error(`HiGHS: ${exact.status}`)
      over.push(planner.cost / exact.cost - 1)
      times.push(ms / 1000 / exact.seconds)
    }
  row(
    `planner cost over the optimum, 12 places${care ? ' and care' : ''}, 28 days`,
    `${percent(mean(over))} mean, ${percent(Math.max(...over))} worst`,
  )
  row('planner time over HiGHS, the same', `${mean(times).toFixed(2)} mean`)
}

/** Stretches of full size, against the bound, and when asked against HiGHS given a minute. */
export async function fullSize(full: boolean, care = false) {
  const asked = full
    ? SEEDS.flatMap((seed) => [56, 84].flatMap((days) => WEEKS.map(([w, s]) => ({ seed, days, w, s }))))
    : [
        { seed: 1, days: 56, w: 12, s: 40 },
        { seed: 1, days: 56, w: 30, s: 90 },
        { seed: 1, days: 84, w: 6, s: 12 },
      ]
  const gaps: number[] = []
  const behind: number[] = []
  const [firsts, refineds]: [number[], number[]] = [[], []]
  const ratios: number[] = []
  const shares: number[] = []
  for (const { seed, days, w, s } of asked) {
    const instance = stretchOf({ days, weekday: w, saturday: s, seed, refused: 0, care })
    const first = plan(instance, AT_ONCE)
    const refined = plan(instance, REFINED, first.planner.chosen)
    gaps.push(refined.planner.gap)
    behind.push(first.planner.cost / refined.planner.cost - 1)
    firsts.push(first.ms)
    refineds.push(refined.ms)
    let said = ''
    if (full) {
      const exact = await solveExactly(instance, HIGHS_SECONDS)
      const ratio = refined.planner.cost / exact.cost
      ratios.push(ratio)
      shares.push(refined.ms / 1000 / exact.seconds)
      said = `, ${ratio.toFixed(4)} of HiGHS (${exact.status.toLowerCase()}, ${exact.seconds.toFixed(0)} s)`
    }
    row(
      `  ${days} days, ${w}/${s}, seed ${seed}`,
      `first ${first.ms.toFixed(0)} ms at +${percent(behind.at(-1)!)}, refined ${(refined.ms / 1000).toFixed(1)} s, gap ${percent(refined.planner.gap)}${said}`,
    )
  }
  row(
    `proven gap, 41 places${care ? ' and care' : ''}`,
    `${percent(mean(gaps))} mean, ${percent(Math.max(...gaps))} worst`,
  )
  row(
    `first plan${care ? ' with care' : ''}`,
    `${Math.max(...firsts).toFixed(0)} ms worst, ${percent(Math.max(...behind))} above the refined at worst`,
  )
  row(`refined plan${care ? ' with care' : ''}`, `${(Math.max(...refineds) / 1000).toFixed(1)} s worst`)
  if (full)
    row(
      `cost over HiGHS given ${HIGHS_SECONDS} s`,
      `${Math.max(...ratios).toFixed(4)} worst, in ${percent(Math.max(...shares))} of its time at worst`,
    )
}
