<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

/** Asked before something that cannot be taken back here. Escape, or a press beside it, is no. */
defineProps<{ title: string; why: string; yes: string }>()
const emit = defineEmits<{ yes: []; no: [] }>()
useFocusBack()
</script>

<template>
  <Dialog :open="true" class="relative z-30" @close="emit('no')">
    <div class="fixed inset-0 bg-veil" aria-hidden="true" />
    <div class="fixed inset-0 flex items-end justify-center p-4 desk:items-center">
      <DialogPanel class="w-full max-w-md rounded border border-ink bg-paper p-6" data-ask>
        <DialogTitle as="h2">{{ title }}</DialogTitle>
        <p class="why mt-2">{{ why }}</p>
        <div class="mt-5 flex gap-3">
          <ActButton kind="filled" class="flex-1" @click="emit('no')">No</ActButton>
          <ActButton class="flex-1 !text-vet" @click="emit('yes')">{{ yes }}</ActButton>
        </div>
      </DialogPanel>
    </div>
  </Dialog>
</template>
