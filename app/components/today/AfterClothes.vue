<script setup lang="ts">
import { monthOf } from '#core/record/day'
import { wornIn } from '#core/record/garments'
import { between, timeline } from '#core/record/timeline'
import { plural } from '~/words/numbers'

/** Clothes felt what is under them: brushed through after they come off, each day they are worn. */
const { file, today, coat } = useDog()
const record = useRecord()
const worn = computed(() => wornIn(file.value.profile, monthOf(today.value)))
const covered = computed(() =>
  coat.value.places.filter((p) => p.region.covers.includes('coat')).map((p) => p.id),
)
const facts = computed(() => between(timeline(file.value.entries), today.value, today.value))
/** Bare today, or brushed or combed since: nothing to ask. */
const seenTo = computed(() =>
  facts.value.some(
    ({ what }) =>
      (what.kind === 'gear' && what.gear === 'coat' && !what.hours) ||
      (what.kind === 'brush' && covered.value.every((id) => what.regions.includes(id))) ||
      (what.kind === 'check' && covered.value.includes(what.region)),
  ),
)
const brushed = () =>
  record.add([
    { day: today.value, time: localTime(), what: { kind: 'brush', depth: 'skin', regions: covered.value } },
  ])
</script>

<template>
  <p
    v-if="worn && !seenTo && covered.length"
    class="flex min-h-11 items-center gap-2 border-b border-rule"
    data-after-clothes
  >
    <b class="font-semibold">Brush through</b>
    <i class="why min-w-0 flex-1 text-body"
      >after the {{ worn.what }} comes off, {{ plural(worn.hours, 'hour') }} a day</i
    >
    <ActButton v-if="useMe().mayLog" kind="quiet" @click="brushed">Brushed</ActButton>
  </p>
</template>
