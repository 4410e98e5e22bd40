<script setup lang="ts">
import type { HandFeels } from '#core/record/hand'
import { sayKnotReason } from '~/words/knot'

/** What a hand felt before any comb: many lumps or a sheet are the groomer's question, at once; a lump asks first. */
const props = defineProps<{ felt: Exclude<HandFeels, 'nothing'> }>()
const { file } = useDog()
const she = computed(() => file.value.profile.sex === 'female')
const why = computed(() =>
  props.felt === 'lumps'
    ? 'A lump is asked about before the comb.'
    : sayKnotReason(props.felt === 'sheet' ? 'felt' : 'many-mats', 'back', she.value),
)
</script>

<template>
  <section aria-label="What a hand felt" class="mb-3 border-y border-ink py-2" data-hand-felt>
    <div class="flex flex-wrap items-center gap-x-2">
      <FindingMark :finding="felt === 'sheet' ? 'felt' : felt === 'many' ? 'mat' : 'knot'" class="shrink-0" />
      <p class="min-w-0 flex-1 font-semibold">{{ why }}</p>
      <ActButton v-if="felt === 'lumps'" kind="quiet" :to="`/dogs/${file.id}/knot`">Ask</ActButton>
    </div>
    <p class="mt-1 flex items-start gap-2 font-semibold text-vet">
      <VetMark class="shrink-0" /><span>Red, wet or sore under it: the vet, and no comb.</span>
    </p>
    <p v-if="felt !== 'lumps'" class="small mt-1">No scissors: skin tents up into them and is cut.</p>
    <ActButton
      v-if="felt !== 'lumps'"
      kind="filled"
      class="mt-2 w-full text-lead"
      :to="`/dogs/${file.id}/groomer`"
    >
      Write to {{ file.profile.groomer ?? 'the groomer' }}
    </ActButton>
  </section>
</template>
