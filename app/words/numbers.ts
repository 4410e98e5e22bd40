export { listed } from '#core/record/say-list'
/** Numbers as a person says them. */

/** Chances as odds a person can hold: "1 in 3", "4 in 10", "almost certain". */
export function inOdds(chance: number): string {
  if (chance < 0.001) return 'next to none'
  if (chance < 0.02) return `1 in ${Math.round(1 / chance / 10) * 10}`
  if (chance < 0.28) return `1 in ${Math.round(1 / chance)}`
  if (chance < 0.36) return '1 in 3'
  if (chance < 0.95) return `${Math.round(chance * 10)} in 10`
  return 'almost certain'
}

/** Whole minutes, never less than one. */
export const wholeMinutes = (minutes: number) => Math.max(1, Math.round(minutes))

/** Minutes in halves: ½, 1, 1½. */
export const inHalves = (minutes: number) =>
  `${Math.floor(minutes) || ''}${minutes % 1 >= 0.5 ? '½' : ''}` || '0'

const SMALL = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]
export const countWord = (n: number) => SMALL[n] ?? String(n)
export const plural = (n: number, one: string, many = `${one}s`) => `${countWord(n)} ${n === 1 ? one : many}`
export const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)

/** A session's length in the words of its clock, 0:38. */
export const clock = (ms: number) => {
  const s = Math.max(0, Math.floor(ms / 1000))
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`
}
