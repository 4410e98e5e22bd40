import type { FactOf } from '#core/record/entries'

/** What was found at a place and how it ended, in a few words: "two knots, came out". */
export function sayFound(c: FactOf<'check'>): string {
  const { finding, count = 1, out = 0, decided } = c
  if (decided?.why === 'sore') return 'sore skin, for the vet'
  if (finding === 'glides' || finding === 'rasps' || finding === 'refused' || finding === 'felt')
    return finding
  const what = count > 1 ? `${count} ${finding}s` : finding
  if (out >= count) return finding === 'snag' ? what : `${what}, came out`
  if (decided?.answer === 'condition') return `${what}, for the next wash`
  return finding === 'snag' && !decided ? what : `${what}, left in`
}
