<script setup lang="ts">
import { sayDay } from '#core/record/say-day'

/** A band went on in a tidy and was not told to be off: it is said wherever this dog is looked at, until it is. */
const props = defineProps<{
  /** The work whose own page this is: it leads to the band by itself. */
  within?: string
}>()
const { file, today } = useDog()
const { band, end } = useLedRun(() => 'ears')
const here = computed(() => band.value && band.value.day === today.value && props.within === band.value.work)
</script>

<template>
  <div v-if="band && !here" class="my-2 border-y border-caution py-2" role="alert" data-band-on>
    <p class="flex gap-2 font-semibold text-caution">
      <CautionMark class="shrink-0" />A band went on {{ file.profile.name }}’s ear
      {{ sayDay(band.day, today) }} and was not told to be off. Feel along both ears before anything else.
    </p>
    <ActButton
      v-if="band.day === today"
      kind="filled"
      class="mt-2 w-full"
      :to="`/dogs/${file.id}/tidies?at=${band.work}`"
      >To the band</ActButton
    >
    <ActButton v-else kind="filled" class="mt-2 w-full" @click="end">It is off</ActButton>
  </div>
</template>
