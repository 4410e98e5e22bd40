import type { BuildId } from '../../drawing/builds'
import { sheet } from '../../drawing/index'
import { inkOf } from '../../drawing/picture'
import type { Drawing } from '../../drawing/plan'

export interface PictureAsked {
  build: BuildId
  /** By patch name, how densely each is drawn, 0 to 4. */
  states: Record<string, number>
}
const sheets = new Map<BuildId, Drawing>()

/** Draws a dog with its hair, for a thread of its own. */
export default function draw({ build, states }: PictureAsked): string {
  let drawing = sheets.get(build)
  if (!drawing) sheets.set(build, (drawing = sheet(build)))
  return inkOf(drawing, states)
}
