<script setup lang="ts">
import { whatWent } from '#core/care/handling/what-went'
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import { FIRST_LEGS, POSITIONS } from '#core/record/what-works'
import type { FirstLeg, Position, Works } from '#core/record/what-works'
import { capital } from '~/words/numbers'
import { sayHow, sayWorks } from '~/words/truths'

/** What works on this dog, by place: how it stands or lies, which hold, which leg first. */
const works = defineModel<Works>({ required: true })
const place = ref<Works[number]['place']>('beard')
const position = ref<Position | ''>('')
const first = ref<FirstLeg | ''>('')
const hold = ref('')
const { file, today } = useDog()
/** What the record shows, where nobody has told; an owner says whether it is so. */
const seen = computed(() =>
  whatWent(file.value, today.value).flatMap((w) =>
    w.place && w.first && !works.value.some((x) => x.place === w.place && x.first)
      ? [{ ...w, place: w.place, first: w.first }]
      : [],
  ),
)
const soItIs = (w: (typeof seen.value)[number]) =>
  (works.value = [
    ...works.value.filter((x) => x.place !== w.place),
    { ...works.value.find((x) => x.place === w.place), place: w.place, first: w.first },
  ])
const one = computed<Works[number]>(() => ({
  place: place.value,
  ...(position.value ? { position: position.value } : {}),
  ...(hold.value.trim() ? { hold: hold.value.trim() } : {}),
  ...(first.value && placeRow(place.value).pair ? { first: first.value } : {}),
}))
function add() {
  works.value = [...works.value.filter((w) => w.place !== place.value), one.value]
  position.value = first.value = hold.value = ''
}
</script>

<template>
  <div>
    <p
      v-for="w in works"
      :key="w.place"
      class="flex min-h-11 items-center gap-3 border-b border-rule [overflow-wrap:anywhere]"
    >
      <span class="flex-1">{{ capital(sayWorks(w)) }}</span>
      <ActButton kind="quiet" @click="works = works.filter((x) => x !== w)">Not so</ActButton>
    </p>
    <p
      v-for="w in seen"
      :key="w.id"
      class="flex min-h-11 items-center gap-3 border-b border-rule"
      data-seen-works
    >
      <span class="flex-1"><i class="why text-body">as the record has it:</i> {{ w.says }}</span>
      <ActButton kind="quiet" @click="soItIs(w)">So it is</ActButton>
    </p>
    <div class="flex flex-wrap items-end gap-x-5 gap-y-2 pt-2">
      <PickOne
        v-model="place"
        class="w-48"
        label="Where"
        name="works-place"
        :options="PLACE_IDS.map((value) => ({ value, words: placeRow(value).plural.toLowerCase() }))"
      />
      <PickOne
        v-model="position"
        class="w-40"
        label="How it stands"
        name="works-position"
        :options="[{ value: '', words: 'any way' }, ...POSITIONS.map((value) => ({ value, words: value }))]"
      />
      <FormField v-model="hold" class="w-56" label="Which hold" name="works-hold" maxlength="40" />
      <PickOne
        v-if="placeRow(place).pair"
        v-model="first"
        class="w-40"
        label="Which side first"
        name="works-first"
        :options="[{ value: '', words: 'either' }, ...FIRST_LEGS.map((value) => ({ value, words: value }))]"
      />
      <ActButton :disabled="!sayHow(one)" @click="add">Add it</ActButton>
    </div>
  </div>
</template>
