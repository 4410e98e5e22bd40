<script setup lang="ts">
import type { CarePartId } from '#core/record/care-parts'
import { partGroups } from '~/words/care-parts'

/** Which parts of a tidy are to be done now; what has run out is chosen already. */
const props = defineProps<{ parts: readonly CarePartId[] }>()
const today = defineModel<CarePartId[]>({ required: true })
const groups = computed(() => partGroups(props.parts))
const on = (of: readonly CarePartId[]) => of.every((p) => today.value.includes(p))
const turn = (of: readonly CarePartId[]) =>
  (today.value = props.parts.filter((p) => (of.includes(p) ? !on(of) : today.value.includes(p))))
</script>

<template>
  <p class="flex flex-wrap items-center gap-1.5" role="group" aria-label="Which parts now">
    <span class="mr-1 text-ink-2">Now</span>
    <button
      v-for="g in groups"
      :key="g.label"
      class="min-h-11 rounded border px-2.5 text-body"
      :class="on(g.parts) ? 'border-due font-semibold text-due' : 'border-edge text-ink-2'"
      :aria-pressed="on(g.parts)"
      :data-now="g.parts[0]"
      @click="turn(g.parts)"
    >
      {{ g.label }}
    </button>
  </p>
</template>
