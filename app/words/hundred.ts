import type { HowMany } from '#core/record/odds'

/** Chances as whole numbers of a hundred that add up to it. */
export function inHundred(odds: HowMany): [number, number, number] {
  const whole = odds.map((c) => Math.floor(c * 100))
  const order = [0, 1, 2].sort((a, b) => odds[b]! * 100 - whole[b]! - (odds[a]! * 100 - whole[a]!))
  for (let i = 0, left = 100 - whole.reduce((s, c) => s + c, 0); left > 0; left--, i++)
    whole[order[i % 3]!]! += 1
  return whole as [number, number, number]
}

/** A change as a person says it: mats to a tenth, minutes whole, or none to speak of. */
export function sayChange(by: number, unit: 'mats' | 'min'): string {
  const size = unit === 'mats' ? Math.abs(by).toFixed(1) : String(Math.round(Math.abs(by)))
  if (Number(size) === 0) return unit === 'mats' ? 'no more mats' : 'no more minutes'
  return `${by < 0 ? '−' : '+'}${size} ${unit}`
}
