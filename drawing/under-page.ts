import { outline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import type { Arrow } from './plan'

/**
 * The underside, as the dog lies on its back, head up the page. Unit: the trunk's length, 520 px;
 * x = 0 the middle, y up; the dog's left is on our right.
 */
const UNIT = 520
const [CX, CY] = [350, 800]
export type Model = readonly [number, number]
export type Half = readonly (readonly [number, number, number])[]
export const page = (q: Model): Pt => [CX + q[0] * UNIT, CY - q[1] * UNIT]
export const pageCoat = (q: readonly [number, number, number]): CoatPt => [...page([q[0], q[1]]), q[2]]
const flip = <T extends readonly number[]>(q: T): T => [-q[0]!, ...q.slice(1)] as unknown as T
export const sided =
  (s: number) =>
  <T extends readonly number[]>(q: T) =>
    s > 0 ? q : flip(q)
export const loop = (half: Half): CoatPt[] =>
  outline([...half, ...[...half].reverse().map(flip)].map(pageCoat))
export const arrows = (list: readonly Arrow[]): Arrow[] =>
  list.flatMap((a): Arrow[] => [
    [...page([a[0], a[1]]), a[2], -a[3]],
    [...page([-a[0], a[1]]), -a[2], -a[3]],
  ])
export const across = (pts: readonly Model[]): Model[] => [
  ...pts.map(flip).reverse(),
  ...pts.filter((p) => p[0] !== 0),
]
