<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { LedStep } from '#core/care/led/works'
import { capital, plural } from '~/words/numbers'

/** The steps of a work in their order, each with its cautions before it; what is the groomer's is named so. */
const props = defineProps<{ steps: readonly LedStep[] }>()
const { groomer } = useCare()
const rows = computed(() => props.steps.filter((s) => !s.aside))
const theirs = computed(() => rows.value.filter((s) => !s.mine))
</script>

<template>
  <h2 class="border-b border-ink pb-1">In this order</h2>
  <ol>
    <li
      v-for="(s, i) in rows"
      :key="s.id"
      class="grid grid-cols-[26px_1fr] border-b border-rule py-2"
      :data-step="s.id"
    >
      <span class="figure text-story" :class="s.mine ? 'text-due' : 'text-ink-3'">{{ i + 1 }}</span>
      <span>
        <span
          v-for="c in s.mine && !s.waits ? s.cautions : []"
          :key="c"
          class="flex gap-1.5 text-side font-semibold text-caution"
          ><CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}</span
        >
        <b class="font-semibold" :class="s.mine ? '' : 'text-ink-2'">{{ s.act }}</b>
        <span class="why block text-body">{{
          s.waits ? 'not until the vet has seen it' : s.mine ? s.how : `for ${groomer}, as you are set`
        }}</span>
      </span>
    </li>
  </ol>
  <p v-if="theirs.length" class="small mt-2">
    {{ capital(plural(theirs.length, 'step')) }} left to {{ groomer }}.
  </p>
</template>
