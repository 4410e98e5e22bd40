<script setup lang="ts">
/** A link that is shown this once: pressed, all of it is marked to be copied. */
defineProps<{ link: string; label: string }>()
</script>

<template>
  <input
    :value="link"
    readonly
    class="field min-w-0 !text-side"
    :aria-label="label"
    @focus="($event.target as HTMLInputElement).select()"
  />
</template>
