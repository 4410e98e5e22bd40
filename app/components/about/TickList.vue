<script setup lang="ts" generic="T extends string">
/** Several of a few, each ticked by itself. */
defineProps<{ label: string; options: readonly { value: T; words: string }[] }>()
const ticked = defineModel<T[]>({ required: true })
const toggle = (v: T) =>
  (ticked.value = ticked.value.includes(v) ? ticked.value.filter((x) => x !== v) : [...ticked.value, v])
</script>

<template>
  <div role="group" :aria-label="label" class="grid grid-cols-1 gap-x-5 desk:grid-cols-2">
    <label
      v-for="o in options"
      :key="o.value"
      class="flex min-h-11 cursor-pointer items-center gap-3 border-b border-rule"
      ><input
        type="checkbox"
        class="size-5 accent-due"
        :name="o.value"
        :checked="ticked.includes(o.value)"
        @change="toggle(o.value)"
      />{{ o.words }}</label
    >
  </div>
</template>
