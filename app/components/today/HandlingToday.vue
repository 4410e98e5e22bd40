<script setup lang="ts">
import { HANDLING_MINUTES, handlingToday, hardPlaces, stepsOf } from '#core/care/handling/handling'
import { sayHandled } from '~/words/diary'

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
    <b class="shrink-0 font-semibold">{{ sayHandled(at.place) }}</b>
    <i class="why min-w-0 flex-1 truncate text-body">brought along: {{ stepsOf(at.place)[at.step] }}</i>
    <span class="whitespace-nowrap">{{ HANDLING_MINUTES }} min</span>
  </NuxtLink>
</template>
