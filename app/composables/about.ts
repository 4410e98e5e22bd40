import type { FactOf } from '#core/record/entries'
import { timeline } from '#core/record/timeline'
import { become } from '#core/record/truths'
import { ABOUT, effectOfTruth, weekOfCoat } from '~/words/about'
import type { About, Told } from '~/words/about'
import { sayStanding, sayTruths } from '~/words/truths'

/** What is true of the dog in view: each thing as it stands, since when, and what it does; and changing it. */
export function useAbout() {
  const { file, coat, today } = useDog()
  const record = useRecord()
  const profile = computed(() => file.value.profile)
  const facts = computed(() =>
    timeline(file.value.entries).filter(
      (f): f is typeof f & { what: FactOf<'dog'> } => f.what.kind === 'dog',
    ),
  )
  const told = (which: About): Told => {
    const { profile: p } = file.value
    if (which === 'ears' || which === 'ground') return p.habits?.[which] ? { [which]: p.habits[which] } : {}
    if (which === 'nextVisit') return { nextVisit: p.nextVisit ?? null }
    return p[which] === undefined ? {} : { [which]: p[which] }
  }
  const rows = computed(() =>
    ABOUT.map((which) => ({
      which,
      says: sayStanding(which, { kind: 'dog', ...told(which) }),
      since: facts.value.findLast((f) => f.what[which] !== undefined)?.day ?? null,
      effect: effectOfTruth(which, profile.value, coat.value, today.value),
    })),
  )
  /** What a change would do, before it is kept: the effect, and minutes a week more or less. */
  function preview(which: About, draft: Told) {
    const as = become(profile.value, { kind: 'dog', ...draft })
    const moved = as.absent.join() === profile.value.absent.join()
    const more = moved ? weekOfCoat(as, coat.value) - weekOfCoat(profile.value, coat.value) : 0
    const effect = effectOfTruth(which, as, coat.value, today.value)
    return more ? `${effect}, ${Math.abs(more)} ${more > 0 ? 'more' : 'less'}` : effect
  }
  const { written, undo } = useWritten()
  async function keep(which: About, draft: Told, day: string) {
    const what: FactOf<'dog'> = { kind: 'dog', ...draft }
    const [entry] = await record.add([{ day, what }])
    if (entry) written.value = { entries: [entry], what, says: sayTruths(what)[0] ?? '' }
    return !!entry
  }
  return { profile, rows, preview, keep, written, undo }
}
