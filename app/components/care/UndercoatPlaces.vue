<script setup lang="ts">
import { mostPacked, rakedAt } from '#core/care/tidies/rake'
import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import { UNDERCOAT_IDS } from '#core/record/findings'
import type { Undercoat } from '#core/record/findings'

/** What the rake met, place by place, and how long it took. */
const emit = defineEmits<{ write: [what: FactOf<'undercoat'>] }>()
const { file } = useDog()
const places = computed(() => rakedAt(file.value.profile.coat, file.value.profile.absent))
const found = ref<Partial<Record<PlaceId, Undercoat>>>({})
const minutes = ref('')
const wrong = computed(() => {
  const n = Number(minutes.value)
  return minutes.value.trim() && !(n >= 0 && n <= 600) ? 'Give the minutes as a number, 600 at most.' : ''
})
const CHOICES = UNDERCOAT_IDS.map((value) => ({ value, words: value }))
const told = computed(() =>
  places.value.flatMap((place) => {
    const finding = found.value[place]
    return finding ? [{ place, finding }] : []
  }),
)
function write() {
  if (!told.value.length || wrong.value) return
  emit('write', {
    kind: 'undercoat',
    finding: mostPacked(told.value.map((t) => t.finding)),
    places: told.value,
    ...(minutes.value.trim() ? { minutes: Number(minutes.value) } : {}),
  })
}
</script>

<template>
  <form class="mt-2" @submit.prevent="write">
    <div
      v-for="p in places"
      :key="p"
      class="flex flex-wrap items-center border-t border-rule"
      :data-raked="p"
    >
      <span class="min-w-24 flex-1 font-semibold">{{ placeRow(p).plural }}</span>
      <ChoiceRow
        :model-value="found[p]"
        tight
        :label="placeRow(p).plural"
        :choices="CHOICES"
        @update:model-value="(f) => (found = { ...found, [p]: f })"
      />
    </div>
    <FormField
      v-model="minutes"
      class="mt-2 max-w-48"
      label="Minutes, if you timed it"
      name="raked"
      inputmode="numeric"
    />
    <NoticeLine v-if="wrong" class="mt-2">{{ wrong }}</NoticeLine>
    <ActButton kind="filled" type="submit" class="mt-2 w-full" :disabled="!told.length || !!wrong"
      >Write these places in</ActButton
    >
  </form>
</template>
