import { setHeader } from 'h3'
import type { H3Event } from 'h3'
import { refuse } from './refuse'

/**
 * A household's share of the database's connections: so many calls of one at work at a time, and so many
 * that may wait for their turn (judgement). A record that is held, or very long, keeps nobody else waiting.
 */
const AT_WORK = 3
const MOST_WAITING = 40
/** When one that found no room should come again, s (judgement). */
const COME_AGAIN_S = 3

interface Line {
  working: number
  waiting: (() => void)[]
}
const lines = new Map<string, Line>()

/** Does it when it is this household's or this room's turn. @throws 503 where too many wait already */
export async function inTurn<T>(whose: string | null, event: H3Event, work: () => Promise<T>): Promise<T> {
  if (!whose) return work()
  const line = lines.get(whose) ?? { working: 0, waiting: [] }
  lines.set(whose, line)
  if (line.working >= AT_WORK) {
    if (line.waiting.length >= MOST_WAITING) {
      setHeader(event, 'retry-after', COME_AGAIN_S)
      throw refuse(503, 'Too much at once from this household: in a moment again.')
    }
    // Whoever is done hands its place on.
    await new Promise<void>((go) => line.waiting.push(go))
  } else line.working += 1
  try {
    return await work()
  } finally {
    const next = line.waiting.shift()
    if (next) next()
    else {
      line.working -= 1
      if (!line.working) lines.delete(whose)
    }
  }
}
