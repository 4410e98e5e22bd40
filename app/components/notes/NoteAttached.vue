<script setup lang="ts">
import type { CoatId } from '#core/coat/coat-types'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { dayAndMonth } from '#core/record/say-day'
import { buildOf } from '#drawing/build-of'
import type { Note } from '#shared/answers'

/** What went along with a note: the map as it stood, both sides, and photographs. */
const props = defineProps<{ note: Note; coat: CoatId }>()
const sideOf = (side: 'left' | 'right') =>
  Object.fromEntries(
    Object.entries(props.note.attached?.map?.shades ?? {}).flatMap(([id, shade]) => {
      const { place, side: its } = regionOf(id as RegionId)
      return !its || its === side ? [[place, shade ?? 0]] : []
    }),
  )
</script>

<template>
  <div v-if="note.attached" class="mt-2" data-attached>
    <template v-if="note.attached.map">
      <div class="grid max-w-[300px] grid-cols-2 gap-3">
        <DogDrawing :sheet="buildOf(coat)" :states="sideOf('left')" :detail="2.6" />
        <DogDrawing :sheet="buildOf(coat)" :states="sideOf('right')" :detail="2.6" mirrored />
      </div>
      <p class="small">The coat as it stood on {{ dayAndMonth(note.attached.map.day) }}.</p>
    </template>
    <div v-if="note.attached.photographs?.length" class="mt-1 flex flex-wrap gap-2">
      <slot v-for="id in note.attached.photographs" :id="id" :key="id" name="photo" />
    </div>
  </div>
</template>
