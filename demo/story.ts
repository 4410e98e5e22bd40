import type { PartId, PlaceId, RegionId } from '../core/coat/regions'
import type { Entry, Fact, FactOf } from '../core/record/entries'
import type { WishAnswerLine, WishLine } from '../core/record/wish-lines'
import type { Finding } from '../core/record/findings'
import type { Profile } from '../core/record/profile'

/** A dog as the demo has it: its record, and what was written to and fro. */
export interface DemoDog {
  id: string
  /** As it is now, and as it was when its record began. */
  profile: Profile
  began: Profile
  entries: Entry[]
  notes: { id: string; author: 'owner' | 'groomer'; authorName: string; body: string; daysAgo: number }[]
}

/** One stretch of a dog's story: how long, and what went otherwise than planned. */
export interface Chapter {
  days: number
  /** Chance a planned session is kept. */
  kept: number
  /** Days of the stretch on which nothing was done at all. */
  away?: [from: number, to: number]
  wet?: { day: number; how: 'swim' | 'rain' | 'grass'; combedDry: boolean }[]
  wash?: { day: number; combedOut: boolean }[]
  /** Care beside the comb. */
  care?: { days: number[]; what: Fact }[]
  /** Whether the owner met a mat in it; else what was tight was still a knot. */
  mats?: boolean
  /** What the groomer found on arrival. */
  found?: { region: RegionId; finding: Finding; count?: number }[]
}

export interface Story {
  seed: number
  profile: Omit<Profile, 'since' | 'nextVisit' | 'hemisphere' | 'absent' | 'minutes'>
  /** Minutes of each day of the week, today's first. */
  minutes: number[]
  lengths: Record<PartId, number>
  chapters: Chapter[]
  /** Days of the running stretch still to come. */
  toVisit: number
  /** Places the dog refuses, and how often. */
  refuses: Partial<Record<PlaceId, number>>
  fidgets: PlaceId[]
  /** Places that knot more readily on this dog than its coat says: what learning should find. */
  prone: PlaceId[]
  notes: { author: 'owner' | 'groomer'; body: string; daysAgo: number }[]
  /** What became true of it since, so many days ago; of the next visit, how many days from today. */
  became?: { daysAgo: number; what: Omit<FactOf<'dog'>, 'kind' | 'nextVisit'>; visitMovedFrom?: number }[]
  /** What the groomer asked for at home at the last visit; it was read. */
  advice?: { place: PlaceId; says: string }[]
  /** What is wished of the next cut, so many days ago, and what the groomer said to it. */
  wish?: { daysAgo: number; lines: WishLine[]; answered?: { daysAgo: number; lines: WishAnswerLine[] } }
}

export const OWNER = 'Ruth Ambrell'
export const GROOMER = 'Imke Vos'
