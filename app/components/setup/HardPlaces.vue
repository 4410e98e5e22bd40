<script setup lang="ts">
import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'

/** Places the dog minds, of those that dogs most often do (common practice, no source). */
const hard = defineModel<PlaceId[]>({ required: true })
const ASKED: readonly PlaceId[] = [
  'forefoot',
  'hindfoot',
  'armpit',
  'inner-thigh',
  'tail',
  'under-tail',
  'ear',
  'beard',
  'fringe',
  'belly',
]
const toggle = (p: PlaceId) =>
  (hard.value = hard.value.includes(p) ? hard.value.filter((x) => x !== p) : [...hard.value, p])
</script>

<template>
  <div class="grid grid-cols-2 gap-x-4">
    <button
      v-for="p in ASKED"
      :key="p"
      type="button"
      :aria-pressed="hard.includes(p)"
      class="flex min-h-14 items-center gap-2 border-b border-rule text-left"
      :class="hard.includes(p) ? 'font-bold' : 'text-ink-2'"
      @click="toggle(p)"
    >
      <FindingMark :finding="hard.includes(p) ? 'refused' : 'glides'" :size="24" />{{ placeRow(p).plural }}
    </button>
  </div>
</template>
