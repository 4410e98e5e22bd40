<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { clock } from '~/words/numbers'

/** Teasing, by the clock: how, what to mind, and how it ended. */
const props = defineProps<{ minutes: number; steps: readonly string[]; caution: string }>()
const emit = defineEmits<{ out: []; still: [] }>()
const begun = currentMs()
const now = ref(begun)
useIntervalFn(() => (now.value = currentMs()), 250)
const left = computed(() => Math.max(0, props.minutes * 60_000 - Math.max(0, now.value - begun)))
</script>

<template>
  <h1 class="mt-1">{{ left ? 'Teasing' : 'That is long enough' }}</h1>
  <p class="figure mt-2 text-clock leading-none" :class="left ? '' : 'text-caution'" role="timer">
    {{ clock(Math.ceil(left / 1000) * 1000) }}
  </p>
  <p class="mt-3 flex gap-2 font-semibold text-caution">
    <CautionMark class="shrink-0" />No scissors. {{ caution }}
  </p>
  <NumberedSteps :steps="steps" class="mt-3" />
  <div class="flex-1" />
  <ActButton data-choice kind="filled" class="mt-4 w-full text-lead" @click="emit('out')"
    >It came out</ActButton
  >
  <ActButton data-choice class="mt-2 w-full" @click="emit('still')">It is still there</ActButton>
</template>
