import type { WishAnswerLine, WishLine } from '../../record/wish-lines'
import { answerTo, whereLabel } from '../../record/wishes'
import type { StandingWish } from '../../record/wishes'

/** "14 mm, round", "left to grow". */
export const sayWished = ({ mm, leave, says }: WishLine): string =>
  [mm === undefined ? '' : `${mm} mm`, leave ? 'left to grow' : '', says ?? ''].filter(Boolean).join(', ')

/** "will do", "rather 16 mm, the forelegs felted twice", "not on this coat, 45 mm". */
export const sayAnswer = ({ how, mm, because }: WishAnswerLine): string =>
  [
    { will: 'will do', rather: `rather ${mm} mm`, not: 'not on this coat' }[how],
    how === 'not' && mm !== undefined ? `${mm} mm` : '',
    because ?? '',
  ]
    .filter(Boolean)
    .join(', ')

/** A wish line by line, each with what was answered: for the note, the link, the room and the card. */
export const wishLines = (wish: StandingWish): { label: string; says: string; answer: string }[] =>
  wish.lines.map((line) => {
    const answer = answerTo(wish, line)
    return { label: whereLabel(line), says: sayWished(line), answer: answer ? sayAnswer(answer) : '' }
  })

/** "Body 14 mm; legs 25 mm, fluffy." */
export const sayWish = (lines: readonly WishLine[]): string =>
  lines
    .map((l, i) => {
      const label = whereLabel(l)
      return `${i ? label.toLowerCase() : label} ${sayWished(l)}`
    })
    .join('; ')
