/**
 * How far work has gone: by what is done of it, or by the time gone if that is further. Without a clock
 * only what is done counts, so that the same work comes out the same.
 */
export class Deadline {
  private readonly begun: number

  /**
   * @param within the time there is for all of it, ms
   * @param clock ms, from whenever
   */
  constructor(
    private readonly within: number,
    private readonly clock?: () => number,
  ) {
    this.begun = clock?.() ?? 0
  }

  /**
   * Begins a part of the work.
   * @param by the share of the time by which it is to be over
   * @returns given the share done of it, how far it has gone, 0 to 1
   */
  part(by: number): (done: number) => number {
    const { clock } = this
    if (!clock) return (done) => done
    const from = clock()
    const left = this.begun + by * this.within - from
    return (done) => Math.min(1, Math.max(done, left > 0 ? (clock() - from) / left : 1))
  }
}
