<script setup lang="ts">
import { COMBED_TOLD, HAND_FEELS } from '#core/record/hand'
import type { CombedTold, HandFeels } from '#core/record/hand'
import { COMBED_SAYS, FEELS_SAYS } from '~/words/hand'

/** Of a coat nobody has written of: when a comb last went through it, and what a hand feels now. */
const combed = defineModel<CombedTold | null>('combed', { required: true })
const feels = defineModel<HandFeels | null>('feels', { required: true })
</script>

<template>
  <p>When did a comb last go through all of it, to the skin?</p>
  <ChoiceRow
    :model-value="combed ?? undefined"
    tight
    class="flex-wrap"
    label="When a comb last went through"
    :choices="COMBED_TOLD.map((value) => ({ value, words: COMBED_SAYS[value] }))"
    @update:model-value="(told) => (combed = told ?? null)"
  />
  <p class="mt-4">Lay a flat hand on, and feel down to the skin everywhere. What is there?</p>
  <ChoiceRow
    :model-value="feels ?? undefined"
    tight
    class="flex-wrap"
    label="What a hand feels"
    :choices="HAND_FEELS.map((value) => ({ value, words: FEELS_SAYS[value] }))"
    @update:model-value="(told) => (feels = told ?? null)"
  />
</template>
