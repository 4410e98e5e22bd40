import { dayAndMonth } from '#core/record/say-day'
import { placeRow } from '#core/coat/regions'
import { LASTS } from '#core/learn/drift'
import type { Day } from '#core/record/day'
import type { Drift, Group, PlaceScore } from '#core/record/score'
import type { Score } from '#core/record/score-sums'
import { capital, inOdds, plural } from './numbers'

/** Fewer combings than these tell nothing of how right it was (judgement). */
export const LEAST_CHECKS = 60

/** A chance that is out by less than this is not worth a word, however sure it is (judgement). */
const WORTH_A_WORD = 0.03

/** The group it was furthest out at, where what was found lies outside what is likely of what was said. */
export function furthestOut(groups: readonly Group[]): Group | null {
  const out = groups.filter(
    (g) => (g.said < g.likely[0] || g.said > g.likely[1]) && Math.abs(g.said - g.share) >= WORTH_A_WORD,
  )
  const by = (g: Group) => Math.abs(Math.log((g.said + 0.01) / (g.share + 0.01)))
  return out.sort((a, b) => by(b) - by(a))[0] ?? null
}

/** How right it was in one sentence, honest where it was not, and where it is too early. */
export function sayScore(score: Score | null, groups: readonly Group[]): { lead: string; rest: string } {
  if (!score || score.checks < LEAST_CHECKS)
    return {
      lead: 'Too early to hold it to its word',
      rest: score
        ? `${capital(plural(score.checks, 'combing'))} of a place it had said something of; it takes ${LEAST_CHECKS}.`
        : 'It is held to what was found once places have been combed twice.',
    }
  const of = `${score.checks} combings of a place, against what was said just before`
  const out = furthestOut(groups)
  if (!out) return { lead: 'What it said is what was found', rest: `${of}.` }
  const calm = out.share > out.said
  return {
    lead: `It said ${inOdds(out.said)} where ${inOdds(out.share)} caught: ${calm ? 'too calm' : 'too worried'} there`,
    rest: `${of}. ${calm ? 'It has been told to expect more' : 'It has been told to expect less'}.`,
  }
}

/** Whether knowing this dog was worth anything, against what coats like it alone would have said. */
export function sayWorth({ brier }: Score, name: string): string {
  const gain = 1 - brier.said / brier.like
  const hundred = Math.round(Math.abs(gain) * 100)
  if (hundred < 1) return `Knowing ${name} makes no difference yet: coats like it would have said as much.`
  return gain > 0
    ? `Knowing ${name} it was ${hundred} in 100 less wrong than coats like it alone.`
    : `Coats like it alone would have been ${hundred} in 100 less wrong: what was learned of ${name} has yet to settle.`
}

/** The eight in ten of a day's count, and how often it held. */
export const sayHeld = ({ held, sittings }: Score): string =>
  `Of a day’s count it says where it likely lies, eight times in ten: over ${plural(sittings, 'day')} it held ${Math.round(held * 10)} in 10.`

/** What would tell, where more comes than was said, and where less. */
const ASK = {
  more: 'Is something new: a harness, a jumper, a brush, swims, the coat changing?',
  less: 'Is something gone, or does another hand comb now?',
}
/** What to ask once a forecast has left what is found. */
export const sayDrift = ({ on, more }: Drift): { lead: string; rest: string } => ({
  lead: `Since ${dayAndMonth(on)} ${more ? 'more' : 'less'} is found than it says.`,
  rest: more ? ASK.more : ASK.less,
})
/** What was done once a dog was taken to have become another, and what to ask. */
export const sayChanged = ({ on, times }: { on: Day; times: number }): { lead: string; rest: string } => ({
  lead: `By ${dayAndMonth(on)} ${inTimes(times)} had come as it had said.`,
  rest: `Luck does that once in ${LASTS} days of combing, so it says that much now, and what was found before counts less. ${times > 1 ? ASK.more : ASK.less}`,
})
const inTimes = (times: number) =>
  times > 0.45 && times < 0.55 ? 'half as many' : `${times.toFixed(1)} times as many`

const count = (n: number) => (n < 0.95 ? Number(n.toFixed(1)) : Math.round(n))
/** One kind of place: what was said there in all, and what was found. */
export function sayPlace({ place, checks, said, found, likely }: PlaceScore): {
  place: string
  says: string
} {
  const way = found > likely[1] ? ', more than likely' : found < likely[0] ? ', fewer than likely' : ''
  return {
    place: placeRow(place).plural,
    says: `said ${count(said)} in ${plural(checks, 'combing')}, found ${found}${way}`,
  }
}

const comb = (s: Score) =>
  `${s.checks} combings of a place, said ${Math.round(s.said)} knots, found ${s.found}`
/** Dogs in one sentence. @param who they are, as “The household’s two dogs together” */
export const sayTogether = (s: Score, who: string): string =>
  `${who}: ${comb(s)}; coats like theirs would have said ${Math.round(s.like)}. Eight in ten held ${Math.round(10 * s.held)} in 10.`
/** One dog's, for its groomer; null while it is too early. */
export const sayRight = (s: Score | null): string | null =>
  s && s.checks >= LEAST_CHECKS ? `At home, held to its word: ${comb(s)}.` : null
