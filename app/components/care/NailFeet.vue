<script setup lang="ts">
import { opensConcern } from '#core/care/look/outcomes'
import { carePart, partsHere } from '#core/record/care-parts'
import { OUTCOMES } from '#core/record/look-outcomes'
import type { CarePartId } from '#core/record/care-parts'
import type { OutcomeId } from '#core/record/look-outcomes'
import type { FactOf, PartDone } from '#core/record/entries'
import { OUTCOME_SAYS } from '#core/record/care-words'

/** Nails foot by foot, where the feet are not alike. */
const emit = defineEmits<{ write: [what: FactOf<'tidy'>, also: FactOf<'concern'>[]] }>()
const { file } = useDog()
const feet = computed(() => partsHere('nails', file.value.profile.absent))
const said = ref<Partial<Record<CarePartId, OutcomeId>>>({})
const CHOICES = OUTCOMES.nails.map((value) => ({ value, words: OUTCOME_SAYS[value] }))
function write() {
  const parts = feet.value.map((part): PartDone => {
    const outcome = said.value[part]
    if (!outcome) return { part, did: 'left' }
    return { part, did: outcome === 'refused' ? 'refused' : 'done', outcome }
  })
  const opens = parts.flatMap((p) => (p.outcome && opensConcern('nails', p.outcome)) || [])
  emit('write', { kind: 'tidy', tidy: 'nails', parts }, opens.slice(0, 1))
}
</script>

<template>
  <form class="mt-2" @submit.prevent="write">
    <div v-for="part in feet" :key="part" class="border-t border-rule" :data-part="part">
      <p class="pt-2 font-semibold">{{ carePart(part).label }}</p>
      <ChoiceRow
        :model-value="said[part]"
        tight
        class="flex-wrap"
        :label="carePart(part).label"
        :choices="CHOICES"
        @update:model-value="(o) => (said = { ...said, [part]: o })"
      />
    </div>
    <ActButton kind="filled" type="submit" class="mt-2 w-full" :disabled="!Object.keys(said).length"
      >Write these feet in</ActButton
    >
  </form>
</template>
