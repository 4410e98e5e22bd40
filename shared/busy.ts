/** A stretch of a day, minutes from its midnight: from, to. */
export type Span = [from: number, to: number]
export const DAY_MINUTES = 24 * 60

/** Shorter than this between two bookings nothing can be done, minutes (judgement). */
const LEAST_GAP = 20

/** What of a day is taken, one thing after another; what overlaps is one. */
function taken(spans: readonly Span[]): Span[] {
  const out: Span[] = []
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    const last = out.at(-1)
    if (last && from <= last[1]) last[1] = Math.max(last[1], to)
    else out.push([from, to])
  }
  return out
}
const long = (spans: readonly Span[]) => spans.reduce((sum, [from, to]) => sum + to - from, 0)

/** A day's bookings as minutes: how many are taken, and what lies free between them. */
export function dayTaken(spans: readonly Span[]): { booked: number; gaps: Span[]; free: number } {
  const busy = taken(spans)
  const gaps = busy.flatMap(([from], i): Span[] => {
    const before = busy[i - 1]
    return before && from - before[1] >= LEAST_GAP ? [[before[1], from]] : []
  })
  return { booked: long(busy), gaps, free: long(gaps) }
}
/** "11:40 to 12:30". */
export const saySpan = (span: Span): string =>
  span.map((m) => `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`).join(' to ')
