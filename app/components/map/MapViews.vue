<script setup lang="ts" generic="T extends string">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'

/** Which side of the dog the map shows. */
defineProps<{ views: readonly { id: T; words: string }[] }>()
const view = defineModel<T>({ required: true })
</script>

<template>
  <RadioGroup v-model="view" class="flex flex-col">
    <RadioGroupLabel as="span" class="sr-only">Which side to show</RadioGroupLabel>
    <RadioGroupOption v-for="v in views" :key="v.id" v-slot="{ checked }" :value="v.id" as="template">
      <div
        class="flex min-h-11 cursor-pointer items-center border-l-2 pr-3 pl-3"
        :class="checked ? 'border-due font-semibold text-ink' : 'border-rule text-ink-2'"
      >
        {{ v.words }}
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
