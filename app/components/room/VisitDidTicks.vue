<script setup lang="ts">
import { VISIT_DID } from '#core/record/visit-did'
import type { VisitDid } from '#core/record/visit-did'
import { DID_WORDS } from '~/words/visit'

/** What was done at a visit, and whether the whole coat was seen to or only that. */
const did = defineModel<VisitDid[]>('did', { required: true })
const scope = defineModel<'all' | 'some'>('scope', { required: true })
const SCOPES = [
  { value: 'all' as const, words: 'the whole coat too' },
  { value: 'some' as const, words: 'only these' },
]
</script>

<template>
  <fieldset>
    <legend class="small">Done</legend>
    <div class="flex flex-wrap gap-x-4">
      <label v-for="d in VISIT_DID" :key="d" class="flex min-h-11 items-center gap-2">
        <input v-model="did" type="checkbox" :value="d" class="size-5 accent-ink" />{{ DID_WORDS[d] }}
      </label>
    </div>
    <div v-if="did.length" class="flex flex-wrap items-center gap-x-3">
      <span class="small">and</span>
      <ChoiceRow v-model="scope" tight label="What it covered" :choices="SCOPES" />
      <slot />
    </div>
  </fieldset>
</template>
