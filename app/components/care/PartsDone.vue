<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { carePart } from '#core/record/care-parts'
import { PART_DID } from '#core/record/part-done'
import type { CarePartId } from '#core/record/care-parts'
import type { PartDone } from '#core/record/entries'

/** What became of each part of a tidy: done, refused by the dog, or left for another day. */
const props = defineProps<{ parts: readonly CarePartId[] }>()
const did = defineModel<Partial<Record<CarePartId, PartDone['did']>>>({ required: true })
const WORDS = { done: 'done', refused: 'would not', left: 'not yet' } as const
const set = (part: CarePartId, to: PartDone['did']) => (did.value = { ...did.value, [part]: to })
const rows = computed(() => props.parts.map((part) => ({ part, label: carePart(part).label })))
</script>

<template>
  <ul class="border-t border-ink" aria-label="Part by part">
    <li
      v-for="r in rows"
      :key="r.part"
      class="flex items-center gap-2 border-b border-rule"
      :data-part="r.part"
    >
      <span class="min-w-0 flex-1 font-semibold">{{ r.label }}</span>
      <RadioGroup
        :model-value="did[r.part] ?? 'left'"
        class="flex shrink-0"
        @update:model-value="(to) => set(r.part, to)"
      >
        <RadioGroupLabel as="span" class="sr-only">{{ r.label }}</RadioGroupLabel>
        <RadioGroupOption v-for="d in PART_DID" :key="d" v-slot="{ checked }" :value="d" as="template">
          <div
            class="flex min-h-12 min-w-16 cursor-pointer items-center justify-center border-b-3 px-2 whitespace-nowrap"
            :class="checked ? 'border-ink font-bold' : 'border-transparent text-ink-2'"
          >
            {{ WORDS[d] }}
          </div>
        </RadioGroupOption>
      </RadioGroup>
    </li>
  </ul>
</template>
