<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { shortDay, weekdayName } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import type { RoomDog } from '#shared/answers'
import { sayHandled } from '~/words/diary'
import { sayAllowed, sayArrival, sayMoved } from '~/words/visit'

/** A dog in the room's list: when, as forecast, what will be found, what it refuses, what to allow. */
const props = defineProps<{
  dog: RoomDog
  today: string
  /** The list is at rest: the dog may be drawn. Once drawn it stays. */
  rests: boolean
}>()
const drawn = ref(props.rests)
watch(
  () => props.rests,
  (rests) => (drawn.value ||= rests),
)
const a = computed(() => props.dog.arrival)
const says = computed(() => a.value && sayArrival(a.value, props.today))
const states = computed(() =>
  Object.fromEntries(
    Object.entries(a.value?.shades ?? {}).map(([id, s]) => [regionOf(id as RegionId).place, s ?? 0]),
  ),
)
const finding = computed(() => {
  if (!a.value?.known) return 'refused' as const
  if (a.value.short) return 'felt' as const
  return a.value.any >= 0.5 ? ('mat' as const) : ('glides' as const)
})
const moved = computed(() => a.value && sayMoved(a.value.next, props.today))
const soon = computed(() => props.dog.visit === props.today)
</script>

<template>
  <NuxtLink
    :to="`/room/${dog.share}`"
    class="grid grid-cols-[84px_1fr] gap-x-4 border-b border-rule py-3 desk:grid-cols-[92px_120px_190px_minmax(0,1fr)_minmax(0,0.8fr)_110px] desk:items-center"
    :class="soon ? 'border-l-3 border-l-due pl-2' : ''"
    data-room-dog
  >
    <span class="order-2 desk:order-none">
      <template v-if="dog.visit">
        <b class="figure block text-story leading-tight">{{
          dog.visit === today ? 'Today' : shortDay(dog.visit)
        }}</b>
        <span class="small">{{ weekdayName(dog.visit) }}</span>
      </template>
      <span v-else class="small">no visit booked</span>
    </span>
    <span class="row-span-3 min-h-20 self-start desk:row-span-1">
      <DogDrawing v-if="drawn" :sheet="buildOf(dog.coat)" :states="states" :detail="3.2" :pale="!a?.known" />
    </span>
    <span class="order-1 min-w-0 desk:order-none">
      <b class="block truncate font-serif text-head leading-tight font-medium">{{ dog.name }}</b>
      <span class="small block truncate">{{ dog.owner }}</span>
      <span class="small block truncate"
        >{{ dog.weightKg }} kg, {{ COATS[dog.coat].label.toLowerCase()
        }}{{ a ? `, ${a.mm[0]}–${a.mm[1]} mm` : '' }}</span
      >
      <b v-if="moved" class="block text-side text-due">{{ moved }}</b>
      <b v-if="dog.unread" class="block text-side text-due">{{
        dog.unread === 1 ? 'a new note' : `${dog.unread} new notes`
      }}</b>
    </span>
    <span class="order-3 col-span-2 mt-1 flex min-w-0 gap-3 desk:order-none desk:col-span-1 desk:mt-0">
      <template v-if="says">
        <FindingMark :finding="finding" :size="26" class="shrink-0" />
        <span class="min-w-0"
          ><b class="block font-semibold">{{ says.lead }}</b
          ><i class="why block text-body">{{ says.rest }}</i></span
        >
      </template>
      <span v-else class="small">{{ dog.stale ? 'Being worked out' : 'Shared: the notes alone' }}</span>
    </span>
    <span class="order-4 col-span-2 mt-1 min-w-0 desk:order-none desk:col-span-1 desk:mt-0">
      <span v-for="c in a?.concerns.slice(0, 2)" :key="c" class="flex gap-2 text-side text-vet"
        ><VetMark class="shrink-0" :size="20" />{{ c }}</span
      >
      <span v-for="r in a?.refuses.slice(0, 2)" :key="r.place" class="block">
        <b class="font-semibold">{{ sayHandled(r.place) }}</b>{{ r.snapped ? ', snapped' : '' }}
        <i class="why block text-body">at home: {{ r.works }}</i>
      </span>
      <span v-if="a && !a.refuses.length && !a.concerns.length" class="small">Nothing refused</span>
    </span>
    <span class="order-5 col-span-2 mt-1 desk:order-none desk:col-span-1 desk:mt-0 desk:text-right">
      <template v-if="a">
        <b class="figure text-story" :class="a.short ? 'text-due' : ''">{{
          a.short ? 'go short' : sayAllowed(a)
        }}</b>
        <span class="small desk:block">&ensp;{{ a.short ? `teasing: ${sayAllowed(a)}` : 'for knots' }}</span>
      </template>
    </span>
  </NuxtLink>
</template>
