import type { DogRecord } from '../../record/fold'
import type { Day } from '../../record/day'
import { sayDay } from '../../record/say-day'
import { SIGNS } from '../../record/signs'
import { sayWhere } from './look-over'
import type { Concern } from './look-over'

/** What to read out to the vet: who, where, what, since when. Nothing of what it might be. */
export function readOut({ profile }: Pick<DogRecord, 'profile'>, concern: Concern, at: Day): string {
  const seen = concern.what.seen.map((s) => SIGNS[s])
  const born = profile.born ? `, born ${profile.born}` : ''
  const list = seen.length > 1 ? `${seen.slice(0, -1).join(', ')} and ${seen.at(-1)}` : (seen[0] ?? '')
  const own = concern.what.says ? ` ${concern.what.says.replace(/\.$/, '')}.` : ''
  return `${profile.name}, ${profile.sex}, ${profile.weightKg} kg${born}. ${sayWhere(concern.what.where)}: ${list}, seen ${sayDay(concern.day, at)}.${own}`
}
