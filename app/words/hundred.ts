import type { HowMany } from '#core/record/odds'

/** Chances as whole numbers of a hundred that add up to it. */
export function inHundred(odds: HowMany): [number, number, number] {
  const whole = odds.map((c) => Math.floor(c * 100))
  const order = [0, 1, 2].sort((a, b) => odds[b]! * 100 - whole[b]! - (odds[a]! * 100 - whole[a]!))
  for (let i = 0, left = 100 - whole.reduce((s, c) => s + c, 0); left > 0; left--, i++)
    whole[order[i % 3]!]! += 1
  return whole as [number, number, number]
}

/** Mats on average that a change may cost and still cost none, as they are said. */
const NO_MATS = 0.005

/** What a change costs as a person says it: mats to a tenth, minutes whole. */
export function sayCost(mats: number, minutes: number): string {
  const signed = (by: number, size: string, unit: string) =>
    Number(size) ? `${by < 0 ? '−' : '+'}${size} ${unit}` : null
  const noMats = Math.abs(mats) < NO_MATS
  const wholeMinutes = Math.round(Math.abs(minutes))
  if (noMats && !wholeMinutes) return 'costs nothing'
  const few = noMats ? 'no more mats' : `hardly ${mats < 0 ? 'fewer' : 'more'} mats`
  return [
    signed(mats, Math.abs(mats).toFixed(1), 'mats') ?? few,
    signed(minutes, String(wholeMinutes), 'min') ?? 'no more min',
  ].join(', ')
}

/**
 * How near a plan is to the best there is.
 * @param gap share of its cost; null for one that asks more than the days have, undefined while it is weighed
 * @param own the owner has changed it
 */
export function sayGap(gap: number | null | undefined, own: boolean): string {
  if (gap === undefined) return 'Weighing your plan'
  if (gap === null) return 'Yours: it asks more than a day has'
  const near =
    gap === 0 ? 'the best plan there is' : `within ${Math.ceil(gap * 100)} % of the best plan there is`
  return own ? `Yours: ${near}` : near.charAt(0).toUpperCase() + near.slice(1)
}
