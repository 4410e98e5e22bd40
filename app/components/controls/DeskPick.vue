<script setup lang="ts" generic="T extends string | number | null">
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/vue'

/** A list that opens under what is chosen, for a desk: arrows walk it, letters jump, Escape closes. */
defineProps<{ label: string; options: readonly { value: T; words: string }[]; name?: string }>()
const chosen = defineModel<T>({ required: true })
</script>

<template>
  <Listbox v-slot="{ open }" v-model="chosen" as="div" class="relative">
    <ListboxButton
      class="flex min-h-11 w-full items-center justify-between gap-2 text-left"
      :data-name="name"
      :aria-label="`${label}: ${options.find((o) => o.value === chosen)?.words ?? ''}`"
    >
      <span class="min-w-0 truncate">{{ options.find((o) => o.value === chosen)?.words }}</span>
      <ChevronMark :class="open ? '-rotate-90' : 'rotate-90'" />
    </ListboxButton>
    <ListboxOptions
      class="absolute right-0 z-30 mt-1 max-h-72 min-w-full overflow-y-auto border border-ink bg-paper py-1 focus:outline-none"
      :aria-label="label"
    >
      <ListboxOption
        v-for="o in options"
        :key="String(o.value)"
        v-slot="{ active, selected }"
        :value="o.value"
        as="template"
      >
        <li
          class="min-h-9 cursor-pointer px-3 py-1 whitespace-nowrap"
          :class="[active ? 'bg-coat' : '', selected ? 'font-semibold' : '']"
          :data-value="String(o.value)"
        >
          {{ o.words }}
        </li>
      </ListboxOption>
    </ListboxOptions>
  </Listbox>
</template>
