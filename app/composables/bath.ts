import { PART_WASHES } from '#core/care/bath/part-wash'
import type { PartWash } from '#core/care/bath/part-wash'
import { bathAmounts, meanLength, mustBeDried } from '#core/care/bath/bath-recipe'
import { areaShare, mayWash } from '#core/care/bath/wash-gate'
import { bathSteps } from '#core/care/led/bath'
import type { BathPart } from '#core/care/led/bath'
import { putOffs } from '#core/care/bath/put-off'
import type { PlaceId } from '#core/coat/regions'
import { daysBetween } from '#core/record/day'
import { driesSlowly } from '#core/season/weather'

/** A bath of this dog, or of a part of it: whether it may be, what to make up, and its steps. */
export function useBath() {
  const { file, today, coat } = useDog()
  const { habits, concerns, dueOf, lastOf } = useCare()
  const { weather, moves } = useWeather()
  const route = useRoute()
  const profile = computed(() => file.value.profile)

  /** All of the dog, or a part: a soiled rear, feet and legs, a beard. */
  const asked = PART_WASHES.find((p) => p.id === route.query.part)
  const scope = ref<PartWash | 'all'>(asked?.id ?? 'all')
  const washed = computed<readonly PlaceId[] | null>(
    () => PART_WASHES.find((p) => p.id === scope.value)?.places ?? null,
  )
  /** What the owner sees and feels. */
  const seen = reactive({ skin: 'well' as 'well' | 'sore', stitches: false, dirty: false })
  const soaks = ref<boolean | undefined>(undefined)
  const now = useMinuteOfDay()
  const mm = computed(() => meanLength(coat.value))
  const sinceBath = computed(() => {
    const last = lastOf('bath')
    return last ? daysBetween(last.day, today.value) : null
  })
  const cold = computed(() => (moves.value && weather.value ? driesSlowly(weather.value) : false))
  /** A short coat may dry in the warm, with a dryer at hand too. */
  const inTheWarm = ref(false)
  const byItself = computed(() => !mustBeDried(profile.value.coat))
  const dryer = computed(() => (inTheWarm.value && byItself.value ? 'none' : habits.value.dryer))
  const interval = computed(() => dueOf('bath')!.interval.now)
  const gate = computed(() =>
    mayWash({
      coat: coat.value,
      part: washed.value,
      concerns: concerns.value,
      ...seen,
      vetPlan: habits.value.vetPlan,
      sinceBath: sinceBath.value,
      interval: interval.value,
      washFirst: habits.value.wash === 'wash-first',
      ...(soaks.value === undefined ? {} : { soaks: soaks.value }),
      dryer: dryer.value,
      ...(habits.value.watts ? { watts: habits.value.watts } : {}),
      cold: cold.value,
      mm: mm.value,
      now: now.value,
      bed: habits.value.bed,
    }),
  )
  /** How much of the coat is washed. */
  const share = computed(() =>
    areaShare(
      coat.value.places.filter((p) => !washed.value || washed.value.includes(p.region.place)),
      coat.value.places,
    ),
  )
  const amounts = computed(() => bathAmounts(profile.value.weightKg, mm.value, share.value))
  const waiting = computed(() => putOffs(coat.value.places, washed.value))
  const steps = computed(() =>
    bathSteps({
      coat: profile.value.coat,
      mixes: amounts.value,
      dryer: dryer.value,
      washed: washed.value,
      putOff: waiting.value,
      absent: profile.value.absent,
      sex: profile.value.sex,
    }),
  )
  const run = useLongWork<BathPart>('bath', () => steps.value)
  // A bath that was begun is of what it was begun of.
  if (run.led.value) scope.value = run.led.value.of as typeof scope.value
  return {
    scope,
    washed,
    seen,
    soaks,
    now,
    mm,
    share,
    sinceBath,
    interval,
    cold,
    inTheWarm,
    byItself,
    dryer,
    gate,
    waiting,
    steps,
    run,
  }
}
export type Bath = ReturnType<typeof useBath>
