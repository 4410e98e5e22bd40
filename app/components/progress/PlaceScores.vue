<script setup lang="ts">
import type { PlaceScore } from '#core/record/score'
import { sayPlace } from '~/words/score'

/** Of each kind of place, what was said there in all and what was found. */
const { places } = defineProps<{ places: readonly PlaceScore[] }>()
const said = computed(() => places.map(sayPlace))
</script>

<template>
  <ul>
    <li v-for="p in said" :key="p.place" class="border-t border-rule py-1 text-side">
      <b class="font-semibold">{{ p.place }}:</b> {{ p.says }}
    </li>
  </ul>
</template>
