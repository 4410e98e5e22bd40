<script setup lang="ts" generic="T extends string | number">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

/** A few answers side by side, one of them chosen. Arrow keys move between them. */
defineProps<{ label: string; choices: readonly { value: T; words: string }[]; tight?: boolean }>()
const chosen = defineModel<T>()
</script>

<template>
  <RadioGroup v-model="chosen" class="flex">
    <RadioGroupLabel as="span" class="sr-only">{{ label }}</RadioGroupLabel>
    <RadioGroupOption v-for="c in choices" :key="c.value" v-slot="{ checked }" :value="c.value" as="template">
      <div
        class="flex cursor-pointer items-center justify-center border-b-3"
        :class="[
          tight ? 'min-h-12 min-w-12 px-2' : 'min-h-14 flex-1 text-lead',
          checked ? 'font-bold' : 'text-ink-2',
          checked ? (tight ? 'border-ink' : 'border-due') : tight ? 'border-transparent' : 'border-rule',
        ]"
      >
        {{ c.words }}
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
