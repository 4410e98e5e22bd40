<script setup lang="ts">
import type { Run } from '#core/care/led/run'
import { carePart } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import type { LookedAt } from '#core/record/look-outcomes'
import type { FactOf, PartDone } from '#core/record/entries'
import { OUTCOME_SAYS } from '#core/record/care-words'
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
  <PartsLog
    :head="run.ended === 'stopped' ? 'Stopped. So far' : 'So it was'"
    :rows="
      whole
        ? []
        : rows.map((r) => ({
            id: r.part,
            label: carePart(r.part).label,
            says: says(r),
            done: r.did === 'done',
          }))
    "
    words="Write it in"
    :may="any"
    @write="write"
    @drop="emit('drop')"
  >
    <p v-if="whole" class="mt-3 text-lead">{{ capital(OUTCOME_SAYS[whole]) }}.</p>
  </PartsLog>
</template>
