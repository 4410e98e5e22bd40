import type { Profile } from './profile'

const worn = (g: { from: number; to: number }, month: number) =>
  g.from <= g.to ? month >= g.from && month <= g.to : month >= g.from || month <= g.to

/** What a dog wears longest in a month (1 to 12), as it usually does; null where it goes bare. */
export function wornIn({ garments }: Pick<Profile, 'garments'>, month: number) {
  const all = (garments ?? []).filter((g) => g.hours > 0 && worn(g, month))
  return all.reduce<(typeof all)[number] | null>(
    (most, g) => (!most || g.hours > most.hours ? g : most),
    null,
  )
}
/** Hours a day it wears a coat or jumper in that month: the longest worn counts. */
export const garmentHours = (profile: Pick<Profile, 'garments'>, month: number): number =>
  wornIn(profile, month)?.hours ?? 0
