<script setup lang="ts">
import { HANDLING_MINUTES, HANDLING_STEPS, handlingToday, hardPlaces } from '#core/care/handling'
import { placeRow } from '#core/coat/regions'

/** The day's two minutes of bringing a hard place along. */
const { file, today } = useDog()
const at = computed(() => handlingToday(hardPlaces(file.value, today.value)))
</script>

<template>
  <NuxtLink
    v-if="at"
    :to="`/dogs/${file.id}/handling`"
    class="flex min-h-11 items-center gap-2 border-b border-rule"
    data-handling
  >
    <b class="shrink-0 font-semibold">{{ placeRow(at.place).plural }}</b>
    <i class="why min-w-0 flex-1 truncate text-[15px]">brought along: {{ HANDLING_STEPS[at.step] }}</i>
    <span class="whitespace-nowrap">{{ HANDLING_MINUTES }} min</span>
  </NuxtLink>
</template>
