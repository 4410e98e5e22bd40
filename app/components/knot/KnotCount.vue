<script setup lang="ts">
import { MOST_KNOTS } from '#core/record/findings'

/** How many of a thing are in one place. */
defineProps<{ label: string }>()
const count = defineModel<number>({ required: true })
</script>

<template>
  <div class="mt-2 border-t border-rule">
    <NumberStepper
      v-model="count"
      :label="label"
      fewer="One fewer"
      more="One more"
      :least="1"
      :most="MOST_KNOTS"
    />
    <p v-if="count >= MOST_KNOTS" class="small">More than {{ MOST_KNOTS }} in one place is felt.</p>
  </div>
</template>
