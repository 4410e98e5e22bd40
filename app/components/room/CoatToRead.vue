<script setup lang="ts">
import { cutPlaces, doneShade, sayDone } from '#core/care/note/place-done'
import { placeRow, regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { buildOf } from '#drawing/build-of'
import type { SharedDog } from '#shared/answers'
import type { SharedView } from '~/words/shared-view'
import { sayChance } from '~/words/reasons'

/** The groomer's map of a dog: as it should come, or what was done at home since their last visit, place by place. */
const { shared, view } = defineProps<{
  shared: SharedDog
  view: SharedView
  /** The dog's left side drawn beforehand, for a page that stands before its program comes. */
  standing?: string
}>()
const WHICH = [
  { value: 'odds', words: 'as it will come' },
  { value: 'done', words: 'what was done' },
] as const
const which = ref<(typeof WHICH)[number]['value']>('odds')
const picked = ref<RegionId | null>(null)
const arrival = computed(() => shared.arrival)
const odds = (id: RegionId) => sayChance(arrival.value?.chance[id] ?? 0, arrival.value?.shades[id])
const done = (id: RegionId) => sayDone(view.done[id], shared.today)
const doneShades = computed(() =>
  Object.fromEntries(
    Object.keys(arrival.value?.shades ?? {}).map((id) => [
      id,
      doneShade(view.done[id as RegionId], shared.today),
    ]),
  ),
)
/** Where something was cut, by letters: numbers are the list's. */
const cut = computed(() =>
  cutPlaces(view.done).map((place, i) => ({
    number: String.fromCharCode(97 + i),
    place,
    label: placeRow(place).plural.toLowerCase(),
  })),
)
</script>

<template>
  <div v-if="arrival">
    <ChoiceRow v-model="which" tight label="The map shows" class="mt-2" :choices="WHICH" data-map-of />
    <CoatMap
      v-model:picked="picked"
      class="mt-1 pr-[72px]"
      compact
      :build="buildOf(shared.profile.coat)"
      :shades="which === 'odds' ? arrival.shades : doneShades"
      :pale="which === 'odds' && !arrival.known"
      :say="which === 'odds' ? odds : done"
      :plates="which === 'odds' ? view.plates : cut"
    >
      <template v-if="standing !== undefined" #standing="{ box }">
        <!-- eslint-disable vue/no-v-html -- our own drawing, made of numbers -->
        <svg
          :viewBox="box"
          class="drawn absolute inset-0 size-full overflow-visible"
          :class="{ 'opacity-50': !arrival.known }"
          aria-hidden="true"
          data-allow-mismatch="children"
          v-html="standing"
        />
        <!-- eslint-enable vue/no-v-html -->
      </template>
    </CoatMap>
    <p v-if="which === 'done'" class="small">
      The longer no comb has been there, the denser.<template v-if="cut.length">
        Cut at home: {{ cut.map((c) => `${c.number} ${c.label}`).join(', ') }}.</template
      >
    </p>
    <p v-if="picked" class="small" role="status" data-of-place>
      <b class="font-semibold text-ink">{{ regionOf(picked).label }}:</b>
      {{ odds(picked) }} of a mat {{ arrival.visit ? 'on the day' : 'today' }}; {{ done(picked) }}.
    </p>
  </div>
</template>
