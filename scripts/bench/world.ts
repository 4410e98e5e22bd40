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
