import { z } from '../zod'
import { isDay } from './day'

/**
 * What text and ids may be, wherever they come from: the database, a calendar and a letter must be able to
 * hold them.
 */

/** No text has them: what ends a string elsewhere, other controls, and half a character. */
const NO_TEXT = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]|\p{Surrogate}/u
/** What begins another line. */
const NEW_LINE = /[\n\r\t\u0085\u2028\u2029]/

const text = z.string().refine((s) => !NO_TEXT.test(s), 'There is a character in it that is no text.')
/** Words of one or more lines. */
export const words = (most: number, what = 'That') =>
  text.trim().max(most, `${what} is too long: ${most} letters at most.`)
/** Words on one line: a second would become a header, or another event. */
export const oneLine = (most: number, what = 'That') =>
  words(most, what).refine((s) => !NEW_LINE.test(s), `${what} wants to be one line.`)

/** Ids as devices make them: lower case, of a known version; not the nil one, nor the largest. */
const ID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
export const idSchema = (says = 'That is no id.') => z.string(says).regex(ID, says)

/** Days anybody keeps a diary of a dog for. */
const [FIRST_DAY, LAST_DAY] = ['1990-01-01', '2199-12-31']
export const daySchema = z
  .string()
  .refine(
    (s) => isDay(s) && s >= FIRST_DAY && s <= LAST_DAY,
    'Give the day as year-month-day, such as 2026-11-25.',
  )
