import { byKnowing, byList, byLongest, byPlan, bySaturdays, played } from '../../tests/support/world-play'
import type { Rule } from '../../tests/support/world-play'
import { worldScore } from '../../tests/support/world-score'
import { percent, row } from './table'

const DOGS = 200

/** Forecasts held to a world richer than the model: dogs nobody has seen, after weeks of checks. */
export function world() {
  for (const [weeks, differ] of [
    [8, 0],
    [8, 0.5],
    [16, 0],
    [16, 0.5],
  ] as const) {
    const { gain, wonBack, nats, held, causes } = worldScore(DOGS, weeks, differ)
    const each = Object.entries(causes).map(([c, s]) => `${c} ${percent(s.held)}`)
    row(
      `${weeks} weeks, causes ${differ ? `log-normal ${differ}` : 'alike'}: of the gain of knowing the dog`,
      `${percent(gain.learned)} (${percent(gain.withoutCauses)} without causes); eight in ten held ${percent(held)}`,
    )
    row(
      differ ? '  of what not knowing causes loses, won back' : '  lost where they do not differ',
      differ ? `${percent(wonBack)}; each held: ${each.join(', ')}` : `${(-nats).toFixed(3)} nats a dog`,
    )
  }
}

/** Minutes there are from Monday to Sunday: a long Saturday, and none that is long. */
const WEEKS = {
  'a long Saturday': [15, 15, 15, 15, 15, 60, 0],
  'no long day': [10, 10, 10, 10, 10, 25, 10],
}

/** What eight weeks cost by each rule, with the same luck for everyone: minutes, and mats at what a mat is worth. */
export function worth(dogs = 40) {
  const RULES: [string, Rule][] = [
    ['the day’s list', byList],
    ['the plan', byPlan],
    ['the plan, were the dog known exactly', byKnowing],
    ['all on Saturdays, hot places between', bySaturdays],
    ['longest uncombed first', byLongest],
  ]
  for (const [week, minutes] of Object.entries(WEEKS)) {
    let list = 0
    for (const [name, rule] of RULES) {
      const runs = Array.from({ length: dogs }, (_, n) => played(rule, n + 1, 8, minutes))
      const each = (of: (r: (typeof runs)[number]) => number) => runs.reduce((s, r) => s + of(r), 0) / dogs
      const cost = each((r) => r.cost)
      list ||= cost
      row(
        `eight weeks in a richer world, ${week}: ${name}`,
        `${(cost / list).toFixed(3)} of the list's cost: ${(each((r) => r.minutes) / 8).toFixed(0)} min a week, ${each((r) => r.mats).toFixed(1)} mats`,
      )
    }
  }
}
