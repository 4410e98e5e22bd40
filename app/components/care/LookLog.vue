<script setup lang="ts">
import type { Run } from '#core/care/led/run'
import { carePart } from '#core/record/care-parts'
import type { CarePartId, LookedAt } from '#core/record/care-parts'
import type { FactOf, PartDone } from '#core/record/entries'
import { OUTCOME_SAYS } from '~/words/care-parts'
import { capital } from '~/words/numbers'

/** How a look came out, part by part, before it is written in. */
const props = defineProps<{
  work: LookedAt
  run: Run
  parts: readonly CarePartId[]
  minutes?: number | undefined
}>()
const emit = defineEmits<{ write: [FactOf<'tidy'>]; drop: [] }>()
const rows = computed(() =>
  props.parts.map((part): PartDone => {
    const outcome = props.run.outcome[part]
    const found = props.run.found[part]
    const refused = props.run.did[part] === 'refused'
    return {
      part,
      did: refused ? 'refused' : outcome ? 'done' : 'left',
      ...(outcome ? { outcome } : {}),
      ...(found ? { found } : {}),
    }
  }),
)
const whole = computed(() => props.run.outcome.whole)
const any = computed(() => !!whole.value || rows.value.some((r) => r.did !== 'left' || r.found))
const says = (r: PartDone) =>
  r.did === 'done' ? OUTCOME_SAYS[r.outcome!] : r.did === 'refused' ? 'would not' : 'not yet'
function write() {
  emit('write', {
    kind: 'tidy',
    tidy: props.work,
    ...(whole.value ? { outcome: whole.value } : {}),
    ...(rows.value.length ? { parts: rows.value } : {}),
    ...(props.minutes === undefined ? {} : { minutes: props.minutes }),
  })
}
</script>

<template>
  <div class="max-w-[560px]" data-log>
    <h1 class="pt-1 desk:pt-4">{{ run.ended === 'stopped' ? 'Stopped. So far' : 'So it was' }}</h1>
    <p v-if="whole" class="mt-3 text-lead">{{ capital(OUTCOME_SAYS[whole]) }}.</p>
    <ul v-else-if="rows.length" class="mt-3 border-t border-ink">
      <li
        v-for="r in rows"
        :key="r.part"
        class="flex min-h-12 items-center justify-between gap-3 border-b border-rule"
        :data-part="r.part"
      >
        <b class="font-semibold">{{ carePart(r.part).label }}</b><span
          :class="r.did === 'done' ? '' : 'text-ink-2'"
          >{{ says(r) }}</span
        >
      </li>
    </ul>
    <ActButton kind="filled" class="mt-4 w-full text-lead" :disabled="!any" data-write @click="write"
      >Write it in</ActButton
    >
    <ActButton kind="quiet" class="mt-2" @click="emit('drop')">Not done: write nothing</ActButton>
  </div>
</template>
