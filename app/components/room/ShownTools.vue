<script setup lang="ts">
import { everAt } from '#core/care/tidies/may'
import { MEANS } from '#core/record/means'
import type { MeansId } from '#core/record/means'
import { CUT_IDS } from '#core/record/tidies'
import type { CutId } from '#core/record/tidies'
import { workLabel } from '~/words/care'

/** What a groomer showed this owner, tidy by tidy and tool by tool; what is not pressed is not theirs. */
const may = defineModel<Partial<Record<CutId, MeansId[]>>>({ required: true })
const has = (tidy: CutId, m: MeansId) => may.value[tidy]?.includes(m) ?? false
const turn = (tidy: CutId, m: MeansId) =>
  (may.value = {
    ...may.value,
    [tidy]: everAt(tidy).filter((one) => (one === m ? !has(tidy, m) : has(tidy, one))),
  })
</script>

<template>
  <ul class="mt-1" aria-label="What I showed, tidy by tidy">
    <li v-for="tidy in CUT_IDS" :key="tidy" class="border-b border-rule py-1.5" :data-shown="tidy">
      <span class="small block">{{ workLabel(tidy) }}</span>
      <span class="flex flex-wrap gap-1.5">
        <button
          v-for="m in everAt(tidy)"
          :key="m"
          type="button"
          class="min-h-11 rounded border px-2.5 text-body"
          :class="has(tidy, m) ? 'border-ink font-semibold' : 'border-edge text-ink-2'"
          :aria-pressed="has(tidy, m)"
          @click="turn(tidy, m)"
        >
          {{ MEANS[m] }}
        </button>
      </span>
    </li>
  </ul>
</template>
