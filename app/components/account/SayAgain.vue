<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { signInBody } from '#shared/api'

/** Asked of somebody signed in a while ago, before what cannot be taken back. Escape, or a press beside it, is no. */
const props = defineProps<{ asked: NonNullable<typeof saidAgain.value> }>()
const saying = useSchemaForm(signInBody.pick({ password: true }), { password: '' }, async (body) => {
  await api(`/api/${props.asked.of}/again`, { method: 'POST', body })
  props.asked.answer(true)
})
const may = useMayHaveKeys()
async function byKey() {
  const { givenKey } = await import('~/composables/device-key')
  try {
    const passkey = await givenKey()
    await api(`/api/${props.asked.of}/again`, { method: 'POST', body: { passkey } })
    props.asked.answer(true)
  } catch (error) {
    saying.problem.value = inWords(error)
  }
}
useFocusBack()
</script>

<template>
  <Dialog :open="true" class="relative z-30" @close="asked.answer(false)">
    <div class="fixed inset-0 bg-veil" aria-hidden="true" />
    <div class="fixed inset-0 flex items-end justify-center p-4 desk:items-center">
      <DialogPanel class="w-full max-w-md rounded border border-ink bg-paper p-6" data-say-again>
        <DialogTitle as="h2">Is it you?</DialogTitle>
        <p class="why mt-2">
          You have been signed in here for a while, and this opens something to others or ends it. Your
          password once more, then it is done.
        </p>
        <form class="mt-4 space-y-4" novalidate @submit.prevent="saying.submit">
          <SchemaField
            :of="saying"
            name="password"
            label="Password"
            type="password"
            input-name="password-again"
            autocomplete="current-password"
            maxlength="200"
          />
          <NoticeLine v-if="saying.problem.value">{{ saying.problem.value }}</NoticeLine>
          <div class="flex gap-3">
            <ActButton class="flex-1" @click="asked.answer(false)">Not now</ActButton>
            <ActButton kind="filled" class="flex-1" type="submit" :disabled="saying.busy.value"
              >It is me</ActButton
            >
          </div>
          <ActButton v-if="may" kind="quiet" @click="byKey">With a passkey</ActButton>
        </form>
      </DialogPanel>
    </div>
  </Dialog>
</template>
