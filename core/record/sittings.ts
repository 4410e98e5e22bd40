import type { DiaryLine } from './history'

/** Comb checks of one sitting at the table, as the diary folds them: with the session they came to, if it was ended. */
export interface Sitting {
  id: string
  day: string
  time: string | undefined
  checks: DiaryLine[]
  session: DiaryLine | null
  /** Minutes at the table, where the session says so. */
  minutes: number | null
}

/** Fewer checks than this stand by themselves (judgement). */
const LEAST = 4

const factOf = (l: DiaryLine) => l.what ?? l.earlier.at(-1)

/**
 * A day of the diary, newest first, with each sitting's checks together in the place of its newest line. A
 * session takes the checks between it and the session before; checks with none after them are a sitting too.
 * @param lines of one day, newest first
 */
export function foldSittings(lines: readonly DiaryLine[]): (DiaryLine | Sitting)[] {
  const folded: (DiaryLine | Sitting)[] = []
  let session: DiaryLine | null = null
  let checks: DiaryLine[] = []
  const others: DiaryLine[] = []
  const close = () => {
    if (checks.length >= LEAST) {
      const fact = session && factOf(session)
      const newest = session ?? checks[0]!
      folded.push({
        id: newest.id,
        day: newest.day,
        time: newest.time,
        checks,
        session,
        minutes: fact?.kind === 'session' ? fact.minutes : null,
      })
      folded.push(...others)
    } else folded.push(...[...(session ? [session] : []), ...checks, ...others].sort(asBefore))
    session = null
    checks = []
    others.length = 0
  }
  const at = new Map(lines.map((l, i) => [l.id, i]))
  const asBefore = (a: DiaryLine, b: DiaryLine) => at.get(a.id)! - at.get(b.id)!
  for (const l of lines) {
    const kind = factOf(l)?.kind
    if (kind === 'session') {
      close()
      session = l
    } else if (kind === 'check') checks.push(l)
    // What happened in the midst of a sitting stands after it.
    else if (session || checks.length) others.push(l)
    else folded.push(l)
  }
  close()
  return folded
}
