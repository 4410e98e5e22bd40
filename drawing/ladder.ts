import { isTool } from '../core/care/handling/ladders'
import type { HandledId } from '../core/care/handling/ladders'
import type { PlaceId } from '../core/coat/regions'
import type { LearntToolId } from '../core/record/ladders'
import type { Pt } from './geometry'
import type { ToolShapeId } from './hand'

/** One step of a ladder as it is drawn: where on the dog, how far off, with what, and whether it is heard. */
export interface LadderStep {
  at: PlaceId
  /** From the place to what comes to it, as hands are drawn: 0 on it, 74 a hand's breadth, 170 an arm's length. */
  gap: number
  tool?: ToolShapeId
  /** The hand lies on the dog and the tool comes to the hand. */
  overHand?: true
  sound?: true
  /** Strokes along the lie. */
  strokes?: 1 | 3 | 5
  /** A point of the drawing of the head, and the way the hand comes to it, where a place says too little. */
  on?: { point: Pt; way: Pt }
}
/** On the drawing of the head: at the nose from below, at the side of the mouth, and about the eye from below it. */
const NOSE = { point: [331, 362], way: [0, -1] } as const
const MOUTH = { point: [304, 392], way: [1, -0.12] } as const
const CHEEK = { point: [240, 312], way: [0.9, -0.44] } as const
const UNDER_EYE = { point: [280, 296], way: [0.45, -0.89] } as const
const CORNER = { point: [297, 276], way: [0.5, -0.87] } as const
const at = ({ point, way }: { point: readonly [number, number]; way: readonly [number, number] }) => ({
  at: 'muzzle' as const,
  on: { point: [...point] as Pt, way: [...way] as Pt },
})
/** With the fingertip at the point. */
const TIP = 36
const NEAR = 74
const ARM = 150
const FAR = 230

const ofPlace = (at: PlaceId): readonly LadderStep[] => [
  { at, gap: NEAR },
  { at, gap: 0 },
  { at, gap: 0 },
  { at, gap: 0, tool: 'brush' },
  { at, gap: 0, tool: 'brush', strokes: 1 },
  { at, gap: 0, tool: 'brush', strokes: 3 },
  { at, gap: 0, tool: 'brush', strokes: 5 },
]
const sniff = (tool: ToolShapeId): LadderStep => ({ ...at(NOSE), gap: NEAR, tool })
const stroked = (tool: 'brush' | 'comb'): readonly LadderStep[] => [
  sniff(tool),
  { at: 'shoulders', gap: 0, tool },
  { at: 'shoulders', gap: 0, tool, strokes: 1 },
  { at: 'shoulders', gap: 0, tool, strokes: 3 },
  { at: 'side', gap: 0, tool, strokes: 3 },
  { at: 'side', gap: 0, tool, strokes: 5 },
]
const OF_TOOL: Record<LearntToolId, readonly LadderStep[]> = {
  brush: stroked('brush'),
  comb: stroked('comb'),
  scissors: [
    // Laid across under the nose: no point towards the dog, closed or not.
    { at: 'muzzle', gap: 0, tool: 'scissors', on: { point: [331, 388], way: [1, 0] } },
    { at: 'forefoot', gap: NEAR, tool: 'scissors' },
    { at: 'forefoot', gap: ARM, tool: 'scissors', sound: true },
    { at: 'forefoot', gap: NEAR, tool: 'scissors', sound: true },
    { at: 'forefoot', gap: 0, tool: 'scissors' },
    { at: 'forefoot', gap: 34, tool: 'scissors', sound: true },
    { at: 'forefoot', gap: 10, tool: 'scissors', strokes: 1 },
  ],
  clipper: [
    sniff('clipper'),
    { at: 'shoulders', gap: 0, tool: 'clipper' },
    { at: 'shoulders', gap: FAR, tool: 'clipper', sound: true },
    { at: 'shoulders', gap: ARM, tool: 'clipper', sound: true },
    { at: 'shoulders', gap: 0, tool: 'clipper', overHand: true, sound: true },
    { at: 'shoulders', gap: 0, tool: 'clipper', sound: true },
    { at: 'shoulders', gap: 0, tool: 'clipper', sound: true, strokes: 1 },
  ],
  dryer: [
    sniff('dryer'),
    { at: 'rump', gap: 0, tool: 'dryer' },
    { at: 'rump', gap: FAR, tool: 'dryer', sound: true },
    { at: 'rump', gap: FAR - 30, tool: 'dryer', sound: true },
    { at: 'rump', gap: ARM, tool: 'dryer', sound: true },
    { at: 'rump', gap: 60, tool: 'dryer', overHand: true, sound: true },
    { at: 'rump', gap: 60, tool: 'dryer', sound: true, strokes: 1 },
  ],
  'nail-tool': [
    sniff('nail-tool'),
    { at: 'forefoot', gap: 0, tool: 'nail-tool' },
    { at: 'forefoot', gap: 12, tool: 'nail-tool' },
    { at: 'forefoot', gap: NEAR, tool: 'nail-tool', sound: true },
    { at: 'forefoot', gap: 20, tool: 'nail-tool' },
    { at: 'forefoot', gap: 20, tool: 'nail-tool', strokes: 1 },
    { at: 'forefoot', gap: 20, tool: 'nail-tool', strokes: 3 },
  ],
  toothbrush: [
    { ...at(NOSE), gap: TIP + 12 },
    { ...at(MOUTH), gap: TIP },
    { ...at(NOSE), gap: TIP + 34, tool: 'toothbrush' },
    { ...at(MOUTH), gap: 44, tool: 'toothbrush' },
    { ...at(MOUTH), gap: 36, tool: 'toothbrush' },
    { ...at(MOUTH), gap: 28, tool: 'toothbrush' },
  ],
  'eye-finger': [
    { ...at(CHEEK), gap: 10 },
    { ...at(UNDER_EYE), gap: TIP },
    { ...at(CORNER), gap: TIP },
    { ...at(CORNER), gap: TIP },
    { ...at(CORNER), gap: 44, tool: 'cloth' },
    { ...at(CORNER), gap: 50, tool: 'comb' },
    { ...at(CORNER), gap: 44, tool: 'comb' },
  ],
}
/** How a step of a ladder is drawn; the table has drawings of its own. */
export const ladderStep = (id: Exclude<HandledId, 'table'>, step: number): LadderStep => {
  const all = isTool(id) ? OF_TOOL[id] : ofPlace(id)
  return all[Math.min(step, all.length - 1)]!
}
