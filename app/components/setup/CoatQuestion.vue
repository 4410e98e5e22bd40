<script setup lang="ts">
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue'
import { COAT_IDS, COATS } from '#core/coat/coat-types'
import type { CoatId } from '#core/coat/coat-types'
import { COAT_BY_HAND } from '~/words/setup'

/** Which coat it is: by the pictures, or by what a hand feels. */
defineProps<{ coat: CoatId | null; byHand: boolean }>()
const emit = defineEmits<{ pick: [CoatId] }>()
</script>

<template>
  <ul v-if="byHand" class="border-t border-rule">
    <li v-for="[words, id] in COAT_BY_HAND" :key="id" class="border-b border-rule">
      <button
        type="button"
        class="flex min-h-12 w-full items-center justify-between gap-3 text-left"
        @click="emit('pick', id)"
      >
        {{ words }}
      </button>
    </li>
  </ul>
  <RadioGroup
    v-else
    :model-value="coat ?? undefined"
    class="grid grid-cols-2 gap-x-4"
    @update:model-value="(id: CoatId) => emit('pick', id)"
  >
    <RadioGroupLabel as="span" class="sr-only">Coat type</RadioGroupLabel>
    <RadioGroupOption v-for="id in COAT_IDS" :key="id" v-slot="{ checked }" :value="id" as="template">
      <div
        class="cursor-pointer border-t pt-2 pb-2"
        :class="
          checked ? 'border-b-4 border-t-rule border-b-due' : 'border-b-4 border-rule border-b-transparent'
        "
        :data-coat="id"
      >
        <CoatPatch :coat="id" />
        <b class="mt-1 block font-semibold" :class="checked ? 'text-due' : ''">{{ COATS[id].label }}</b>
        <i class="why block text-side">{{ COATS[id].tell }}</i>
      </div>
    </RadioGroupOption>
  </RadioGroup>
</template>
