<script setup lang="ts">
import { PART_WASHES } from '#core/care/bath/part-wash'
import type { PartWash } from '#core/care/bath/part-wash'
import { regionOf, regionsOf } from '#core/coat/regions'
import type { PlaceId, RegionId } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import { listed } from '~/words/numbers'

/** What is written of a bath: what was washed, how long it dried, and whether the comb has been through. */
const props = defineProps<{
  stopped: boolean
  scope: PartWash | 'all'
  dryer: 'none' | 'household' | 'forced'
  cold: boolean
  /** As timed, where it was led to its end. */
  minutes?: number | undefined
  damp: readonly RegionId[]
}>()
const emit = defineEmits<{
  write: [what: FactOf<'wash'>, then: 'glides' | 'table' | 'later']
  'take-up': []
  drop: []
}>()
const { she, habits } = useCare()
const her = computed(() => (she.value ? 'her' : 'him'))
const what = ref<PartWash | 'all'>(props.scope)
const SCOPES = [
  { value: 'all' as const, words: 'all of it' },
  ...PART_WASHES.map((p) => ({ value: p.id, words: p.words })),
]
const washed = computed<readonly PlaceId[] | null>(
  () => PART_WASHES.find((p) => p.id === what.value)?.places ?? null,
)
const driedIn = ref(props.minutes ? String(props.minutes) : '')
const driedWrong = computed(() => {
  const n = Number(driedIn.value)
  return driedIn.value.trim() && !(n >= 1 && n <= 600) ? 'Drying takes 1 to 600 minutes.' : ''
})
/** Places that are damp wholly or on one side, in words. */
const dampIn = computed(() => {
  const places = [...new Set(props.damp.map((r) => regionOf(r).place))]
  return places.flatMap((p) => {
    const here = regionsOf(p).filter((r) => props.damp.includes(r.id))
    return here.length === regionsOf(p).length ? [regionsOf(p)[0]!.place] : here.map((r) => r.id)
  })
})
const sayDamp = computed(() =>
  listed(
    dampIn.value
      .slice(0, 5)
      .map((id) => (regionsOf(id as PlaceId)[0] ?? regionOf(id as RegionId)).label.toLowerCase()),
  ),
)
function write(then: 'glides' | 'table' | 'later') {
  if (driedWrong.value) return
  const { watts } = habits.value
  emit(
    'write',
    {
      kind: 'wash',
      combedOut: then === 'glides',
      ...(washed.value ? { places: [...washed.value] } : {}),
      ...(props.damp.length ? { damp: [...props.damp] } : {}),
      ...(driedIn.value.trim() && props.dryer !== 'none'
        ? {
            dried: {
              minutes: Math.max(1, Math.round(Number(driedIn.value))),
              with: props.dryer,
              ...(props.dryer === 'household' && watts ? { watts } : {}),
              ...(props.cold ? { cold: true as const } : {}),
            },
          }
        : {}),
    },
    then,
  )
}
</script>

<template>
  <div class="mx-auto max-w-[560px]" data-log>
    <h1 class="pt-1 desk:pt-4">{{ stopped ? 'Stopped part way' : `Now comb ${her} through` }}</h1>
    <p v-if="stopped" class="why mt-2">
      What is in the coat is rinsed out, then dried to the skin, a towel at least; and the comb as soon as
      {{ she ? 'she' : 'he' }} bears it. Pain, red skin or blood: ring the vet.
    </p>
    <p v-else class="why mt-2">
      {{ she ? 'Her' : 'His' }} clock for knots starts again at this comb check, not at the bath.
    </p>
    <p v-if="damp.length" class="mt-3 font-semibold text-caution" data-damp>
      Still damp: {{ sayDamp }}{{ dampIn.length > 5 ? ` and ${dampIn.length - 5} more` : '' }}.
    </p>
    <ActButton v-if="stopped" class="mt-3 w-full" data-take-up @click="emit('take-up')"
      >Take it up again where it stopped</ActButton
    >
    <p class="small mt-4">What was washed</p>
    <ChoiceRow v-model="what" tight class="flex-wrap" label="What was washed" :choices="SCOPES" />
    <FormField
      v-if="dryer !== 'none'"
      v-model="driedIn"
      class="mt-3 max-w-60"
      label="Minutes to dry, if you timed it"
      name="dried"
      inputmode="decimal"
    />
    <NoticeLine v-if="driedWrong" class="mt-2">{{ driedWrong }}</NoticeLine>
    <div class="mt-5 grid gap-2">
      <ActButton kind="filled" class="w-full text-lead" data-to-table @click="write('table')">
        To the table: comb {{ her }} through
      </ActButton>
      <ActButton class="w-full" @click="write('glides')">Combed already: it glides everywhere</ActButton>
      <ActButton class="w-full" @click="write('later')">Not combed out today</ActButton>
    </div>
    <ActButton kind="quiet" class="mt-3" @click="emit('drop')">No bath after all: write nothing</ActButton>
  </div>
</template>
