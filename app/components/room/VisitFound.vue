<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { COMFORT_IDS, KEYED_FINDINGS } from '#core/record/findings'
import type { Comfort, Finding } from '#core/record/findings'
import type { DogRecord } from '#core/record/fold'
import { FIRST_LEGS, POSITIONS } from '#core/record/what-works'
import type { FirstLeg, Position } from '#core/record/what-works'
import { buildOf } from '#drawing/build-of'
import { COUNTED } from '~/offline/visit-filled'
import type { VisitFormState } from '~/composables/visit-form'
import { plural } from '~/words/numbers'

/** What was found where, marked on the map: by place, with how the dog was there and what is to be done at home. */
const { v, record } = defineProps<{ v: VisitFormState; record: DogRecord }>()
const { marks, said } = v
const picked = ref<RegionId | null>(null)
const mark = computed(() => (picked.value && marks.value.get(picked.value)) || null)
const DRAWN: Record<Finding, number> = { glides: 0, rasps: 1, snag: 2, knot: 3, mat: 4, felt: 4, refused: 1 }
const shades = computed(() =>
  Object.fromEntries(v.places.value.map((r) => [r.id, DRAWN[marks.value.get(r.id)?.finding ?? 'glides']])),
)
const listed = computed(() =>
  [...marks.value].map(([id, m]) => ({
    id,
    finding: m.finding,
    says: [
      m.finding === 'glides' ? '' : COUNTED.includes(m.finding) ? plural(m.count, m.finding) : m.finding,
      m.mm.trim() ? `${m.mm} mm` : '',
      m.comfort && m.comfort !== 'easy' ? m.comfort : '',
      m.position ?? '',
      m.first ? `${m.first} first` : '',
      m.says.trim(),
    ]
      .filter(Boolean)
      .join('; '),
  })),
)
const field = (key: 'mm' | 'says') =>
  computed({
    get: () => mark.value?.[key] ?? '',
    set: (to: string) => picked.value && v.mark(picked.value, { [key]: to }),
  })
const [mm, says] = [field('mm'), field('says')]
const count = computed({
  get: () => mark.value?.count ?? 1,
  set: (to: number) => picked.value && v.mark(picked.value, { count: to }),
})
const position = computed({
  get: () => mark.value?.position ?? '',
  set: (to: Position | '') => picked.value && v.mark(picked.value, { position: to }),
})
const first = computed({
  get: () => mark.value?.first ?? '',
  set: (to: FirstLeg | '') => picked.value && v.mark(picked.value, { first: to }),
})
const comfort = computed({
  get: () => mark.value?.comfort || undefined,
  set: (to: Comfort | undefined) => picked.value && v.mark(picked.value, { comfort: to ?? '' }),
})
</script>

<template>
  <section aria-label="What was found">
    <p class="why">
      Press a place where something was found, the length differs, or there is something to do at home. All
      the others combed through.
    </p>
    <ActButton v-if="said.length" class="mt-2 w-full" data-as-said @click="v.asSaid">
      As they said: {{ said.map((s) => `${regionOf(s.id).label.toLowerCase()}, ${s.finding}`).join('; ') }}
    </ActButton>
    <CoatMap
      v-model:picked="picked"
      class="mt-3 pr-[72px]"
      compact
      :build="buildOf(record.profile.coat)"
      :shades="shades"
      :say="(id: RegionId) => marks.get(id)?.finding ?? 'combed through'"
    />
    <div v-if="picked" class="mt-2 border-t border-ink pt-2" data-place>
      <h2>{{ regionOf(picked).label }}</h2>
      <div class="mt-1 grid grid-cols-3 gap-1">
        <button
          v-for="f in KEYED_FINDINGS"
          :key="f"
          type="button"
          class="flex min-h-14 items-center justify-center gap-2 border"
          :class="mark?.finding === f ? 'border-ink font-bold' : 'border-rule'"
          :aria-pressed="mark?.finding === f"
          @click="v.mark(picked, { finding: f })"
        >
          <FindingMark :finding="f" :size="24" />{{ f }}
        </button>
      </div>
      <template v-if="mark">
        <KnotCount
          v-if="COUNTED.includes(mark.finding)"
          v-model="count"
          :label="`How many ${mark.finding}s`"
        />
        <ChoiceRow
          v-model="comfort"
          label="How the dog was there"
          :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
        />
        <FormField
          v-model="mm"
          class="mt-2 border-b border-rule"
          row
          label="Left at another length"
          unit="mm"
          name="place-mm"
          inputmode="decimal"
        />
        <PickOne
          v-model="position"
          class="border-b border-rule"
          row
          label="Went best"
          name="place-position"
          :options="[
            { value: '', words: 'nothing to tell' },
            ...POSITIONS.map((value) => ({ value, words: value })),
          ]"
        />
        <PickOne
          v-if="regionOf(picked).side"
          v-model="first"
          class="border-b border-rule"
          row
          label="Which side first"
          name="place-first"
          :options="[{ value: '', words: 'either' }, ...FIRST_LEGS.map((value) => ({ value, words: value }))]"
        />
        <FormField
          v-model="says"
          class="mt-2"
          label="For home, at this place"
          name="place-advice"
          maxlength="200"
          autocomplete="off"
        />
      </template>
      <ActButton class="mt-3 w-full" @click="picked = null">Next place</ActButton>
    </div>
    <ul v-if="listed.length" class="mt-3 border-t border-rule" aria-label="Marked">
      <li
        v-for="m in listed"
        :key="m.id"
        class="flex min-h-14 items-center gap-3 border-b border-rule"
        data-marked
      >
        <FindingMark :finding="m.finding" :size="24" />
        <button type="button" class="min-h-14 min-w-0 flex-1 truncate text-left" @click="picked = m.id">
          <b class="font-semibold">{{ regionOf(m.id).label }}</b> {{ m.says }}
        </button>
        <ActButton kind="quiet" :aria-label="`Take off: ${regionOf(m.id).label}`" @click="v.unmark(m.id)">
          Take off
        </ActButton>
      </li>
    </ul>
  </section>
</template>
