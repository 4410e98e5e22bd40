import type { Entry, Fact } from './entries'
import { madeAt, timeline } from './timeline'

/** An entry as the diary shows it: what holds now, and what was said before. */
export interface DiaryLine {
  id: string
  day: string
  time: string | undefined
  /** What holds; null once it was taken back. */
  what: Fact | null
  /** What it said before, first to last; the one that holds is not among them. */
  earlier: Fact[]
}

const compare = (a: string, b: string) => (a < b ? 1 : a > b ? -1 : 0)
const newestFirst = (a: DiaryLine, b: DiaryLine) =>
  compare(a.day, b.day) || compare(a.time ?? '', b.time ?? '') || compare(a.id, b.id)
const same = (a: Fact | null, b: Fact | null | undefined) => JSON.stringify(a) === JSON.stringify(b)

/** Everything recorded, newest first, each with the values it had before it was corrected. */
export function history(entries: readonly Entry[]): DiaryLine[] {
  const now = new Map(timeline(entries).map((f) => [f.id, f.what]))
  const seen = new Set<string>()
  const said = new Map<string, (Fact | null)[]>()
  const own: Entry[] = []
  for (const e of [...entries].sort((a, b) => compare(madeAt(b), madeAt(a)) || compare(b.id, a.id))) {
    if (seen.has(e.id)) continue
    seen.add(e.id)
    if (e.what.kind === 'correction')
      said.set(e.what.replaces, [...(said.get(e.what.replaces) ?? []), e.what.by])
    else own.push(e)
  }
  return own
    .map((e): DiaryLine => {
      const what = now.get(e.id) ?? null
      const all = [e.what as Fact, ...(said.get(e.id) ?? [])].filter((f): f is Fact => f !== null)
      const earlier = all.filter((f, i) => !same(f, what) && !same(f, all[i + 1]))
      return { id: e.id, day: e.day, time: e.time, what, earlier }
    })
    .sort(newestFirst)
}
