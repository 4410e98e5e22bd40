<script setup lang="ts">
import { nudgesOf } from '#core/season/weather'
import { regionOf, regionsOf } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { Fact } from '#core/record/entries'
import { between, timeline } from '#core/record/timeline'
import { sayNudge } from '~/words/weather'

/** What the weather suggests: an entry to write in one press, or a look to take. */
const emit = defineEmits<{ places: [PlaceId[]]; hot: [] }>()
const { file, today } = useDog()
const combAtTable = useCombAtTable()
const { weather, invented, moves } = useWeather()
const todays = computed(() => between(timeline(file.value.entries), today.value, today.value))
const wetToday = computed(() => todays.value.some((f) => f.what.kind === 'wet'))
const FEET: readonly PlaceId[] = ['forefoot', 'hindfoot']
const feetToday = computed(() =>
  todays.value.some((f) => f.what.kind === 'check' && FEET.includes(regionOf(f.what.region).place)),
)
const dismissed = ref(false)
const nudge = computed(() => {
  if (!weather.value || dismissed.value) return null
  return (
    nudgesOf(weather.value).find((n) =>
      n.nudge === 'wet-walk' || n.nudge === 'muddy'
        ? !wetToday.value
        : n.nudge === 'seeds'
          ? !feetToday.value
          : true,
    ) ?? null
  )
})
const WET: Partial<Record<string, Fact>> = {
  'wet-walk': { kind: 'wet', how: 'rain', combedDry: false },
  muddy: { kind: 'wet', how: 'grass', combedDry: false },
}
const { written, write, undo } = useWritten()
/** What the weather asks of today's plan: feet where seeds fall, a short session in heat. */
watch(
  [weather, moves, feetToday],
  ([w]) => {
    const all = w && moves.value ? nudgesOf(w) : []
    emit('places', all.some((n) => n.nudge === 'seeds') && !feetToday.value ? [...FEET] : [])
    if (all.some((n) => n.nudge === 'heat')) emit('hot')
  },
  { immediate: true },
)
const feet = () => combAtTable(FEET.flatMap((p) => regionsOf(p).map((r) => r.id)))
</script>

<template>
  <p v-if="written" class="flex min-h-11 items-center gap-4 border-b border-rule" role="status">
    <span>A wet walk, written in.</span><ActButton kind="quiet" @click="undo">Undo</ActButton>
  </p>
  <div v-else-if="nudge" class="flex flex-wrap items-center gap-x-4 border-b border-rule py-1" data-weather>
    <span class="why min-w-0 flex-1 basis-52 text-body"
      >{{ sayNudge(nudge, invented)
      }}<template v-if="invented">
        <NuxtLink :to="`/dogs/${file.id}/ways`" class="font-sans text-side not-italic underline">{{
          moves ? 'It moves the plan, as you set it' : 'It moves nothing until you turn it on'
        }}</NuxtLink></template
      ></span
    >
    <ActButton v-if="WET[nudge.nudge]" kind="quiet" @click="write(WET[nudge.nudge]!)">Yes, wet</ActButton>
    <ActButton v-else-if="nudge.nudge === 'seeds'" kind="quiet" @click="feet">Check the feet</ActButton>
    <ActButton kind="quiet" class="!font-normal text-ink-2" @click="dismissed = true">
      {{ WET[nudge.nudge] ? 'No' : 'Seen' }}
    </ActButton>
  </div>
</template>
