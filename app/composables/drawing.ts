import type { SheetId } from '#drawing/boxes'
import type { Drawing } from '#drawing/plan'
import type { DrawnPart, StrokeAnswer, StrokeRequest } from '~/workers/strokes.worker'

const sheets = new Map<string, Promise<Drawing>>()
function loadSheet(id: SheetId): Promise<Drawing> {
  let sheet = sheets.get(id)
  if (!sheet) {
    sheet = $fetch<Drawing>(`/coat-map/${id}.json`, { responseType: 'json' })
    sheet.catch(() => sheets.delete(id))
    sheets.set(id, sheet)
  }
  return sheet
}

/** A drawing's geometry alone; null until it comes. */
export function useSheet(sheet: () => SheetId) {
  const drawing = shallowRef<Drawing | null>(null)
  watch(
    sheet,
    async (id) => {
      if (import.meta.server) return
      drawing.value = null
      const loaded = await loadSheet(id).catch(() => null)
      if (sheet() === id) drawing.value = loaded
    },
    { immediate: true },
  )
  return drawing
}

let worker: Worker | undefined
let last = 0
const asked = new Map<number, (parts: DrawnPart[]) => void>()
function askForStrokes(request: Omit<StrokeRequest, 'n'>): Promise<DrawnPart[]> {
  if (!worker) {
    worker = new Worker(new URL('../workers/strokes.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<StrokeAnswer>) => {
      asked.get(data.n)?.(data.parts)
      asked.delete(data.n)
    }
  }
  const n = ++last
  return new Promise((resolve) => {
    asked.set(n, resolve)
    worker!.postMessage({ n, ...request } satisfies StrokeRequest)
  })
}

/**
 * A drawing and its hair, drawn again when the sheet or a state changes. Both are null until they
 * come; the geometry comes first, so that places can be pressed before the hair is there.
 */
export function useDrawing(sheet: () => SheetId, states: () => Record<string, number>, detail: () => number) {
  const drawing = shallowRef<Drawing | null>(null)
  const parts = shallowRef<DrawnPart[] | null>(null)
  let turn = 0
  watch(
    [sheet, states, detail],
    async ([id, shades, fine], before) => {
      if (import.meta.server) return
      const mine = ++turn
      if (before[0] !== undefined && before[0] !== id) drawing.value = parts.value = null
      const [loaded, strokes] = await Promise.all([
        loadSheet(id),
        askForStrokes({ sheet: id, detail: fine, states: { ...shades } }),
      ]).catch(() => [null, null] as const)
      if (mine !== turn || !loaded) return
      drawing.value = loaded
      parts.value = strokes
    },
    { immediate: true, deep: true },
  )
  return { drawing, parts }
}
