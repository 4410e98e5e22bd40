import { wasCut } from '#core/record/tidied'
import { REHEARSED_IDS } from '#core/record/tidies'
import type { RehearsedId, WorkId } from '#core/record/tidies'
import { timeline } from '#core/record/timeline'

export const isRehearsed = (work: WorkId): work is RehearsedId => REHEARSED_IDS.some((id) => id === work)

/** Whether the person at hand has rehearsed a kind of tidy on paper, and whether it is asked of them before the first cut. */
export function useRehearsed(work: () => WorkId) {
  const { file, today } = useDog()
  const me = useMe()
  const { setting, cuts } = useWork(work)
  const record = useRecord()
  const facts = computed(() => timeline(file.value.entries).map((f) => f.what))
  const mine = computed(() =>
    facts.value.flatMap((w) =>
      w.kind === 'rehearsed' && w.of === work() && (!w.by || w.by === me.me?.name) ? [w] : [],
    ),
  )
  const kept = computed(() => mine.value.some((w) => w.went === 'kept'))
  const cutBefore = computed(() =>
    facts.value.some((w) => w.kind === 'tidy' && w.tidy === work() && wasCut(w)),
  )
  /** Before the first cut of a kind, unless a groomer has opened the door; once, and it can be put off. */
  const asksFirst = computed(
    () =>
      isRehearsed(work()) &&
      cuts.value &&
      setting.value === 'scissors' &&
      !cutBefore.value &&
      !kept.value &&
      !mine.value.some((w) => w.went === 'later'),
  )
  async function write(went: 'kept' | 'open' | 'later', says = '') {
    const name = me.me?.name
    await record.add([
      {
        day: today.value,
        time: localTime(),
        what: {
          kind: 'rehearsed',
          of: work() as RehearsedId,
          ...(name ? { by: name } : {}),
          went,
          ...(says ? { says } : {}),
        },
      },
    ])
  }
  return { asksFirst, kept, write }
}
