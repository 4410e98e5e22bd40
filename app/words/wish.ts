import type { Price } from '#core/plan/keeping'
import type { StandingWish } from '#core/record/wishes'
import { answeredOtherwise, whereLabel } from '#core/record/wishes'
import { countWord, inOdds, listed, plural } from './numbers'

/** Minutes a week, never nothing where there are some. */
export const sayMinutes = (minutes: number): string =>
  minutes < 0.05 ? '0' : minutes < 1 ? 'under 1' : String(Math.round(minutes))
export const sayClear = (clear: number): string => (clear >= 0.95 ? 'almost always' : inOdds(clear))
/** How long a length lasts before a mat is likelier than not. */
export const sayLasts = ({ runsOut }: Pick<Price, 'runsOut'>): string =>
  runsOut === null ? 'over 84 days' : `${runsOut} days`

/** "3 minutes a week less", "as before". */
export function sayMore(more: number): string {
  const n = Math.round(more)
  return n === 0 ? 'as last time' : `${plural(Math.abs(n), 'minute')} a week ${n > 0 ? 'more' : 'less'}`
}

/** How the wish stands, as the head of its page. */
export function sayStanding(wish: StandingWish | null, groomer: string): string {
  if (!wish) return `What you would like of ${groomer}`
  if (!wish.answer) return `Asked of ${groomer}`
  const { from, lines } = wish.answer
  if (!answeredOtherwise(wish)) return `${from} will do all of it`
  const counts = { will: 0, rather: 0, not: 0 }
  for (const l of lines) counts[l.how] += 1
  if (wish.taken) return `Agreed with ${from}`
  const otherwise = listed([
    ...(counts.rather ? [`cut ${countWord(counts.rather)} otherwise`] : []),
    ...(counts.not ? [`leave ${countWord(counts.not)}`] : []),
  ])
  return counts.will
    ? `${from} will do ${countWord(counts.will)}, and would ${otherwise}`
    : `${from} would ${otherwise}`
}

/** What taking the answer takes: "legs and tail". */
export const sayTaken = (wish: StandingWish): string =>
  listed(
    (wish.answer?.lines ?? [])
      .filter((l) => l.how !== 'will')
      .map((l) => whereLabel(l).toLowerCase().split(' and ')[0]!),
  )
