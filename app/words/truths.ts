import { COATS } from '#core/coat/coat-types'
import { placeRow, regionOf } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import type { EarCarriage } from '#core/record/habits'
import type { ConditionId } from '#core/record/condition'
import type { MarkId } from '#core/record/marks'
import { dayAndMonth, MONTHS } from '#core/record/say-day'
import { sayHelps } from '#core/record/what-works'
import { capital, plural } from './numbers'

/** How ears are carried, in a few words. */
export const CARRIAGE_SAYS: Record<EarCarriage, string> = {
  hanging: 'hanging, long hair',
  'hanging-short': 'hanging, short hair',
  folded: 'folded over',
  pricked: 'pricked',
  tassel: 'with a tassel',
}

export const MARK_SAYS: Record<MarkId, string> = {
  nipples: 'nipples that catch',
  hernia: 'a hernia',
  lump: 'a lump',
  scar: 'a scar',
  mole: 'a mole',
  'thin-skin': 'thin skin',
}
export const CONDITION_SAYS: Record<ConditionId, string> = {
  'tires-soon': 'tires soon',
  'sore-to-lift': 'is sore to lift',
  'not-on-its-side': 'cannot lie on a side',
  'weak-behind': 'is weak behind',
  'does-not-see': 'does not see well',
  'does-not-hear': 'does not hear well',
}
const hoursADay = (n: number) => `${plural(n, 'hour')} a day`
const listed = (all: readonly string[], none: string) => (all.length ? all.join(', ') : none)

export const sayMark = (m: { what: MarkId; region: string; says?: string | undefined }) =>
  `${m.says || MARK_SAYS[m.what]}, ${regionOf(m.region as never).label.toLowerCase()}`
export const sayGarment = (g: { what: string; from: number; to: number; hours: number }) =>
  `${g.what}, ${MONTHS[g.from - 1]} to ${MONTHS[g.to - 1]}, ${hoursADay(g.hours)}`
/** Minutes of the week, Monday first. */
const sayWeek = (minutes: readonly number[]) =>
  minutes.every((m) => m === minutes[0]) ? `${minutes[0]} minutes a day` : minutes.join(', ')

/** What works at a place, as it is said there: "lying, chin hair, left first". */
export const sayHow = ({ position, hold, first }: NonNullable<FactOf<'dog'>['works']>[number]) =>
  [position, hold, first && `${first} first`].filter(Boolean).join(', ')
export const sayWorks = (w: NonNullable<FactOf<'dog'>['works']>[number]) =>
  `${placeRow(w.place).plural.toLowerCase()}: ${sayHow(w)}`

/** What became true of a dog, each thing in a few words. */
export function sayTruths(d: FactOf<'dog'>): string[] {
  const out: string[] = []
  if (d.weightKg !== undefined) out.push(`${d.weightKg} kg`)
  if (d.coat) out.push(`coat: ${COATS[d.coat].label.toLowerCase()}`)
  if (d.born) out.push(`born ${d.born}`)
  if (d.neutered !== undefined) out.push(d.neutered ? 'neutered' : 'intact')
  if (d.ears) out.push(`ears ${CARRIAGE_SAYS[d.ears]}`)
  if (d.ground) out.push(`walks on ${d.ground} ground`)
  if (d.harnessHours !== undefined)
    out.push(d.harnessHours ? `harness ${hoursADay(d.harnessHours)}` : 'no harness')
  if (d.collarAllDay !== undefined) out.push(d.collarAllDay ? 'collar all day' : 'no collar indoors')
  if (d.garments) out.push(listed(d.garments.map(sayGarment), 'no clothes'))
  if (d.minutes) out.push(`minutes, Monday to Sunday: ${sayWeek(d.minutes)}`)
  if (d.groomer) out.push(`groomer ${d.groomer}`)
  if (d.nextVisit !== undefined)
    out.push(d.nextVisit ? `next visit ${dayAndMonth(d.nextVisit)}` : 'no visit booked')
  if (d.hard)
    out.push(
      `hard: ${listed(
        d.hard.map((p) => placeRow(p).plural.toLowerCase()),
        'no place',
      )}`,
    )
  if (d.absent)
    out.push(
      `has no ${listed(
        d.absent.map((id) => regionOf(id).label.toLowerCase()),
        'place missing',
      )}`,
    )
  if (d.marks) out.push(listed(d.marks.map(sayMark), 'no marks'))
  if (d.condition)
    out.push(
      listed(
        d.condition.map((c) => CONDITION_SAYS[c]),
        'sound',
      ),
    )
  if (d.hairyEars !== undefined)
    out.push(d.hairyEars ? 'hair in the ear openings' : 'no hair in the ear openings')
  if (d.like)
    out.push(
      Object.keys(d.like.times).length
        ? `goes by what coats like it come to, count ${d.like.version}`
        : 'goes by what is taken of its coat',
    )
  if (d.helps) out.push(sayHelps(d.helps) || 'nothing said of what helps')
  if (d.works) out.push(d.works.length ? d.works.map(sayWorks).join('; ') : 'nothing said of what works')
  return out.map((words, i) => (i ? words : capital(words)))
}

/** The same beside its label, where it says what it is: "two hours a day" of the harness. */
export function sayStanding(which: keyof FactOf<'dog'>, d: FactOf<'dog'>): string {
  if (which === 'coat' && d.coat) return COATS[d.coat].label.toLowerCase()
  if (which === 'absent' && !d.absent?.length) return 'all there'
  if (which === 'absent') return d.absent!.map((id) => regionOf(id).label.toLowerCase()).join(', ')
  if (which === 'harnessHours' && d.harnessHours !== undefined)
    return d.harnessHours ? hoursADay(d.harnessHours) : 'none'
  if (which === 'collarAllDay') return d.collarAllDay ? 'all day' : 'not all day'
  if (which === 'ears' && d.ears) return CARRIAGE_SAYS[d.ears]
  if (which === 'hairyEars' && d.hairyEars !== undefined) return d.hairyEars ? 'hairy' : 'open'
  if (which === 'ground' && d.ground) return `${d.ground} ground`
  if (which === 'hard')
    return listed(
      (d.hard ?? []).map((p) => placeRow(p).plural.toLowerCase()),
      'nothing',
    )
  if (which === 'minutes' && d.minutes) return sayWeek(d.minutes)
  if (which === 'groomer' && d.groomer) return d.groomer
  if (which === 'nextVisit' && d.nextVisit) return dayAndMonth(d.nextVisit)
  const [words] = sayTruths(d)
  return words ? words[0]!.toLowerCase() + words.slice(1) : 'not said'
}
