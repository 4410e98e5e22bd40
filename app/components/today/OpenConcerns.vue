<script setup lang="ts">
import { openConcerns, sayWhere } from '#core/care/look/look-over'
import { SIGNS } from '#core/record/signs'
import { sayDay } from '#core/record/say-day'

/** Concerns of a look-over that are open lead Today: the vet before anything else. */
const { file, today } = useDog()
const record = useRecord()
const concerns = computed(() => openConcerns(file.value, today.value))
const close = (id: string, how: 'vet' | 'well') =>
  record.add([{ day: today.value, time: localTime(), what: { kind: 'concern-closed', concern: id, how } }])
</script>

<template>
  <section
    v-if="concerns.length"
    aria-label="Concerns"
    class="mt-1 mb-3 border-y border-vet py-2"
    data-concerns
  >
    <p class="flex items-start gap-2 font-semibold text-vet">
      <VetMark class="shrink-0" /><span>Ring the vet. No comb and no tidy there until it is closed.</span>
    </p>
    <div v-for="c in concerns" :key="c.id" class="flex flex-wrap items-center gap-x-4">
      <span class="min-w-0 flex-1 basis-40"
        >{{ sayWhere(c.what.where) }}: {{ c.what.seen.map((s) => SIGNS[s]).join(', ') }},
        {{ sayDay(c.day, today) }}</span
      >
      <ActButton :to="`/dogs/${file.id}/look-over`" kind="quiet">Read out</ActButton>
      <ActButton kind="quiet" @click="close(c.id, 'vet')">The vet has seen it</ActButton>
      <ActButton kind="quiet" @click="close(c.id, 'well')">It is well</ActButton>
    </div>
  </section>
</template>
