<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { SHADE_IDS } from '#core/record/odds'
import { sayDay, nameDay } from '#core/record/say-day'
import { timeline } from '#core/record/timeline'
import { storyOf } from '#core/record/story'
import type { Factor } from '#core/record/story'
import { capital, countWord, inOdds, plural } from '~/words/numbers'

/** A place's story: how it stands, what its odds are made of, and what the comb has said of it. */
const props = defineProps<{ region: RegionId; chance: number; shade: number; until: string }>()
defineEmits<{ comb: [] }>()
const { file, today, coat } = useDog()
const story = computed(() => storyOf(file.value, coat.value, props.region))
const state = computed(() => coat.value.places.find((p) => p.id === props.region))
const clear = computed(() =>
  state.value?.clearOn
    ? `comb went through ${sayDay(state.value.clearOn, today.value)}`
    : 'nobody has met it yet',
)
const last = computed(() => {
  const l = state.value?.last
  return l && l.finding !== 'glides' ? `${l.finding} ${sayDay(l.day, today.value)}` : ''
})
const by = computed(() => nameDay(props.until, today.value))

const NAMES: Record<Factor['what'], string> = {
  length: 'its length',
  harness: 'the harness',
  collar: 'the collar',
  garment: 'the clothes it wears',
  wet: 'wet, not combed dry',
  shedding: 'the shed',
  puppy: 'the puppy coat changing',
  learned: 'what the comb has said here',
}
/** A number to two figures, as many times. */
const times = (n: number) => `× ${n >= 10 ? Math.round(n) : Number(n.toPrecision(2))}`
/** Knots a day, as days to a knot. */
const everyDays = (rate: number) => (rate > 0 ? plural(Math.max(1, Math.round(1 / rate)), 'day') : 'never')
const learned = computed(() => {
  const l = story.value?.learned
  if (!l || !l.expected) return 'Nothing combed here yet, so it is held to be as most coats like this.'
  const seen = `${capital(countWord(Math.round(l.count)))} found where ${l.expected < 0.95 ? Number(l.expected.toPrecision(1)) : Math.round(l.expected)} would be usual`
  const [low, high] = l.interval.map((x) => Number(x.toPrecision(2)))
  return l.telling
    ? `${seen}: between ${low} and ${high} times the usual, four times in five.`
    : `${seen}. Too little yet to tell this place from most: between ${low} and ${high} times.`
})
const SHOWN = 5
const PHOTOS = 4
const photos = computed(() =>
  timeline(file.value.entries)
    .filter((f) => f.what.kind === 'photo' && f.what.place === regionOf(props.region).place)
    .slice(-PHOTOS)
    .reverse(),
)
</script>

<template>
  <div class="mt-2 border-t border-rule py-2" role="status" data-story>
    <b class="font-semibold">{{ regionOf(region).label }}</b>, {{ Math.round(state?.mm ?? 0) }} mm,
    {{ SHADE_IDS[shade] }}.
    <i class="why text-body"
      >{{ capital(clear) }}{{ last ? `; ${last}` : '' }}. A mat by {{ by }}: {{ inOdds(chance) }}.</i
    >
    <ActButton kind="quiet" class="ml-2" @click="$emit('comb')">Comb just this</ActButton>
    <ul v-if="photos.length" class="mt-1 flex gap-2" aria-label="Photographs of it">
      <li v-for="p in photos" :key="p.id">
        <NuxtLink :to="`/dogs/${file.id}/diary?place=${regionOf(region).place}`"
          ><LazyPhotoShown :dog-id="file.id" :photo="p.id" :alt="`Photograph ${sayDay(p.day, today)}`"
        /></NuxtLink>
      </li>
    </ul>
    <details v-if="story">
      <ActButton kind="quiet" tag="summary" class="cursor-pointer">What that is made of</ActButton>
      <div class="desk:grid desk:grid-cols-2 desk:gap-8">
        <dl>
          <div class="flex justify-between gap-4 border-t border-rule py-1">
            <dt>A coat like this, 25 mm, nothing rubbing</dt>
            <dd class="whitespace-nowrap">a knot in {{ everyDays(story.base) }}</dd>
          </div>
          <div
            v-for="f in story.factors"
            :key="f.what"
            class="flex justify-between gap-4 border-t border-rule py-1"
          >
            <dt>{{ NAMES[f.what] }}</dt>
            <dd>{{ times(f.times) }}</dd>
          </div>
          <div class="flex justify-between gap-4 border-t border-ink py-1 font-semibold">
            <dt>Here, now</dt>
            <dd class="whitespace-nowrap">a knot in {{ everyDays(story.now) }}</dd>
          </div>
        </dl>
        <div>
          <p class="why border-t border-rule py-1 text-body">{{ learned }}</p>
          <ol v-if="story.checks.length">
            <li
              v-for="c in story.checks.slice(0, SHOWN)"
              :key="c.day + c.finding"
              class="flex items-center gap-2 border-t border-rule py-1"
            >
              <FindingMark :finding="c.finding" :size="20" />
              <span class="flex-1"
                >{{ c.finding }}{{ c.comfort && c.comfort !== 'easy' ? `, ${c.comfort}` : '' }}</span
              >
              <span class="small">{{ sayDay(c.day, today) }}</span>
            </li>
          </ol>
          <ActButton :to="`/dogs/${file.id}/diary?place=${regionOf(region).place}`" kind="quiet" class="mt-1"
            >In the diary</ActButton
          >
        </div>
      </div>
    </details>
  </div>
</template>
