import type { Entry, Fact } from '#core/record/entries'

/** Writes things into the diary as of now, says so, and can take them back together. */
export function useWritten() {
  const { today } = useDog()
  const record = useRecord()
  const written = ref<{ entries: Pick<Entry, 'id' | 'day'>[]; says: string; what: Fact } | null>(null)
  /** @param says what is told of it, beside the undo. @param also what it opened, such as a concern */
  async function write(what: Fact, says = '', also: readonly Fact[] = []) {
    const stamp = { day: today.value, time: localTime() }
    const entries = await record.add([what, ...also].map((w) => ({ ...stamp, what: w })))
    if (entries[0]) written.value = { entries, says, what }
  }
  async function undo() {
    for (const e of written.value?.entries ?? []) await record.takeBack(e)
    written.value = null
  }
  return { written, write, undo }
}
