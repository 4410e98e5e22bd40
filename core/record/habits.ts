import type { CoatId } from '../coat/coat-types'
import type { Habits } from './profile'

/**
 * Where groomers differ: each school a choice, with what holds unless the owner says otherwise, and
 * why. Common practice, no source.
 */
export const LINES = ['foot-up', 'head-back'] as const
export const STROKES = ['with-lie', 'several'] as const
export const PRESSURES = ['light', 'firmer'] as const
export const WASHES = ['brush-first', 'wash-first'] as const
export const HANDLINGS = ['come-back', 'hold-still', 'carry-on'] as const

/** Coats often worked down in lines from the head back. */
const HEAD_BACK: readonly CoatId[] = ['double-long', 'double-short']

/** How the owner works, with the default where nothing was said. */
export const habitsOf = ({ coat, habits = {} }: { coat: CoatId; habits?: Habits | undefined }) => ({
  lines: habits.lines ?? (HEAD_BACK.includes(coat) ? 'head-back' : 'foot-up'),
  strokes: habits.strokes ?? 'with-lie',
  pressure: habits.pressure ?? 'light',
  floor: habits.floor ?? false,
  wash: habits.wash ?? 'brush-first',
  handling: habits.handling ?? 'come-back',
  matsShownBy: habits.matsShownBy ?? null,
  tools: habits.tools,
  fingerMm: habits.fingerMm ?? null,
})
