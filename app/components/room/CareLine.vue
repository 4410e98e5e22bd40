<script setup lang="ts">
import type { CareSince } from '#core/care/note/care-since'

/** One thing done beside the comb, as a groomer reads it. */
defineProps<{ line: Pick<CareSince, 'label' | 'says'> }>()
</script>

<template>
  <div class="border-b border-rule py-1.5">
    <dt class="inline font-semibold">{{ line.label }}:</dt>
    <dd class="ml-1.5 inline">{{ line.says }}</dd>
  </div>
</template>
