<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'

/** On a phone the sections that are not at hand. Escape, a press beside it, or going there closes it. */
const props = defineProps<{
  /** Where the dog is, and which of its sections are not at hand. */
  base: string
  sections: { path: string; label: string }[]
  here: boolean
}>()
const links = computed(() => [
  ...[
    ...props.sections,
    { path: '/about', label: 'About the dog' },
    { path: '/look-over', label: 'Look-over' },
    { path: '/ways', label: 'How you work' },
    { path: '/data', label: 'Your data' },
  ].map((s) => ({ to: props.base + s.path, label: s.label })),
  { to: '/household', label: 'Household' },
])
</script>

<template>
  <Popover class="-mt-px ml-auto flex" v-slot="{ open }">
    <PopoverButton
      class="flex items-center gap-2 border-t-3 px-2.5 text-lead"
      :class="here || open ? 'border-due font-semibold' : 'border-transparent text-ink-2'"
    >
      <CombMark />More
    </PopoverButton>
    <PopoverPanel
      v-slot="{ close }"
      class="absolute right-0 bottom-[60px] flex w-56 flex-col border border-ink bg-paper"
      data-more
    >
      <NuxtLink
        v-for="l in links"
        :key="l.to"
        :to="l.to"
        class="flex min-h-14 items-center border-b border-rule px-4 text-lead last:border-b-0"
        @click="close()"
        >{{ l.label }}</NuxtLink
      >
    </PopoverPanel>
  </Popover>
</template>
