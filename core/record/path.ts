import { Coat } from './coat'
import type { CoatState } from './coat-state'
import { dayNumber } from './day'
import type { DatedFact } from './entries'
import type { FirstLengths } from './first-lengths'
import type { Profile } from './profile'
import { sameFirst } from './timeline'

/** What a walk over a record rests on. Another dog, another start or other first lengths, another walk. */
interface Ground {
  profile: Profile
  /** In the order they count. */
  facts: readonly DatedFact[]
  /** The day it begins, counted from 1970. */
  start: number
  lengths: FirstLengths
}
/** The coat on the morning of a day, before that day's facts, of which this is the first. */
interface Stand {
  coat: Coat
  next: number
}

/** Days between two places a walk is kept at, and how many of the days somebody asked for beside (judgement). */
const EVERY_DAYS = 64
const ASKED = 8
/** Days whose state is kept, the last told: two stretches and more (judgement). */
const MOST_DAYS_TOLD = 200
/** Walks kept: those of the dogs somebody is looking at. */
const KEPT = 4

const sameLengths = (a: FirstLengths, b: FirstLengths) =>
  a.size === b.size && [...a].every(([id, x]) => b.get(id)?.day === x.day && b.get(id)?.mm === x.mm)
const sameDog = (a: Profile, b: Profile) => a === b || JSON.stringify(a) === JSON.stringify(b)

/** A walk over a record, kept at some of its days so that the next can begin there. */
export class Path {
  private every: Stand[] = []
  private asked: Stand[] = []
  /** What days were told to be, by the day, and the first fact after each. */
  private days = new Map<number, { next: number; state: CoatState }>()
  constructor(readonly ground: Ground) {}

  /** Whether the same days were walked, whatever facts came since. */
  suits({ profile, start, lengths }: Ground): boolean {
    const mine = this.ground
    return mine.start === start && sameLengths(mine.lengths, lengths) && sameDog(mine.profile, profile)
  }

  /** The same walk over other facts: what it stood on before the first that differs still holds. */
  over(ground: Ground): Path {
    const [before, now] = [this.ground.facts, ground.facts]
    if (before === now) return this
    const same = sameFirst(before, now)
    // Nothing came in between either: what follows is of that day or later.
    const holds = (next: number, from: number) => {
      const following = now[next]
      return next <= same && (!following || dayNumber(following.day) >= from)
    }
    const stands = ({ coat, next }: Stand) => holds(next, coat.today)
    const other = new Path(ground)
    other.every = this.every.filter(stands)
    other.asked = this.asked.filter(stands)
    for (const [day, told] of this.days) if (holds(told.next, day + 1)) other.days.set(day, told)
    return other
  }

  /** How a day stood, if it was told and still stands so. Not to be written to: it is told again. */
  told(day: number): CoatState | undefined {
    return this.days.get(day)?.state
  }
  tell(day: number, next: number, state: CoatState) {
    this.days.set(day, { next, state })
    if (this.days.size > MOST_DAYS_TOLD) this.days.delete(this.days.keys().next().value!)
  }

  /** Where to begin, to see a day: the coat is the caller's own to carry on. */
  standing(day: number): Stand {
    let best: Stand | undefined
    for (const s of [...this.every, ...this.asked])
      if (s.coat.today <= day && (!best || s.coat.today > best.coat.today)) best = s
    if (best) return { coat: best.coat.copy(), next: best.next }
    const { profile, facts, start, lengths } = this.ground
    const next = facts.findIndex((f) => dayNumber(f.day) >= start)
    return { coat: new Coat(profile, start).beginFrom(lengths), next: next < 0 ? facts.length : next }
  }

  /** @param asked somebody asked for this day, and is likely to again */
  stand(coat: Coat, next: number, asked: boolean) {
    const list = asked ? this.asked : coat.today % EVERY_DAYS === 0 ? this.every : null
    if (!list || list.some((s) => s.coat.today === coat.today)) return
    list.unshift({ coat: coat.copy(), next })
    if (asked) list.length = Math.min(list.length, ASKED)
  }
}

const lately: Path[] = []

/** The walk over these facts: one that was kept, as far as it holds, or a new one. */
export function pathOver(ground: Ground): Path {
  const at = lately.findIndex((p) => p.suits(ground))
  const path = at < 0 ? new Path(ground) : lately.splice(at, 1)[0]!.over(ground)
  lately.unshift(path)
  lately.length = Math.min(lately.length, KEPT)
  return path
}
