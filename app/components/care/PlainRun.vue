<script setup lang="ts">
import type { RunStep } from './StepRun.vue'

/** Steps led one after another, with nothing to branch on; where it is stands here alone. */
const props = defineProps<{ title: string; steps: readonly RunStep[]; drawings?: string[] }>()
const emit = defineEmits<{ done: []; stop: [] }>()
const at = ref(0)
const paused = ref(false)
const next = () => (at.value + 1 < props.steps.length ? (at.value += 1) : emit('done'))
</script>

<template>
  <StepRun
    :title="title"
    :steps="steps"
    :at="at"
    :drawings="drawings ?? []"
    :paused="paused"
    :can-back="at > 0"
    @next="next"
    @back="at -= 1"
    @pause="paused = true"
    @resume="paused = false"
    @stop="emit('stop')"
  />
</template>
