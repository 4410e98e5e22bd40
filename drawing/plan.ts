import { runPast, split, spline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import type { Arrow } from './lie'

export type { Arrow }
export type Landmarks = Record<string, readonly [x: number, y: number, coat: number]>
/** [piece to cut, name on the left of travel, name on the right, line]. */
export type CutLine = readonly [string, string, string, readonly (readonly [number, number])[]]

/** A region of a part: what it is called on the map, its polygon, and how long its hair is drawn, px. */
export interface Patch {
  name: string
  poly: Pt[]
  hair: number
  /** Where a number or a pointer stands, of a drawing made to be sent. */
  middle?: Pt
}

/** A part of the dog, painted over those before it. */
export interface Part {
  name: string
  /** Its whole edge, with how long the coat stands at each point. */
  edge: CoatPt[]
  patches: Patch[]
  arrows: Arrow[]
  wave: number
  /** Paper left round it, so that it parts from what lies behind, px. */
  halo: 'paper' | 'coat' | null
  haloWidth: number
  far: boolean
  /** Where no hair begins: an ear over the cheek, an eye. */
  hidden: Pt[][]
  /** Lines along which the hair is inked heavier. */
  creases: Pt[][]
  lineWidth: number
  /** Heights on the page between which the edge has no ink line, px. */
  bare: readonly (readonly [from: number, to: number])[]
  seed: number
}

/** Ready-made ink laid over the parts before it: eyes, nose, mouth, toes. */
export interface Mark {
  tone: 'ink' | 'dark' | 'gloss' | 'iris' | 'glint' | 'pad'
  opacity: number
  d: string
}

export interface Drawing {
  box: [x: number, y: number, width: number, height: number]
  layers: ({ part: Part } | { marks: Mark[] })[]
}

/** Cuts a part's edge into named pieces. @throws Error naming the cut that misses. */
export function cutUp(
  edge: readonly CoatPt[],
  cuts: readonly CutLine[],
  place: (p: readonly [number, number]) => Pt,
): Map<string, Pt[]> {
  const pieces = new Map<string, Pt[]>([['all', edge.map((p): Pt => [p[0], p[1]])]])
  for (const [from, left, right, line] of cuts) {
    const poly = pieces.get(from)
    if (!poly) throw new Error(`No piece called ${from} to cut.`)
    const smooth = spline(
      line.map((p): CoatPt => [...place(p), 0]),
      false,
      4,
    ).map((p): Pt => [p[0], p[1]])
    let halves: [Pt[], Pt[]]
    try {
      halves = split(poly, runPast(smooth, poly))
    } catch (error) {
      throw new Error(`The cut of ${from} into ${left} and ${right} misses.`, { cause: error })
    }
    pieces.delete(from)
    pieces.set(left, halves[0])
    pieces.set(right, halves[1])
  }
  return pieces
}

/** A part with the usual habits, but for what is said. */
export function partOf(
  name: string,
  edge: CoatPt[],
  patches: Patch[],
  arrows: Arrow[],
  more: Partial<Part> = {},
): Part {
  return {
    name,
    edge,
    patches,
    arrows,
    wave: 0.22,
    halo: null,
    haloWidth: 5,
    far: false,
    hidden: [],
    creases: [],
    lineWidth: 1,
    bare: [],
    seed: [...name].reduce((s, c) => (s * 31 + c.charCodeAt(0)) >>> 0, 7),
    ...more,
  }
}
