import { noteFacts } from './note'
import type { NoteFact } from './note'
import type { Day } from '../../record/day'
import type { DogRecord } from '../../record/fold'

/** Whether it has a heading of its own on the card, and is not said over again among the lines. */
export const standsApart = ({ id }: NoteFact): boolean =>
  /^(hard|overdue|wish|wish words|concern .*)$/.test(id)

/** Lines that fit a card beside its drawings; the rest is set close after them (judgement). */
const LINES = 10

/** Places told of before what was done beside the comb comes first: half a card (judgement). */
const PLACES = LINES / 2

/**
 * What a groomer hears of the stretch on one page: the gravest places and what was done beside the comb line by line,
 * whatever else the note has close after them. Nothing of the note is left out.
 */
export function cardFacts(record: DogRecord, at: Day): { lines: NoteFact[]; close: NoteFact[] } {
  const facts = noteFacts(record, at).filter((f) => !standsApart(f))
  const isCare = (f: NoteFact) => f.id.startsWith('care ')
  const told = facts.filter((f) => !isCare(f)).slice(0, PLACES)
  const cared = facts.filter(isCare).slice(0, LINES - told.length)
  const lines = facts.filter((f) => told.includes(f) || cared.includes(f))
  return { lines, close: facts.filter((f) => !lines.includes(f)) }
}
