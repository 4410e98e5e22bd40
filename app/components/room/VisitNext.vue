<script setup lang="ts">
import { dayAndMonth } from '#core/record/say-day'
import type { VisitFormState } from '~/composables/visit-form'
import { countWord, inOdds } from '~/words/numbers'

/** When to come again: the odds after four, six and eight weeks with this owner's minutes; one day, or some to choose from. */
const { v } = defineProps<{ v: VisitFormState }>()
const { f, suggestion, nextShown, why } = v
</script>

<template>
  <div data-next-visit>
    <h2 class="mt-6 border-b border-ink pb-1">When to come again</h2>
    <p class="small mt-1">The odds of a mat anywhere, combed at home as it is now:</p>
    <ul>
      <li v-for="o in suggestion?.odds ?? []" :key="o.weeks">
        <button
          type="button"
          class="flex min-h-14 w-full items-center gap-3 border-b border-rule text-left"
          :aria-pressed="nextShown === o.day"
          :class="nextShown === o.day ? '-ml-2 border-l-3 border-l-due pl-2 font-semibold' : ''"
          @click="nextShown = o.day"
        >
          <span class="flex-1">{{ countWord(o.weeks) }} weeks</span>
          <span>{{ inOdds(o.chance) }}</span>
          <span class="w-28 text-right text-ink-2">{{ dayAndMonth(o.day) }}</span>
        </button>
      </li>
    </ul>
    <p v-if="!suggestion" class="small py-2" role="status">Working out the odds</p>
    <label class="flex items-center gap-3 border-b border-rule">
      <span class="flex-1 font-semibold">Next visit</span>
      <input v-model="nextShown" type="date" name="next" :min="f.day" class="h-14 bg-transparent" />
    </label>
    <p v-if="why" class="why mt-1">{{ why }}</p>
    <label v-for="n in [1, 2] as const" :key="n" class="flex items-center gap-3 border-b border-rule">
      <span class="flex-1">or</span>
      <input
        v-model="f.next[n]"
        type="date"
        :name="`next-or-${n}`"
        :min="f.day"
        class="h-14 bg-transparent"
      />
    </label>
    <p v-if="f.next[1] || f.next[2]" class="small mt-1">
      Of several the owner takes one; none is booked until then.
    </p>
  </div>
</template>
