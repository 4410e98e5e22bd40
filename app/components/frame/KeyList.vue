<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

const emit = defineEmits<{ close: [] }>()
useFocusBack()
const KEYS = [
  ['1 to 6', 'at the table: glides, snag, knot, mat, felt, refused'],
  ['R', 'at the table: the brush rasps'],
  ['E  F  X', 'at the table: easy, fidgety, stopped'],
  ['1 to 6', 'in a question: the first to the sixth answer'],
  ['Space', 'pause and go on'],
  ['S', 'skip for now'],
  ['N', 'next, leave this place out'],
  ['Z', 'undo'],
  ['Arrows', 'walk the coat map; Enter picks a place'],
  ['← →', 'on the lead: move a session; Enter keeps it there, Esc puts it back'],
  ['G then a letter', 'T today, S stretch, B table, D diary, H handling, P progress, I what if, W groomer'],
  ['?', 'show and hide this list'],
]
</script>

<template>
  <Dialog :open="true" class="relative z-30" @close="emit('close')">
    <div class="fixed inset-0 bg-veil" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel class="w-full max-w-lg rounded border border-ink bg-paper p-6">
        <DialogTitle as="h2">Keys</DialogTitle>
        <dl class="mt-4">
          <div v-for="[key, what] in KEYS" :key="key" class="flex gap-4 border-t border-rule py-2">
            <dt class="w-24 shrink-0 font-semibold">{{ key }}</dt>
            <dd class="text-ink-2">{{ what }}</dd>
          </div>
        </dl>
        <ActButton class="mt-4 w-full" @click="emit('close')">Close</ActButton>
      </DialogPanel>
    </div>
  </Dialog>
</template>
