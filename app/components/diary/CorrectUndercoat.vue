<script setup lang="ts">
import { mostPacked } from '#core/care/tidies/rake'
import { placeRow } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import { UNDERCOAT_IDS } from '#core/record/findings'
import type { EntryOf } from '~/composables/put-right'

/** Puts right what the rake met: place by place where it was told so, else of all of it. */
const props = defineProps<{ entry: EntryOf<FactOf<'undercoat'>> }>()
const emit = defineEmits<{ done: [] }>()
const putRight = usePutRight()
const places = ref((props.entry.what.places ?? []).map((p) => ({ ...p })))
const all = ref(props.entry.what.finding)
const CHOICES = UNDERCOAT_IDS.map((value) => ({ value, words: value }))
async function keep() {
  const told = places.value
  const by: FactOf<'undercoat'> = {
    ...props.entry.what,
    ...(told.length
      ? { finding: mostPacked(told.map((p) => p.finding)), places: told }
      : { finding: all.value }),
  }
  emit('done')
  await putRight(props.entry, by)
}
</script>

<template>
  <form @submit.prevent="keep">
    <ul v-if="places.length">
      <li
        v-for="(p, i) in places"
        :key="i"
        class="flex flex-wrap items-center border-b border-rule"
        :data-raked="p.place"
      >
        <span class="min-w-24 flex-1 font-semibold">{{ placeRow(p.place).plural }}</span>
        <ChoiceRow v-model="p.finding" tight :label="placeRow(p.place).plural" :choices="CHOICES" />
      </li>
    </ul>
    <ChoiceRow v-else v-model="all" tight label="What the rake met" :choices="CHOICES" />
    <ActButton type="submit" class="mt-2 !min-h-11">Put it right</ActButton>
  </form>
</template>
