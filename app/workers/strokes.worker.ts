import { expose } from 'comlink'
import { farState } from '#drawing/states'
import type { Drawing, Part } from '#drawing/plan'
import { contourOf, strokesOf } from '#drawing/strokes'
import type { Strokes } from '#drawing/strokes'

/** Makes the hair of a drawing away from the page, and remembers each patch in each state. */
export interface StrokeRequest {
  sheet: string
  detail: number
  /** State by patch name; a patch without one lies open. */
  states: Record<string, number>
}
export interface DrawnPart {
  patches: (Strokes & { name: string; state: number })[]
  line: string
  tufts: string
}

const sheets = new Map<string, Promise<Drawing>>()
const patches = new Map<string, Strokes>()
const contours = new Map<string, { line: string; tufts: string }>()

function remember<T>(store: Map<string, T>, key: string, make: () => T): T {
  let found = store.get(key)
  if (found === undefined) store.set(key, (found = make()))
  return found
}

function drawn(part: Part, { sheet, detail, states }: StrokeRequest): DrawnPart {
  const key = `${sheet}/${part.name}/${detail}`
  return {
    ...remember(contours, key, () => contourOf(part, detail)),
    patches: part.patches.map((patch) => {
      const state = part.far ? farState(states) : (states[patch.name] ?? 0)
      const strokes = remember(patches, `${key}/${patch.name}/${state}`, () =>
        strokesOf(part, patch, state, detail),
      )
      return { name: patch.name, state, ...strokes }
    }),
  }
}

const sheetOf = (id: string) =>
  remember(sheets, id, async () => (await (await fetch(`/coat-map/${id}.json`)).json()) as Drawing)

const work = {
  /** One for each layer of the drawing that is a part. @throws Error where they could not be drawn */
  async strokes(request: StrokeRequest): Promise<DrawnPart[]> {
    try {
      const drawing = await sheetOf(request.sheet)
      return drawing.layers.flatMap((l) => ('part' in l ? [drawn(l.part, request)] : []))
    } catch (error) {
      // Asked again it may be there: what failed is not remembered.
      sheets.delete(request.sheet)
      throw error
    }
  },
}
export type StrokeWork = typeof work
expose(work)
