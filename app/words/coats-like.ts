import { LEAST_HOUSEHOLDS } from '#core/learn/shared-counts'
import { KNOT_CLASSES } from '#core/coat/regions'
import type { KnotClass } from '#core/coat/regions'
import { capital } from './numbers'

/** What sharing one's counts is, before it is agreed to. */
export const WHAT_IS_SHARED = `How many knots were met and how many were to be expected, by coat and kind of place, summed over your dogs, and nothing else. Nothing is told from fewer than ${LEAST_HOUSEHOLDS} households, and you can take it back.`

/** Kinds of place, as an owner knows them. */
const CLASS_SAYS: Record<KnotClass, string> = {
  hot: 'behind ears, armpits and the like',
  rubbing: 'where gear and collars rub',
  moving: 'where legs move',
  calm: 'back and sides',
}
/** Under this a class is as it was taken to be (judgement). */
const AS_TAKEN = 0.05

/** What coats of a type come to, kind by kind: "Back and sides 0.9 times as many as was taken". */
export const sayTimes = (times: Partial<Record<KnotClass, number>>): { of: string; says: string }[] =>
  KNOT_CLASSES.flatMap((cls) => {
    const n = times[cls]
    if (n === undefined) return []
    return [
      {
        of: capital(CLASS_SAYS[cls]),
        says: Math.abs(n - 1) < AS_TAKEN ? 'as was taken' : `${n.toFixed(1)} times as many as was taken`,
      },
    ]
  })
