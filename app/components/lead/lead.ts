import { hair, noise, ribbon, seeded, shape } from '#drawing/ink'
import type { Pt } from '#drawing/geometry'

/**
 * The lead: the stretch as one line of laid hair from the last visit to the next, thicker and rougher
 * where the chance of a mat builds.
 */
export interface LeadShape {
  body: string
  edges: string
  past: string
  ahead: string
  tint: string
  x: (day: number) => number
  half: (day: number) => number
}

/** From this many places on a session is a comb-through, not a round (judgement). */
export const FULL_FROM = 15

/** How far the lead has swollen, 0 to 1, at a chance: a mat one time in six shows, as it should. */
export const swell = (chance: number) => Math.pow(Math.max(0, Math.min(1, chance)), 0.7)

/**
 * @param chances chance of a mat on each day, first to last
 * @param upTo days from the first that have been; what comes after is drawn paler
 */
export function leadShape(
  chances: readonly number[],
  upTo: number,
  { x0, x1, y, thin, thick }: { x0: number; x1: number; y: number; thin: number; thick: number },
): LeadShape {
  const days = Math.max(1, chances.length - 1)
  const x = (day: number) => x0 + ((x1 - x0) * day) / days
  const risk = (day: number) => {
    const i = Math.max(0, Math.min(days, Math.floor(day)))
    const a = chances[i] ?? 0
    return a + ((chances[Math.min(days, i + 1)] ?? a) - a) * (day - i)
  }
  const half = (day: number) => (thin + (thick - thin) * swell(risk(day))) / 2
  const random = seeded(4)
  const middle = (day: number) => y + 0.8 * noise(day / 4, 1, 3)
  const upper: Pt[] = []
  const lower: Pt[] = []
  const steps = Math.min(600, Math.max(40, Math.round((x1 - x0) / 4)))
  for (let i = 0; i <= steps; i++) {
    const day = (i / steps) * days
    const rough = 0.3 + 1.6 * swell(risk(day))
    upper.push([x(day), middle(day) - half(day) - rough * (0.4 + 0.6 * noise(day * 2.3, 2, 4))])
    lower.push([x(day), middle(day) + half(day) + rough * (0.4 + 0.6 * noise(day * 2.3, 7, 4))])
  }
  const out = { past: '', ahead: '', tint: '' }
  const stride = Math.max(2, (x1 - x0) / 420)
  for (let at = x0; at < x1; at += stride) {
    const day = ((at - x0) / (x1 - x0)) * days
    const k = swell(risk(day))
    const h = half(day) * 2
    const strands = Math.max(1, Math.round((h / 3.4) * (0.5 + 0.7 * k)))
    for (let j = 0; j < strands; j++) {
      if (random() > 0.62) continue
      const py = middle(day) + (random() - 0.5) * 0.9 * h
      const length = (8 + 12 * random()) * Math.min(1.2, 0.6 + h / 22)
      const crossing = k > 0.3 && random() < (k - 0.25) * 1.4
      const angle = crossing ? (random() < 0.5 ? -1 : 1) * (0.35 + 0.6 * random()) : (random() - 0.5) * 0.1
      const dx = (Math.cos(angle) * length) / 2
      const dy = Math.sin(angle) * Math.min(length / 2, h * 0.44)
      const left = Math.max(x0, at - dx)
      const d = hair(
        [left, py - dy],
        [at, py + (random() - 0.5) * 1.5],
        [Math.min(x1, at + dx), py + dy],
        0.8 + 0.6 * k,
      )
      if (day > upTo) out.ahead += d
      else out.past += d
    }
    if (k > 0.3 && random() < k - 0.2)
      out.tint += hair([Math.max(x0, at - 9), y], [at, y + 1], [Math.min(x1, at + 9), y], 4 + 3 * k)
  }
  const edge = (pts: Pt[]) => ribbon(pts, (t) => 0.6 + 0.9 * Math.min(1, risk(t * days)))
  return {
    body: shape([...upper, ...[...lower].reverse()]),
    edges: edge(upper) + edge(lower),
    ...out,
    x,
    half,
  }
}
