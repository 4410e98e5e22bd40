import type { PartId } from './regions'

/**
 * The eight coat types and what each does: how it knots, grows and takes time.
 *
 * Every figure is a prior. Unless a line says otherwise they were chosen by judgement so that
 * a coat behaves as groomers say it does (docs/model.md lists what they must reproduce).
 */
export const COAT_IDS = [
  'wool',
  'wool-cross',
  'drop',
  'feathered',
  'wire',
  'double-long',
  'double-short',
  'smooth',
] as const
export type CoatId = (typeof COAT_IDS)[number]

export interface CoatType {
  id: CoatId
  /** What an owner calls it, and the line below that tells it from the others. */
  label: string
  tell: string
  /** Knots begun a day over a whole 10 kg dog at 25 mm (judgement). */
  knotsPerDay: number
  /** Chance a day that a knot passes to the next stage, 1/day (judgement). */
  tighteningPerDay: number
  /** Growth, mm a day (common practice; learned from measurements later). */
  growthMmPerDay: number
  /** Line combing, minutes per dm² at 25 mm (judgement). */
  minutesPerDm2: number
  /** Usual length of each part, mm (judgement). */
  usualMm: Record<PartId, number>
  /** Where the coat stops growing, as a multiple of the usual length; absent parts grow on. */
  stopsAt: Partial<Record<PartId, number>>
  /** Lmax where one length is given for the whole dog, mm; none for coats that grow on. */
  stopsAtMm: number | null
  /** Days a place may go without a comb check while the minutes allow it (judgement). */
  ceilingDays: number
  /** Whether the coat sheds by season. */
  sheds: boolean
  /** Whether the puppy-to-adult change makes it knot more. */
  puppyChange: boolean
  /** How much mist before the brush. */
  mist: 'well' | 'lightly' | 'none'
}

const parts = (body: number, legs: number, head: number, ears: number, tail: number) => ({
  body,
  legs,
  head,
  ears,
  tail,
})

export const COATS: Record<CoatId, CoatType> = {
  wool: {
    id: 'wool',
    label: 'Tight curl',
    tell: 'sheds into itself',
    knotsPerDay: 0.33,
    tighteningPerDay: 1 / 7,
    growthMmPerDay: 0.35,
    minutesPerDm2: 0.65,
    usualMm: parts(20, 25, 20, 30, 40),
    stopsAt: {},
    stopsAtMm: null,
    ceilingDays: 10,
    sheds: false,
    puppyChange: true,
    mist: 'well',
  },
  'wool-cross': {
    id: 'wool-cross',
    label: 'Waves, mixed',
    tell: 'wool crossed with another',
    knotsPerDay: 0.45,
    tighteningPerDay: 1 / 7,
    growthMmPerDay: 0.35,
    minutesPerDm2: 0.75,
    usualMm: parts(20, 25, 20, 30, 40),
    stopsAt: {},
    stopsAtMm: null,
    ceilingDays: 10,
    sheds: false,
    puppyChange: true,
    mist: 'well',
  },
  drop: {
    id: 'drop',
    label: 'Long silk',
    tell: 'hangs, single coat',
    knotsPerDay: 0.27,
    tighteningPerDay: 1 / 8,
    growthMmPerDay: 0.33,
    minutesPerDm2: 0.6,
    usualMm: parts(80, 80, 60, 90, 90),
    stopsAt: {},
    stopsAtMm: null,
    ceilingDays: 10,
    sheds: false,
    puppyChange: false,
    mist: 'well',
  },
  feathered: {
    id: 'feathered',
    label: 'Fringes only',
    tell: 'ears, chest, legs, tail',
    knotsPerDay: 0.18,
    tighteningPerDay: 1 / 9,
    growthMmPerDay: 0.3,
    minutesPerDm2: 0.35,
    usualMm: parts(12, 40, 12, 50, 60),
    stopsAt: { body: 1.2, head: 1.2 },
    stopsAtMm: null,
    ceilingDays: 14,
    sheds: false,
    puppyChange: false,
    mist: 'well',
  },
  wire: {
    id: 'wire',
    label: 'Harsh jacket',
    tell: 'soft on legs and face',
    knotsPerDay: 0.13,
    tighteningPerDay: 1 / 9,
    growthMmPerDay: 0.3,
    minutesPerDm2: 0.35,
    usualMm: parts(20, 25, 30, 10, 20),
    stopsAt: {},
    stopsAtMm: null,
    ceilingDays: 14,
    sheds: false,
    puppyChange: false,
    mist: 'well',
  },
  'double-long': {
    id: 'double-long',
    label: 'Long over wool',
    tell: 'ruff, sheds by season',
    knotsPerDay: 0.15,
    tighteningPerDay: 1 / 10,
    growthMmPerDay: 0.25,
    minutesPerDm2: 0.4,
    usualMm: parts(45, 30, 10, 30, 70),
    stopsAt: { body: 1.3, legs: 1.3, head: 1.3, ears: 1.3, tail: 1.3 },
    stopsAtMm: 60,
    ceilingDays: 14,
    sheds: true,
    puppyChange: false,
    mist: 'lightly',
  },
  'double-short': {
    id: 'double-short',
    label: 'Short over wool',
    tell: 'sheds hard',
    knotsPerDay: 0.03,
    tighteningPerDay: 1 / 10,
    growthMmPerDay: 0.2,
    minutesPerDm2: 0.25,
    usualMm: parts(20, 12, 8, 8, 25),
    stopsAt: { body: 1.1, legs: 1.1, head: 1.1, ears: 1.1, tail: 1.1 },
    stopsAtMm: 30,
    ceilingDays: 28,
    sheds: true,
    puppyChange: false,
    mist: 'lightly',
  },
  smooth: {
    id: 'smooth',
    label: 'Short, flat',
    tell: 'no soft wool under it',
    knotsPerDay: 0.002,
    tighteningPerDay: 1 / 10,
    growthMmPerDay: 0.2,
    minutesPerDm2: 0.08,
    usualMm: parts(8, 6, 5, 5, 8),
    stopsAt: { body: 1.1, legs: 1.1, head: 1.1, ears: 1.1, tail: 1.1 },
    stopsAtMm: 15,
    ceilingDays: 28,
    sheds: false,
    puppyChange: false,
    mist: 'none',
  },
}
