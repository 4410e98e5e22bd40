import type { Entry, Fact } from '#core/record/entries'

/** Writes things into the diary as of now, says so, and can take them back together. */
export function useWritten() {
  const { today } = useDog()
  const record = useRecord()
  const written = ref<{ entries: Pick<Entry, 'id' | 'day'>[]; says: string; what: Fact } | null>(null)
  /**
   * @param says what is told of it, beside the undo
   * @param also what it opened, such as a concern
   * @returns whether it is in the diary
   */
  async function write(what: Fact, says = '', also: readonly Fact[] = []) {
    const stamp = { day: today.value, time: localTime() }
    const entries = await record.add([what, ...also].map((w) => ({ ...stamp, what: w })))
    if (entries[0]) written.value = { entries, says, what }
    return entries.length > 0
  }
  /** Out of sight at once: what is written while this is still being taken back keeps its own line and undo. */
  async function undo() {
    const taken = written.value
    written.value = null
    try {
      for (const e of taken?.entries ?? []) await record.takeBack(e)
    } catch (error) {
      written.value ??= taken
      throw error
    }
  }
  return { written, write, undo }
}
