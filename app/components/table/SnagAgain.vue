<script setup lang="ts">
/** A snag leads back to the brush, and to the comb again before the place counts as clear. */
defineProps<{
  /** It was the brush that rasped, and no comb that caught. */
  rasps?: boolean
}>()
const count = ref(1)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const emit = defineEmits<{ glides: [count: number]; catches: []; dirty: [] }>()
</script>

<template>
  <div ref="root">
    <h2 class="mt-2">{{ rasps ? 'Stop there, and mist' : 'Back to the brush, then the comb again' }}</h2>
    <p class="why mt-1">
      {{ rasps ? 'A smaller section, light pats, then the comb.' : 'Ends first, in light pats.' }} It is clear
      when the comb glides.
    </p>
    <KnotCount v-if="!rasps" v-model="count" label="Snags here" />
    <ActButton
      data-choice
      kind="filled"
      class="mt-2 min-h-20 w-full text-story"
      @click="emit('glides', count)"
    >
      <FindingMark finding="glides" :size="34" class="mr-2" />It glides now
    </ActButton>
    <div class="mt-2 grid grid-cols-2 gap-2">
      <ActButton data-choice class="!px-2" @click="emit('catches')">It still catches</ActButton>
      <ActButton data-choice class="!px-2" @click="emit('dirty')"> It is dirt: wait for the wash </ActButton>
    </div>
  </div>
</template>
