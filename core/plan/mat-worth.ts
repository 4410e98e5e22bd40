/** A mat costs the coat, not just its minutes: what one is worth, in minutes (judgement). */
export const MINUTES_A_MAT_IS_WORTH = 150
