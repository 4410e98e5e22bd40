<script setup lang="ts">
import { PART_IDS } from '#core/coat/regions'
import type { PartId } from '#core/coat/regions'
import { lengthProblem } from '#core/care/tidies/even-up'
import type { FactOf } from '#core/record/entries'
import { VISIT_DID } from '#core/record/visit-did'
import type { VisitDid } from '#core/record/visit-did'
import type { EntryOf } from '~/composables/put-right'
import { capital } from '~/words/numbers'
import { PART_WORDS } from '~/words/parts'
import { DID_WORDS } from '~/words/visit'

/** Puts a visit or a clip at home right: lengths left by part of the body, and what was done. */
const props = defineProps<{ entry: EntryOf<FactOf<'visit'>> }>()
const emit = defineEmits<{ done: [] }>()
const putRight = usePutRight()
const lengths = reactive(
  Object.fromEntries(PART_IDS.map((p) => [p, String(props.entry.what.lengths[p] ?? '')])) as Record<
    PartId,
    string
  >,
)
const did = ref<VisitDid[]>([...(props.entry.what.did ?? [])])
/** Without a word of what was done it did everything; a list that is begun can be all it did. */
const scope = ref(props.entry.what.only ? ('some' as const) : ('all' as const))
const SCOPES = [
  { value: 'all' as const, words: 'the whole coat too' },
  { value: 'some' as const, words: 'only these' },
]
const given = computed(() =>
  Object.fromEntries(PART_IDS.flatMap((p) => (lengths[p].trim() ? [[p, Number(lengths[p])]] : []))),
)
const wrong = computed(
  () =>
    Object.values(given.value)
      .map(lengthProblem)
      .find((p) => p !== null) ?? '',
)
async function keep() {
  if (wrong.value) return
  const { did: _did, only: _only, ...rest } = props.entry.what
  const by: FactOf<'visit'> = {
    ...rest,
    lengths: given.value,
    ...(did.value.length ? { did: VISIT_DID.filter((d) => did.value.includes(d)) } : {}),
    ...(did.value.length && scope.value === 'some' ? { only: true as const } : {}),
  }
  emit('done')
  await putRight(props.entry, by)
}
</script>

<template>
  <form @submit.prevent="keep">
    <div class="flex flex-wrap gap-x-5">
      <FormField
        v-for="p in PART_IDS"
        :key="p"
        v-model="lengths[p]"
        class="w-36"
        :label="capital(PART_WORDS[p])"
        unit="mm"
        :name="`left-${p}`"
        inputmode="decimal"
      />
    </div>
    <fieldset v-if="!entry.what.home" class="mt-2">
      <legend class="small">Done</legend>
      <div class="flex flex-wrap gap-x-4">
        <label v-for="d in VISIT_DID" :key="d" class="flex min-h-11 items-center gap-2">
          <input v-model="did" type="checkbox" :value="d" class="size-5 accent-ink" />{{ DID_WORDS[d] }}
        </label>
      </div>
    </fieldset>
    <ChoiceRow
      v-if="!entry.what.home && did.length"
      v-model="scope"
      tight
      label="What it covered"
      :choices="SCOPES"
    />
    <NoticeLine v-if="wrong" class="mt-2">{{ wrong }}</NoticeLine>
    <ActButton type="submit" class="mt-2 !min-h-11" :disabled="!!wrong">Put it right</ActButton>
  </form>
</template>
