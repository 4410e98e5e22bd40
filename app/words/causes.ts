import { causeFactor } from '#core/learn/cause-factor'
import { CAUSES } from '#core/learn/causes'
import type { Cause, CauseHeld } from '#core/learn/causes'
import { listed } from './numbers'

/** Each cause as it is spoken of. */
const CAUSE_WORDS: Record<Cause, string> = {
  harness: 'the harness',
  collar: 'the collar',
  coat: 'a coat or jumper',
  rain: 'rain, not combed dry',
  swim: 'a swim, not combed dry',
  grass: 'wet grass, not combed dry',
  bath: 'a bath, not combed out',
  shed: 'the season',
  puppy: 'the change of coat',
}
const one = (n: number) => String(Number(n.toFixed(1)))

/** What a cause does to this dog, in figures: how many times as fast the places under it knot. */
export interface CauseSaid {
  cause: Cause
  words: string
  now: string
  likely: string
  usual: string
  /** Whether that is yet more or less than it does to every such coat. */
  telling: 'more' | 'less' | null
}
export const sayCauses = (causes: readonly CauseHeld[], harnessHours: number): CauseSaid[] =>
  causes.map(({ cause, times, likely }) => {
    const usual = causeFactor(cause, harnessHours)
    return {
      cause,
      words: CAUSE_WORDS[cause],
      now: one(usual * times),
      likely: `${one(usual * likely[0])} to ${one(usual * likely[1])}`,
      usual: one(usual),
      telling: likely[0] > 1 ? 'more' : likely[1] < 1 ? 'less' : null,
    }
  })

/** All of it in one sentence. */
export function leadOfCauses(said: readonly CauseSaid[], name: string): string {
  const of = (which: CauseSaid['telling']) => said.filter((c) => c.telling === which).map((c) => c.words)
  const [more, less] = [of('more'), of('less')]
  if (!said.length) return `Nothing has been learned yet of what makes ${name} knot`
  if (!more.length && !less.length) return `So far ${name} knots by what coats like it knot by`
  const than = 'than coats like it under'
  const faster = more.length ? `faster ${than} ${listed(more)}` : ''
  const slower = less.length ? `slower ${more.length ? 'under' : than} ${listed(less)}` : ''
  return `${name} knots ${[faster, slower].filter(Boolean).join('; ')}`
}

/** What was never seen at a check, and stands as in coats like it; the season and the change where there are none are left out. */
export const sayNotSeen = (
  causes: readonly CauseHeld[],
  coat: { sheds: boolean; puppyChange: boolean },
): string =>
  listed(
    CAUSES.filter(
      (c) =>
        !causes.some((held) => held.cause === c) &&
        (c !== 'shed' || coat.sheds) &&
        (c !== 'puppy' || coat.puppyChange),
    ).map((c) => CAUSE_WORDS[c]),
  )
