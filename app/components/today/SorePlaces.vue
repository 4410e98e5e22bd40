<script setup lang="ts">
import { isSore } from '#core/plan/off-the-table'
import { sayDay } from '#core/record/say-day'

/** Sore skin that was seen leads: no comb there, and the vet before anything else. */
const { coat, today } = useDog()
const combAtTable = useCombAtTable()
const sore = computed(() => coat.value.places.filter(isSore))
</script>

<template>
  <section aria-label="For the vet" class="mb-3 border-y border-vet py-2">
    <p class="flex items-start gap-2 font-semibold text-vet">
      <VetMark class="shrink-0" /><span>Ring the vet. No comb there until it is well.</span>
    </p>
    <p v-for="p in sore" :key="p.id" class="flex min-h-11 items-center justify-between gap-3">
      <span>Sore skin, {{ p.region.label.toLowerCase() }}, seen {{ sayDay(p.last!.day, today) }}</span>
      <button class="min-h-11 font-semibold whitespace-nowrap underline" @click="combAtTable([p.id])">
        Well again: comb it
      </button>
    </p>
  </section>
</template>
