import type { Pt } from './geometry'

/** Pixels to one height at the withers. */
export const SCALE = 500
const LEFT = 0.47
export const GROUND = 1.55

export type Model = readonly [number, number]
export const page = (q: Model): Pt => [(q[0] + LEFT) * SCALE, (GROUND - q[1]) * SCALE]
