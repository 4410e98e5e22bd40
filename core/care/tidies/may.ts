import { CUTTER_OF } from '../../record/cutters'
import type { CutterId } from '../../record/cutters'
import { settingAt } from '../../record/habits'
import type { HabitsNow, Setting, TaughtId } from '../../record/habits'
import type { MeansId } from '../../record/means'
import { CUT_IDS } from '../../record/tidies'
import type { CutId } from '../../record/tidies'

export const SCISSORS: readonly MeansId[] = ['blunt-scissors', 'thinning-scissors']

/** What an owner may use at one tidy. */
export interface Allowed {
  setting: Setting
  /** What the groomer named has taught; counts only at the setting `taught`. */
  taught: readonly TaughtId[]
  /** Of this tidy, tool by tool, where it was said so. */
  with?: readonly MeansId[] | undefined
  /** What there is that cuts and is sharp; unset where nothing was said. */
  owned?: readonly CutterId[] | undefined
  /** Guard combs owned, mm; unset where nothing was said. */
  guards?: readonly number[] | undefined
}

const ALWAYS: readonly MeansId[] = ['cloth', 'comb']
/** What each tidy is done with at home. No scissors at the rear, under any setting. Common practice, no source. */
const WITH: Record<CutId, { usual: readonly MeansId[]; taught: Partial<Record<TaughtId, MeansId>> }> = {
  face: { usual: ['blunt-scissors', 'thinning-scissors'], taught: { 'corner-blade': 'corner-blade' } },
  paws: { usual: ['blunt-scissors', 'flat-trimmer'], taught: {} },
  sanitary: { usual: ['guarded-clipper'], taught: { 'rear-blade': 'bare-clipper' } },
  ears: { usual: ['thinning-scissors', 'blunt-scissors'], taught: {} },
  neatening: { usual: ['thinning-scissors', 'blunt-scissors'], taught: {} },
  nails: { usual: ['nail-clipper', 'nail-grinder'], taught: {} },
  clip: { usual: ['guarded-clipper'], taught: {} },
}
/** All that may ever cut at a tidy: what is usual, and what a groomer can teach. */
export const everAt = (tidy: CutId): MeansId[] => [...WITH[tidy].usual, ...Object.values(WITH[tidy].taught)]
/** Whether what has a name of its own was among what was shown. */
export const everShown = (taught: TaughtId, shown: Partial<Record<CutId, readonly MeansId[]>>): boolean =>
  CUT_IDS.some((id) => {
    const means = WITH[id].taught[taught]
    return means !== undefined && (shown[id]?.includes(means) ?? false)
  })

/** What may be used for a tidy by permission alone, whether it is owned or not. */
function permitted(tidy: CutId, { setting, taught, with: named }: Allowed): MeansId[] {
  if (setting === 'comb') return []
  if (setting === 'scissors') return [...WITH[tidy].usual]
  if (named) return everAt(tidy).filter((m) => named.includes(m))
  return [...WITH[tidy].usual, ...taught.flatMap((t) => WITH[tidy].taught[t] ?? [])]
}
const isOwned = (means: MeansId, owned: Allowed['owned']) => {
  const cutter = CUTTER_OF[means]
  return !owned || !cutter || owned.includes(cutter)
}
/** What is used for a tidy: what may be, of what there is; gentlest first. */
export const offered = (tidy: CutId, allowed: Allowed): MeansId[] => [
  ...ALWAYS,
  ...permitted(tidy, allowed).filter((m) => isOwned(m, allowed.owned)),
]
/** What the tidy could be done with under another permission. */
export const withheld = (tidy: CutId, allowed: Allowed): MeansId[] =>
  everAt(tidy).filter((m) => !permitted(tidy, allowed).includes(m))
/** What may be used and is not there, or is dull. */
export const missing = (tidy: CutId, allowed: Allowed): MeansId[] =>
  permitted(tidy, allowed).filter((m) => !isOwned(m, allowed.owned))

/** What this owner may use at a tidy, and whose name is on it. */
export function allowedAt(tidy: CutId, habits: HabitsNow): Allowed & { by: string | null } {
  const own = habits.may[tidy]
  return {
    setting: settingAt(tidy, habits),
    taught: habits.taught,
    with: own?.with,
    by: own ? (own.by ?? null) : habits.taughtBy,
    // With nothing ticked, all of it is taken to be there.
    owned: habits.cutters?.length ? habits.cutters.filter((c) => !habits.worn.includes(c)) : undefined,
    guards: habits.guards,
  }
}
