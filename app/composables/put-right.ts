import type { Fact } from '#core/record/entries'

/** An entry of one kind, as the diary puts it right. */
export interface EntryOf<F extends Fact> {
  id: string
  day: string
  what: F
}
/** Writes what takes an entry's place, where it says something else. */
export function usePutRight() {
  const record = useRecord()
  return async ({ id, day, what }: EntryOf<Fact>, by: Fact) => {
    if (JSON.stringify(by) === JSON.stringify(what)) return
    await record.add([{ day, what: { kind: 'correction', replaces: id, by } }])
  }
}
