import { CARE } from '#core/due/due'
import { isTool, stepsOf } from '#core/care/handling/ladders'
import type { HandledId } from '#core/care/handling/ladders'
import type { LearntToolId } from '#core/record/ladders'
import { placeRow, PLACE_IDS, regionOf } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { sayWhere } from '#core/care/look/look-over'
import { sayHomeClip } from '#core/care/note/care-since'
import { sayAnswer, sayWish } from '#core/care/note/wish-words'
import { whereLabel } from '#core/record/wishes'
import { PART_WORDS } from '#core/coat/part-words'
import { SIGNS } from '#core/record/signs'
import { SPOTS } from '#core/record/spots'
import type { Fact, FactOf } from '#core/record/entries'
import type { TidyId } from '#core/record/tidies'
import { dayAndMonth } from '#core/record/say-day'
import { workLabel } from './care'
import { OUTCOME_SAYS } from '#core/record/care-words'
import { sayInParts } from './care-parts'
import { sayFound } from './found'
import { sayHand } from './hand'
import { listed, plural } from './numbers'
import { sayTruths, sayWorks } from './truths'
import { DID_WORDS } from './visit'

/** What the diary can be narrowed to. */
export const DIARY_KINDS = {
  comb: { label: 'Comb checks', kinds: ['check', 'session', 'brush', 'hand'] },
  wet: { label: 'Wet and gear', kinds: ['wet', 'gear', 'wash'] },
  care: { label: 'Care and handling', kinds: ['tidy', 'undercoat', 'handling', 'rehearsed', 'measure'] },
  seen: { label: 'Look-overs', kinds: ['concern', 'concern-closed'] },
  dog: { label: 'The dog itself', kinds: ['dog'] },
  photo: { label: 'Photographs', kinds: ['photo'] },
  visit: {
    label: 'Visits',
    kinds: ['visit', 'proposed', 'advice', 'advice-answer', 'wish', 'wish-answer', 'wish-taken'],
  },
} as const satisfies Record<string, { label: string; kinds: readonly Fact['kind'][] }>
export type DiaryKind = keyof typeof DIARY_KINDS

const HOW = { swim: 'Swam', rain: 'Soaked by rain', grass: 'Wet legs and belly' }
const GEAR = { harness: 'Harness', collar: 'Collar', coat: 'Coat or jumper' }
const WAS = { 'not-yet': 'not yet needed', right: 'about time', overdue: 'overdue' }

/** Which places an entry is about; null for one about the whole dog. */
export function placesOfFact(what: Fact): PlaceId[] | null {
  switch (what.kind) {
    case 'check':
      return [regionOf(what.region).place]
    case 'handling':
      return what.place === 'table' || isTool(what.place) ? null : [what.place]
    case 'concern':
      return what.where in SPOTS ? null : [what.where as PlaceId]
    case 'photo':
    case 'advice':
      return what.place ? [what.place] : null
    case 'measure':
    case 'brush': {
      const places = new Set(what.regions.map((r) => regionOf(r).place))
      return places.size >= PLACE_IDS.length - 4 ? null : [...places]
    }
    default:
      return null
  }
}

const TOOL_SAYS: Record<LearntToolId, string> = {
  brush: 'The brush',
  comb: 'The comb',
  scissors: 'Scissors',
  clipper: 'The clipper',
  dryer: 'The dryer',
  'nail-tool': 'The nail tool',
  toothbrush: 'The toothbrush',
  'eye-finger': 'A finger at the eye',
}
export const sayHandled = (place: HandledId) =>
  place === 'table' ? 'The table' : isTool(place) ? TOOL_SAYS[place] : placeRow(place).plural

const REHEARSED = { kept: 'all of it kept off', open: 'some left open', later: 'put off' }
const CLOSED = { vet: 'the vet has seen it', well: 'it is well', mistaken: 'it was nothing' }
const sayTidy = (tidy: TidyId) => (tidy === 'neatening' ? 'Neatening' : CARE[tidy].label)
const sayTidied = (t: FactOf<'tidy'>) =>
  [
    t.parts ? sayInParts(t) : t.outcome ? OUTCOME_SAYS[t.outcome] : (t.nails ?? 'done'),
    t.mm === undefined ? '' : `${t.mm} mm left`,
    t.sides ? `${t.sides.left} mm left side, ${t.sides.right} mm right` : '',
    t.was ? WAS[t.was] : '',
    t.comfort && t.comfort !== 'easy' ? t.comfort : '',
  ]
    .filter(Boolean)
    .join(', ')

const where = (what: Fact) => {
  const places = placesOfFact(what)
  if (!places) return 'all over'
  const named = places.slice(0, 3).map((p) => placeRow(p).plural.toLowerCase())
  return places.length > 3
    ? `${named.join(', ')} and ${plural(places.length - 3, 'more', 'more')}`
    : named.join(', ')
}

const ANSWERED = { read: 'read', done: 'done', asked: 'asked about' }
const sayVisitFound = ({ found }: FactOf<'visit'>) => {
  const knots = found.filter((f) => f.finding !== 'glides').length
  if (knots) return `found something in ${plural(knots, 'place')}`
  return found.length ? 'the comb went through everywhere' : 'nothing told of knots'
}
/** "body #4F against the lie", "guard 13". */
const sayRan = ({ part, blade, guard, against }: NonNullable<FactOf<'visit'>['ran']>[number]) =>
  [part ? PART_WORDS[part] : '', blade ?? (guard ? `guard ${guard}` : ''), against ? 'against the lie' : '']
    .filter(Boolean)
    .join(' ')
/** A visit as the groomer entered it: what was found and done, how the dog was, and when again. */
const sayVisit = (visit: FactOf<'visit'>) =>
  [
    sayVisitFound(visit),
    (visit.did ?? []).map((d) => DID_WORDS[d].toLowerCase()).join(', '),
    (visit.ran ?? []).map(sayRan).filter(Boolean).join(', '),
    visit.knotMinutes ? `knots took ${plural(Math.round(visit.knotMinutes), 'minute')}` : '',
    visit.comfort ?? '',
    (visit.works ?? []).map(sayWorks).join('; '),
    visit.suggests ? `again ${dayAndMonth(visit.suggests.day)}. ${visit.suggests.why}`.trim() : '',
  ]
    .filter(Boolean)
    .join('; ')

/** An entry in a few words: what it is, and what it says. */
export function sayFact(what: Fact): { what: string; says: string } {
  switch (what.kind) {
    case 'check': {
      const comfort = what.comfort && what.comfort !== 'easy' ? `, ${what.comfort}` : ''
      return {
        what: regionOf(what.region).label,
        says: `${what.open ? 'caught on dirt, open until the wash' : sayFound(what)}${comfort}`,
      }
    }
    case 'brush':
      return {
        what: what.depth === 'skin' ? 'Brushed to the skin' : 'Brushed over the top',
        says: `${where(what)}, not combed`,
      }
    case 'wash':
      return {
        what: what.places ? 'Part wash' : 'Washed',
        says: [
          what.places ? listed(what.places.map((p) => placeRow(p).plural.toLowerCase())) : '',
          what.combedOut ? 'dried and combed out' : 'not combed out',
          what.dried ? `${what.dried.minutes} minutes to dry` : '',
          what.damp ? `${plural(what.damp.length, 'place')} left damp` : '',
        ]
          .filter(Boolean)
          .join(', '),
      }
    case 'wet':
      return { what: HOW[what.how], says: what.combedDry ? 'combed dry' : 'not combed dry' }
    case 'dog':
      return { what: 'From this day', says: sayTruths(what).join('; ') }
    case 'hand':
      return { what: 'A hand over all of it', says: sayHand(what) }
    case 'gear':
      return { what: GEAR[what.gear], says: what.hours ? plural(what.hours, 'hour') : 'none that day' }
    case 'measure':
      return { what: `${what.mm} mm`, says: `measured, ${where(what)}` }
    case 'visit':
      return {
        what: `${what.home ? 'A clip at home' : 'Visit'}${what.by ? `, ${what.by}` : ''}`,
        says: what.home ? sayHomeClip(what) : sayVisit(what),
      }
    case 'advice':
      return {
        what: what.place ? placeRow(what.place).plural : 'For home',
        says: `${what.from}: ${what.says}`,
      }
    case 'advice-answer':
      return { what: 'For home', says: ANSWERED[what.how] }
    case 'wish':
      return { what: 'A wish for the cut', says: sayWish(what.lines) }
    case 'wish-answer':
      return {
        what: `${what.from}, to the wish`,
        says: what.lines.map((a) => `${whereLabel(a).toLowerCase()}: ${sayAnswer(a)}`).join('; '),
      }
    case 'wish-taken':
      return { what: 'The wish', says: 'agreed as answered' }
    case 'proposed':
      return {
        what: `${what.from} could take`,
        says: [listed(what.days.map((d) => dayAndMonth(d))), what.says].filter(Boolean).join('; '),
      }
    case 'tidy':
      return { what: sayTidy(what.tidy), says: sayTidied(what) }
    case 'handling':
      return {
        what: sayHandled(what.place),
        says: `two minutes, ${stepsOf(what.place)[what.step] ?? 'the last step'}, ${what.snapped ? 'snapped' : what.went}`,
      }
    case 'rehearsed':
      return {
        what: `On paper: ${workLabel(what.of).toLowerCase()}`,
        says: [what.by, REHEARSED[what.went], what.says].filter(Boolean).join(', '),
      }
    case 'undercoat':
      return {
        what: 'Undercoat',
        says: [
          what.finding,
          ...(what.places ?? []).map((p) => `${placeRow(p.place).plural.toLowerCase()} ${p.finding}`),
        ].join(', '),
      }
    case 'concern':
      return {
        what: sayWhere(what.where),
        says: `${what.seen.map((s) => SIGNS[s]).join(', ')}${what.says ? `; ${what.says}` : ''}`,
      }
    case 'concern-closed':
      return { what: 'A concern closed', says: CLOSED[what.how] }
    case 'photo':
      return { what: what.place ? placeRow(what.place).plural : 'Photograph', says: what.says ?? '' }
    case 'session':
      return { what: 'Session', says: `${Math.round(what.minutes)} min, ${plural(what.places, 'place')}` }
    case 'plan':
      return { what: 'Plan', says: `${plural(what.sessions.length, 'session')}` }
  }
}
