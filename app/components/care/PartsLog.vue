<script setup lang="ts">
/** What a work came to, part by part, before it is written in. */
defineProps<{
  head: string
  why?: string
  rows: readonly { id: string; label: string; says: string; done: boolean }[]
  words: string
  may: boolean
  /** It was stopped, and can be taken up again. */
  stopped?: boolean
}>()
const emit = defineEmits<{ write: []; 'take-up': []; drop: [] }>()
</script>

<template>
  <div class="max-w-[560px]" data-log>
    <h1 class="pt-1 desk:pt-4">{{ head }}</h1>
    <p v-if="why" class="why mt-2">{{ why }}</p>
    <slot />
    <ul v-if="rows.length" class="mt-3 border-t border-ink">
      <li
        v-for="r in rows"
        :key="r.id"
        class="flex min-h-12 items-center justify-between gap-3 border-b border-rule"
        :data-part="r.id"
      >
        <b class="font-semibold">{{ r.label }}</b><span :class="r.done ? '' : 'text-ink-2'">{{
          r.says
        }}</span>
      </li>
    </ul>
    <ActButton
      kind="filled"
      class="mt-4 w-full text-lead"
      :disabled="!may"
      data-write
      @click="emit('write')"
      >{{ words }}</ActButton
    >
    <ActButton v-if="stopped" class="mt-3 w-full" data-take-up @click="emit('take-up')"
      >Take it up again where it stopped</ActButton
    >
    <ActButton kind="quiet" class="mt-2" @click="emit('drop')">Not done: write nothing</ActButton>
  </div>
</template>
