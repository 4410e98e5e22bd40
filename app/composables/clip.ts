import { CLIPPED_PLACES, clipOrder, clippable, clippedParts, clipSteps } from '#core/care/led/clip'
import type { ClipFrom, ClipPartId, ClipWork } from '#core/care/led/clip'
import type { AskedStep } from '#core/care/led/works'
import { mayClip } from '#core/care/tidies/clip'
import { allowedAt } from '#core/care/tidies/may'
import { regionsOf } from '#core/coat/regions'
import { isSore } from '#core/plan/off-the-table'
import { GUARDS_MM } from '#core/record/cutters'
import { addDays } from '#core/record/day'
import { timeline } from '#core/record/timeline'

/** A clip is done over a few days at most, or it has grown out (judgement). */
const OVER_DAYS = 4
/** A guard comb longer than one thinks: the usual one to begin with, mm (judgement). */
const FIRST_MM = 19

/** A body clip of this dog: what is clipped already, whether it may go on today, and its steps. */
export function useClip() {
  const { file, coat, today } = useDog()
  const { habits } = useCare()
  const profile = computed(() => file.value.profile)
  const run = useLongWork<ClipPartId>('clip', () => steps.value)
  const { led } = run
  /** What was clipped at home lately: the same clip goes on. */
  const lately = computed(() =>
    timeline(file.value.entries).flatMap(({ day, what }) =>
      what.kind === 'visit' && what.home && day > addDays(today.value, -OVER_DAYS) && day <= today.value
        ? (what.except ?? [])
        : [],
    ),
  )
  const done = computed(() => clippedParts(lately.value))
  const guards = computed(() => [...(habits.value.guards?.length ? habits.value.guards : GUARDS_MM)])
  const guardMm = ref(lately.value[0]?.mm ?? guards.value.find((g) => g >= FIRST_MM) ?? guards.value.at(-1)!)
  const from = ref<ClipFrom>('neck')
  const allowed = computed(() => allowedAt('clip', habits.value))
  const left = computed(() => clipOrder(from.value).filter((id) => !done.value.includes(id)))
  const placesLeft = computed(() => {
    const regions = left.value.flatMap((id) => clippable(id, { absent: profile.value.absent, leave: [] }))
    return CLIPPED_PLACES.filter((p) => regionsOf(p).some((r) => regions.includes(r.id)))
  })
  const gate = computed(() => mayClip(coat.value, allowed.value, placesLeft.value))
  const toComb = computed(() =>
    'places' in gate.value && gate.value.answer !== 'groomer' ? gate.value.places : [],
  )
  const work = computed<ClipWork>(() => ({
    sex: profile.value.sex,
    from: (led.value?.of?.split(' ')[0] as ClipFrom | undefined) ?? from.value,
    guardMm: Number(led.value?.of?.split(' ')[1] ?? guardMm.value),
    absent: profile.value.absent,
    leave: coat.value.places.filter((p) => p.concern !== null || isSore(p)).map((p) => p.region.place),
    mmNow: Object.fromEntries(coat.value.places.map((p) => [p.id, Math.round(p.mm * 10) / 10])),
    done: done.value,
  }))
  const steps = computed((): AskedStep<ClipPartId>[] => clipSteps(work.value))
  return { run, done, guards, guardMm, from, left, placesLeft, gate, toComb, work, steps }
}
