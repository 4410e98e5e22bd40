<script setup lang="ts">
import { PART_IDS } from '#core/coat/regions'
import type { PartId } from '#core/coat/regions'
import { lengthProblem } from '#core/care/tidies/even-up'
import type { FactOf } from '#core/record/entries'
import { VISIT_DID } from '#core/record/visit-did'
import type { VisitDid } from '#core/record/visit-did'
import type { EntryOf } from '~/composables/put-right'
import { capital } from '~/words/numbers'
import { PART_WORDS } from '#core/coat/part-words'

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
    <VisitDidTicks v-if="!entry.what.home" v-model:did="did" v-model:scope="scope" class="mt-2" />
    <NoticeLine v-if="wrong" class="mt-2">{{ wrong }}</NoticeLine>
    <ActButton type="submit" class="mt-2 !min-h-11" :disabled="!!wrong">Put it right</ActButton>
  </form>
</template>
