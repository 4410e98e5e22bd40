<script setup lang="ts">
/** Begins a work, or goes on with one that was begun. */
defineProps<{ resume: { at: number; of: number } | null }>()
const emit = defineEmits<{ start: []; 'go-on': [] }>()
</script>

<template>
  <ActButton v-if="resume" kind="filled" class="mt-3 w-full text-lead" data-go-on @click="emit('go-on')"
    >Go on where you were, step {{ resume.at }} of {{ resume.of }}</ActButton
  >
  <ActButton :kind="resume ? 'plain' : 'filled'" class="mt-3 w-full text-lead" @click="emit('start')"
    ><slot
  /></ActButton>
</template>
