import type { Profile } from './profile'

const worn = (g: { from: number; to: number }, month: number) =>
  g.from <= g.to ? month >= g.from && month <= g.to : month >= g.from || month <= g.to

/** Hours a day a dog wears a coat or jumper in a month (1 to 12), as it usually does: the longest worn counts. */
export const garmentHours = ({ garments }: Pick<Profile, 'garments'>, month: number): number =>
  Math.max(0, ...(garments ?? []).filter((g) => worn(g, month)).map((g) => g.hours))
