import { addDays } from '#core/record/day'
import type { Hung } from './stretch-view'

/** A hand that trembles is not dragging, px (judgement). */
const TREMBLE = 4

/** What a hand on the lead reaches: the days, and which may have a session. */
interface Reach {
  today: string
  to: string
  blocked: readonly string[]
  move: { from: string; to: string } | null
}
interface Told {
  pick: (day: string) => void
  move: (from: string, to: string) => void
  keep: () => void
  back: () => void
}

/**
 * A session drawn along the lead to another day, by pointer or by the arrow keys.
 * @param dayAt the day under a place of the page, px from its left, kept to days that can have a session
 */
export function useLeadDrag(reach: Reach, dayAt: (clientX: number) => string, tell: Told) {
  const free = (day: string) => !reach.blocked.includes(day)
  let dragging: { day: string; startX: number; moved: boolean } | null = null

  function down(event: PointerEvent, h: Hung) {
    if (h.past || event.button !== 0) return
    dragging = { day: h.day, startX: event.clientX, moved: false }
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    tell.pick(h.day)
  }
  function drag(event: PointerEvent) {
    if (!dragging) return
    if (Math.abs(event.clientX - dragging.startX) > TREMBLE) dragging.moved = true
    if (!dragging.moved) return
    const day = dayAt(event.clientX)
    if (free(day)) tell.move(dragging.day, day)
  }
  const up = () => (dragging = null)

  /** The next day on that side that can have it; null at the end. */
  function beside(day: string, step: number): string | null {
    const last = addDays(reach.to, -1)
    let next = addDays(day, step)
    while (!free(next) && next >= reach.today && next <= last) next = addDays(next, step)
    return next >= reach.today && next <= last ? next : null
  }
  function key(event: KeyboardEvent, h: Hung) {
    if (h.past) return
    const step = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
    if (step) {
      const day = beside(reach.move?.from === h.day ? reach.move.to : h.day, step)
      if (day) tell.move(h.day, day)
    } else if (event.key === 'Enter' && reach.move) tell.keep()
    else if (event.key === 'Enter' || event.key === ' ') tell.pick(h.day)
    else if (event.key === 'Escape') tell.back()
    else return
    event.preventDefault()
  }
  return { down, drag, up, key }
}
