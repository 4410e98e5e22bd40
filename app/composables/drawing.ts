import type { SheetId } from '#drawing/boxes'
import type { Drawing } from '#drawing/plan'
import { hire } from '~/workers/hire'
import type { DrawnPart, StrokeWork } from '~/workers/strokes.worker'

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

const drawer = hire<StrokeWork>(
  () => new Worker(new URL('../workers/strokes.worker.ts', import.meta.url), { type: 'module' }),
)

/**
 * A drawing and its hair, drawn again when the sheet or a state changes. Both are null until they
 * come; the geometry comes first, so that places can be pressed before the hair is there, and though
 * it never comes: then `failed` says so.
 */
export function useDrawing(sheet: () => SheetId, states: () => Record<string, number>, detail: () => number) {
  const drawing = shallowRef<Drawing | null>(null)
  const parts = shallowRef<DrawnPart[] | null>(null)
  const failed = ref(false)
  let turn = 0
  let shown: SheetId | undefined
  async function draw(id: SheetId) {
    const mine = ++turn
    failed.value = false
    if (shown !== id) drawing.value = parts.value = null
    shown = id
    const request = { sheet: id, detail: detail(), states: { ...states() } }
    const strokes = drawer.ask((w) => w.strokes(request)).catch(() => null)
    const loaded = await loadSheet(id).catch(() => null)
    if (mine !== turn) return
    drawing.value = loaded
    const drawn = await strokes
    if (mine !== turn) return
    parts.value = drawn
    failed.value = !loaded || !drawn
  }
  watch([sheet, states, detail], ([id]) => void (import.meta.client && draw(id)), {
    immediate: true,
    deep: true,
  })
  return { drawing, parts, failed, again: () => draw(sheet()) }
}
