<script setup lang="ts">
import { BLADES, GUARDS_MM } from '#core/record/cutters'
import { choose } from '~/offline/visit-filled'
import type { CutTyped } from '~/offline/visit-filled'

/** How short, and with what: a blade or a guard comb and the way it was run, or in mm. */
defineProps<{ label: string; name: string; placeholder?: string }>()
const cut = defineModel<CutTyped>({ required: true })
const tool = computed({
  get: () => cut.value.tool,
  set: (to) => (cut.value = choose(cut.value, { tool: to })),
})
const way = computed({
  get: () => (cut.value.against ? 'against' : 'with'),
  set: (to: 'with' | 'against' | undefined) => (cut.value = choose(cut.value, { against: to === 'against' })),
})
const mm = computed({
  get: () => cut.value.mm,
  set: (to) => (cut.value = { ...cut.value, mm: to }),
})
const TOOLS = [
  { value: '', words: 'by length' },
  ...GUARDS_MM.map((g) => ({ value: `guard ${g}`, words: `guard ${g} mm` })),
  ...BLADES.map((b) => ({ value: b.id as string, words: `${b.id}, ${b.mm} mm` })),
]
const WAYS = [
  { value: 'with' as const, words: 'with the lie' },
  { value: 'against' as const, words: 'against it' },
]
</script>

<template>
  <div class="border-b border-rule py-1" :data-cut="name">
    <div class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3">
      <FormField
        v-model="mm"
        row
        :label="label"
        unit="mm"
        :name="name"
        inputmode="decimal"
        :placeholder="placeholder"
      />
      <PickOne v-model="tool" bare :label="`${label}, with what`" :name="`${name}-tool`" :options="TOOLS" />
    </div>
    <ChoiceRow v-if="cut.tool" v-model="way" tight :label="`${label}, which way`" :choices="WAYS" />
  </div>
</template>
