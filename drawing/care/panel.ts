import type { DangerId } from '../../core/care/tidies/dangers'
import type { SheetId } from '../boxes'
import type { Pt } from '../geometry'

/** Ground and ink of a care drawing, by what it stands for. */
export type Tone = 'ink' | 'coat' | 'skin' | 'pad' | 'paper' | 'dark' | 'iris' | 'glint'
export interface Ink {
  d: string
  tone: Tone
  opacity: number
}
/** What a number on the drawing points at, and its words; read aloud in this order. */
export interface CareKey {
  kind: 'danger' | 'trim' | 'look'
  at: Pt[]
  /** Where the number of each point stands, so that it hides neither a sign nor another number. */
  badges: Pt[]
  words: string
}
/** Radius of a number, of the drawing's longer side. */
export const DOT = 0.024
/**
 * A care drawing: ink, and over it the three signs. Closed hatch: a danger place, never a blade there.
 * Dashes: trim here. Barred line: stop, with ticks on the side to stay off.
 */
export interface CarePanel {
  title: string
  box: [x: number, y: number, width: number, height: number]
  /** Drawn over the dog's own coat map sheet, in its coordinates. */
  over?: SheetId
  inks: Ink[]
  dangers: { id: DangerId; d: string }[]
  trims: string[]
  stops: string[]
  arrows: string[]
  keys: CareKey[]
  /** Middles of the dog's own places that show on it, by region, for its standing marks. */
  places?: Record<string, Pt>
  /** What can be asked of it with its signs taken off. */
  asks?: Rehearsal
}

/** What a person is asked on paper before they cut there. */
export interface Rehearsal {
  /** Where no blade may go, every shape of it, and why. */
  off: { id: DangerId; words: string; why: string; shapes: Pt[][] }[]
  /** Where it may. */
  may: { words: string; why: string; line: Pt[] }[]
  /** Where the lie is asked, which way it runs, and why it matters. */
  lies: { at: Pt; way: Pt; words: string }[]
  /** Where a finger could go; one of them is right. */
  fingers: { at: Pt; right: boolean; words: string }[]
}
