import { distance, inside, norm } from '../geometry'
import type { Pt } from '../geometry'
import type { Rehearsal } from './panel'

/** A person's marks on a drawing: each a scribble, or a single press. */
export type Marks = readonly (readonly Pt[])[]
export interface Judged {
  words: string
  why: string
  /** Every shape of it was marked; or so many of them were left open. */
  kept: boolean
  /** Shapes that were left open. */
  open: Pt[][]
}

/** How near a mark has to come to a line to lie on it, of the drawing's longer side (judgement). */
const NEAR = 0.035
/** How far off a person may be in pointing the way hair lies: within 45 degrees (judgement). */
const LIE_WITHIN = Math.cos(Math.PI / 4)

const touched = (shape: readonly Pt[], marks: Marks) => marks.some((m) => m.some((p) => inside(p, shape)))

/** Where no blade may go: what was kept off, and what was left open. A shape is kept off by one mark on it. */
export const judgeOff = ({ off }: Pick<Rehearsal, 'off'>, marks: Marks): Judged[] =>
  off.map(({ words, why, shapes }) => {
    const open = shapes.filter((s) => !touched(s, marks))
    return { words, why, kept: !open.length, open }
  })

/** Where it may go, and was kept off all the same: no harm, and worth a word. */
export const judgeMay = (
  { may }: Pick<Rehearsal, 'may'>,
  marks: Marks,
  side: number,
): { words: string; why: string; marked: boolean }[] =>
  may.map(({ words, why, line }) => ({
    words,
    why,
    marked: marks.some((m) => m.some((p) => line.some((q) => distance(p, q) < side * NEAR))),
  }))

/** Whether a way that was shown is the way the hair lies there. */
export const judgeLie = (way: Pt, shown: Pt): boolean => {
  const [a, b] = [norm(way), norm(shown)]
  return a[0] * b[0] + a[1] * b[1] >= LIE_WITHIN
}
