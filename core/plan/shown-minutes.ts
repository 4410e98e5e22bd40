import type { PlanItem } from './today-places'

/**
 * The items' minutes in halves that add up to the nearest half of their sum, each at least a half:
 * what a list shows, so that its figures agree with its total.
 */
export function shownMinutes(items: readonly Pick<PlanItem, 'minutes'>[]): number[] {
  const shown = items.map((i) => Math.max(0.5, Math.floor(i.minutes * 2) / 2))
  const total = items.reduce((sum, i) => sum + i.minutes, 0)
  const byRemainder = items
    .map((item, i) => ({ i, over: item.minutes - (shown[i] ?? 0) }))
    .sort((a, b) => b.over - a.over)
  let short = Math.round((total - shown.reduce((sum, m) => sum + m, 0)) * 2)
  for (const { i } of byRemainder) {
    if (short <= 0) break
    shown[i] = (shown[i] ?? 0) + 0.5
    short -= 1
  }
  return shown
}
