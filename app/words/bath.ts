import type { WashAnswer, WashGate } from '#core/care/bath/wash-gate'
import { sayWhere } from '#core/care/look/look-over'
import { placeRow } from '#core/coat/regions'
import { nameDay } from '#core/record/say-day'
import { plural, wholeMinutes } from './numbers'

export const clockTime = (minutes: number) => {
  const m = ((Math.round(minutes) % 1440) + 1440) % 1440
  return `${String(Math.floor(m / 60)).padStart(2, '0')}:${String(m % 60).padStart(2, '0')}`
}

/** The answer to "may I wash today", as a headline and its reason. */
export function sayWash(
  { answer, startBy }: Pick<WashGate, 'answer' | 'startBy'>,
  who: { she: boolean; groomer: string; today: string; vetPlan: string | null; part?: boolean },
): { head: string; why: string; tone: 'go' | 'first' | 'stop' | 'vet' } {
  const her = who.she ? 'her' : 'him'
  switch (answer.answer) {
    case 'vet':
      return {
        head: 'No bath: ring the vet',
        why:
          answer.why === 'sore'
            ? answer.where
              ? `${sayWhere(answer.where)}: skin that may be sore or open was seen there. The vet sees it first, and no water goes on it.`
              : 'Sore skin is for the vet to see first. Nothing is put on it here.'
            : 'Stitches stay dry until the vet says otherwise.',
        tone: 'vet',
      }
    case 'vet-plan':
      return {
        head: 'As your vet said',
        why: `${who.vetPlan ?? ''} That comes before anything here.`,
        tone: 'go',
      }
    case 'groomer':
      return {
        head: `Not at home: ${who.groomer}`,
        why: {
          felt: 'Felted hair tightens in water and holds it. Tell them when you book.',
          many: 'Many mats tighten in water. Tell them when you book.',
          mat: 'A mat tightens in water. It is theirs to decide, dry.',
        }[answer.why],
        tone: 'stop',
      }
    case 'comb-first': {
      const n = answer.places.length
      return {
        head:
          n > 8 ? 'Comb her through, then wash'.replace('her', her) : `Comb ${plural(n, 'place')}, then wash`,
        why: `Water tightens what the comb has not been through. ${n === 1 ? 'It is' : 'They are'} ${plural(wholeMinutes(answer.minutes), 'minute')}.`,
        tone: 'first',
      }
    }
    case 'wash-first':
      return {
        head: 'Wash first',
        why: 'Water soaks to the skin, only snags and knots are there, and your dryer parts the coat: condition heavily, dry, then line-brush.',
        tone: 'go',
      }
    case 'no-dryer':
      return {
        head: 'Not without a dryer',
        why: 'A coat like this left to dry by itself curls up and knots. Borrow one, or leave it for the visit.',
        tone: 'stop',
      }
    case 'too-late':
      return {
        head: 'Not today: too late to dry',
        why: `Dry before bed means starting by ${clockTime(answer.startBy)}. Tomorrow.`,
        tone: 'stop',
      }
    case 'night':
      return {
        head: 'Not at night',
        why: `Drying is loud and long, and ${who.she ? 'she' : 'he'} should sleep dry. From ${clockTime(answer.from)}.`,
        tone: 'stop',
      }
    case 'too-soon':
      return {
        head: 'Not yet',
        why: `Washed too often the skin dries. From ${nameDay(answer.from, who.today)}, unless ${who.she ? 'she' : 'he'} is dirty.`,
        tone: 'stop',
      }
    case 'yes':
      if (who.part)
        return {
          head: 'Yes, a part wash',
          why: 'Only those places are wetted, dried and combed. Knots there tighten as under any water: the comb follows.',
          tone: 'go',
        }
      return {
        head: 'Yes, wash today',
        why: `The comb went through everywhere.${startBy === null ? ' A towel and a warm room will do.' : ` Start by ${clockTime(startBy)} to be dry before bed.`}`,
        tone: 'go',
      }
  }
}
export const namesOf = (answer: WashAnswer) =>
  answer.answer === 'comb-first' ? answer.places.map((p) => placeRow(p).plural.toLowerCase()) : []
