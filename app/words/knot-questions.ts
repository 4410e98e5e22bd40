import type { KnotFound } from '#core/care/knots/knot'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import type { Finding } from '#core/record/findings'

export type KnotAsk = 'skin' | 'privates' | 'parts' | 'many' | 'water'
interface Option {
  words: string
  means: string
  mark?: Finding
  /** What the answer tells. */
  set: Partial<KnotFound>
}
export interface KnotQuestion {
  title: string
  why: string
  options: Option[]
}

/** The questions about a knot, plainly, with what each answer tells. */
export const knotQuestions = (region: RegionId, she: boolean): Record<KnotAsk, KnotQuestion> => ({
  skin: {
    title: 'How is the skin under it?',
    why: 'Part the hair beside the knot and look, then feel.',
    options: [
      { words: 'It looks and feels well', means: 'dry, its usual colour, no pain', set: { skinWell: true } },
      {
        words: 'Red, wet, broken or sore',
        means: 'or it smells, is lumpy, or is pulled tight',
        set: { skinWell: false },
      },
    ],
  },
  privates: {
    title: she ? 'Is it at the anus or the vulva?' : 'Is it at the anus, sheath or scrotum?',
    why: 'There it is clipped, and not at home.',
    options: [
      {
        words: 'No',
        means: `elsewhere on the ${regionOf(region).label.toLowerCase()}`,
        set: { privates: false },
      },
      { words: 'Yes', means: 'hair only, and it is clean', set: { privates: true } },
      {
        words: 'Yes, and it is fouled',
        means: 'it cannot wait for a visit',
        set: { privates: true, fouled: true },
      },
    ],
  },
  parts: {
    title: 'Does it part between your fingers?',
    why: `Hold the hair between knot and skin first, so no pull reaches ${she ? 'her' : 'him'}.`,
    options: [
      {
        words: 'Yes, it starts to split',
        means: 'a knot the hair still moves on',
        mark: 'knot',
        set: { kind: 'knot' },
      },
      { words: 'No, it is solid', means: 'tight against the skin, a mat', mark: 'mat', set: { kind: 'mat' } },
      {
        words: `${she ? 'She' : 'He'} will not let me`,
        means: 'leave it today, and say so in the note',
        mark: 'refused',
        set: { allowed: false },
      },
      {
        words: 'It is a sheet of it',
        means: 'felt: no comb will enter',
        mark: 'felt',
        set: { kind: 'felt' },
      },
      { words: 'I cannot tell', means: 'counts as solid, to be careful', set: { kind: 'mat' } },
    ],
  },
  many: {
    title: 'How many mats are here?',
    why: 'Feel all through the place, down to the skin.',
    options: [
      { words: 'One', means: '', mark: 'mat', set: { count: 1 } },
      { words: 'Two', means: '', mark: 'mat', set: { count: 2 } },
      { words: 'Three or more', means: 'many, for one place', mark: 'mat', set: { count: 3 } },
    ],
  },
  water: {
    title: 'Does water soak to the skin there?',
    why: `A cupful will tell. And can you dry ${she ? 'her' : 'him'} to the skin after?`,
    options: [
      { words: 'Yes, and I can dry it', means: 'so conditioner can follow', set: { washable: true } },
      { words: 'No, or I cannot', means: 'then a wash would tighten it', set: { washable: false } },
    ],
  },
})
