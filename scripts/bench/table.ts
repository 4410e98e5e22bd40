export const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length
export const percent = (x: number) => `${(100 * x).toFixed(2)} %`
export const row = (what: string, came: string) => console.log(`${what.padEnd(52)} ${came}`)
/** The middle one of some runs, ms, so that one slow run says nothing. */
export function middle(times: number, run: (n: number) => unknown): number {
  const took = Array.from({ length: times }, (_, n) => {
    const begun = performance.now()
    run(n)
    return performance.now() - begun
  }).sort((a, b) => a - b)
  return took[Math.floor(times / 2)]!
}
