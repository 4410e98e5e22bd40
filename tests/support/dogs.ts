import { v7 as uuid } from 'uuid'
import { lengthsAt } from '../../core/plan/weekly'
import type { CoatId } from '../../core/coat/coat-types'
import type { Entry } from '../../core/record/entries'
import type { DogRecord } from '../../core/record/fold'
import type { Profile } from '../../core/record/profile'

/** Dogs for tests. */
export const profile = (more: Partial<Profile> = {}): Profile => ({
  name: 'Merle',
  sex: 'male',
  coat: 'wool-cross',
  weightKg: 12,
  since: '2026-09-01',
  harnessHours: 0,
  collarAllDay: false,
  minutes: [12, 12, 12, 12, 12, 40, 0],
  hard: [],
  absent: [],
  hemisphere: 'north',
  ...more,
})

export const entry = (day: string, what: Entry['what'], more: Partial<Entry> = {}): Entry => ({
  id: uuid(),
  day,
  what,
  ...more,
})

export const visit = (day: string, coat: CoatId, bodyMm: number): Entry =>
  entry(day, { kind: 'visit', lengths: lengthsAt(coat, bodyMm), found: [] })

export const everyPart = (mm: number) => ({ body: mm, legs: mm, head: mm, ears: mm, tail: mm })

export const dog = (more: Partial<Profile> = {}, bodyMm = 20, entries: Entry[] = []): DogRecord => {
  const p = profile(more)
  return { profile: p, entries: [visit(p.since, p.coat, bodyMm), ...entries] }
}
