<script setup lang="ts">
import type { FactOf } from '#core/record/entries'
import { COMFORT_IDS, FINDING_IDS, MOST_KNOTS } from '#core/record/findings'
import type { EntryOf } from '~/composables/put-right'

/** Puts a comb check right: what was found, how many, how many came out, and how the dog bore it. */
const props = defineProps<{ entry: EntryOf<FactOf<'check'>> }>()
const emit = defineEmits<{ done: [] }>()
const putRight = usePutRight()
const finding = ref(props.entry.what.finding)
const comfort = ref(props.entry.what.comfort ?? 'easy')
const count = ref(String(props.entry.what.count ?? 1))
const out = ref(String(props.entry.what.out ?? 0))
const counted = computed(() => ['snag', 'knot', 'mat'].includes(finding.value))
const problem = computed(() => {
  if (!counted.value) return ''
  const [n, o] = [Number(count.value), Number(out.value)]
  if (!Number.isInteger(n) || n < 1) return 'Count whole knots, one at least.'
  if (n > MOST_KNOTS) return `More than ${MOST_KNOTS} in one place is felt: choose felt.`
  if (!Number.isInteger(o) || o < 0) return 'Count whole knots that came out, or 0.'
  return o > n ? 'More came out than were found.' : ''
})
async function write() {
  if (problem.value) return
  const { count: _c, out: _o, decided, ...rest } = props.entry.what
  const by: FactOf<'check'> = {
    ...rest,
    finding: finding.value,
    comfort: comfort.value,
    ...(counted.value ? { count: Number(count.value), out: Number(out.value) } : {}),
    // What was decided of it holds only while it is what it was.
    ...(decided && finding.value === props.entry.what.finding ? { decided } : {}),
  }
  // First: what is put right is another entry to this form, and takes its place.
  emit('done')
  await putRight(props.entry, by)
}
</script>

<template>
  <form class="flex flex-wrap items-end gap-x-5 gap-y-2" @submit.prevent="write">
    <PickOne
      v-model="finding"
      label="The comb said"
      name="finding"
      :options="FINDING_IDS.map((value) => ({ value, words: value }))"
    />
    <template v-if="counted">
      <label>
        <span class="small block">How many</span>
        <input
          v-model="count"
          name="count"
          inputmode="numeric"
          class="h-11 w-16 border-b border-edge bg-transparent"
        />
      </label>
      <label>
        <span class="small block">came out</span>
        <input
          v-model="out"
          name="out"
          inputmode="numeric"
          class="h-11 w-16 border-b border-edge bg-transparent"
        />
      </label>
    </template>
    <PickOne
      v-model="comfort"
      label="Comfort"
      name="comfort"
      :options="COMFORT_IDS.map((value) => ({ value, words: value }))"
    />
    <ActButton type="submit" class="!min-h-11" :disabled="!!problem">Put it right</ActButton>
    <NoticeLine v-if="problem" class="basis-full">{{ problem }}</NoticeLine>
  </form>
</template>
