import type { Fact } from '#core/record/entries'

/** Writes one thing into the diary as of now, says so, and can take it back. */
export function useWritten() {
  const { today } = useDog()
  const record = useRecord()
  const written = ref<{ id: string; day: string; says: string; what: Fact } | null>(null)
  /** @param says what is told of it, beside the undo */
  async function write(what: Fact, says = '') {
    const [entry] = await record.add([{ day: today.value, time: localTime(), what }])
    if (!entry) return
    written.value = { id: entry.id, day: today.value, says, what }
  }
  async function undo() {
    if (written.value) await record.takeBack(written.value)
    written.value = null
  }
  return { written, write, undo }
}
