<script setup lang="ts">
import type { FactOf } from '#core/record/entries'
import type { EntryOf } from '~/composables/put-right'

/** Puts a wash right: whether it was combed out, and how long drying took. */
const props = defineProps<{ entry: EntryOf<FactOf<'wash'>> }>()
const emit = defineEmits<{ done: [] }>()
const putRight = usePutRight()
const combedOut = ref(props.entry.what.combedOut ? ('out' as const) : ('not' as const))
const COMBED = [
  { value: 'out' as const, words: 'dried and combed out' },
  { value: 'not' as const, words: 'not combed out' },
]
const dried = props.entry.what.dried
const minutes = ref(dried ? String(dried.minutes) : '')
const wrong = computed(() => {
  const n = Number(minutes.value)
  return dried && !(n >= 1 && n <= 600) ? 'Give the minutes of drying as a number, 1 to 600.' : ''
})
async function keep() {
  if (wrong.value) return
  const by: FactOf<'wash'> = { ...props.entry.what, combedOut: combedOut.value === 'out' }
  if (dried) by.dried = { ...dried, minutes: Number(minutes.value) }
  emit('done')
  await putRight(props.entry, by)
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-x-5 gap-y-2" @submit.prevent="keep">
    <ChoiceRow v-model="combedOut" tight label="After the wash" class="basis-full" :choices="COMBED" />
    <FormField
      v-if="dried"
      v-model="minutes"
      class="w-40"
      label="Minutes to dry"
      name="dried"
      inputmode="numeric"
    />
    <ActButton type="submit" class="!min-h-11" :disabled="!!wrong">Put it right</ActButton>
    <NoticeLine v-if="wrong" class="basis-full">{{ wrong }}</NoticeLine>
  </form>
</template>
