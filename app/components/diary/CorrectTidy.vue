<script setup lang="ts">
import { lengthProblem } from '#core/care/tidies/even-up'
import { carePart } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import type { FactOf, PartDone } from '#core/record/entries'
import { COMFORT_IDS } from '#core/record/findings'
import type { Comfort } from '#core/record/findings'
import type { EntryOf } from '~/composables/put-right'
import { sayPart } from '~/words/care-parts'

/** A tidy that opens: each part as it stands, and what became of it put right. */
const props = defineProps<{ entry: EntryOf<FactOf<'tidy'>> }>()
const emit = defineEmits<{ done: [] }>()
const putRight = usePutRight()
const parts = computed(() => props.entry.what.parts ?? [])
const mending = ref(false)
const did = ref<Partial<Record<CarePartId, PartDone['did']>>>(
  Object.fromEntries(parts.value.map((p) => [p.part, p.did])),
)
/** Of what was cut, millimetres left; and how the dog bore each part. */
const mm = ref<Partial<Record<CarePartId, string>>>(
  Object.fromEntries(parts.value.map((p) => [p.part, String(p.mm ?? '')])),
)
const comfort = ref<Partial<Record<CarePartId, Comfort>>>(
  Object.fromEntries(parts.value.map((p) => [p.part, p.comfort ?? 'easy'])),
)
const minutes = ref(String(props.entry.what.minutes ?? ''))
const isCut = (p: PartDone) => did.value[p.part] === 'done' && p.how === 'cut'
const wrong = computed(() => {
  const n = Number(minutes.value)
  if (minutes.value.trim() && !(n >= 0 && n <= 600)) return 'Give the minutes as a number, 600 at most.'
  return (
    parts.value
      .filter((p) => isCut(p) && mm.value[p.part]?.trim())
      .map((p) => lengthProblem(Number(mm.value[p.part])))
      .find((problem) => problem !== null) ?? ''
  )
})
/** What was not done has no length and no outcome. */
const mended = (): PartDone[] =>
  parts.value.map((p) => {
    const { comfort: _before, ...rest } = p
    const to = did.value[p.part] ?? p.did
    const bore = comfort.value[p.part] ?? 'easy'
    const now: PartDone = to === 'done' || to === p.did ? { ...rest, did: to } : { part: p.part, did: to }
    if (bore !== 'easy') now.comfort = bore
    if (isCut(p)) {
      const left = mm.value[p.part]?.trim()
      delete now.mm
      if (left) now.mm = Number(left)
      else delete now.by
    }
    return now
  })
async function keep() {
  if (wrong.value) return
  const { minutes: _before, ...rest } = props.entry.what
  const by: FactOf<'tidy'> = { ...rest, parts: mended() }
  if (minutes.value.trim()) by.minutes = Number(minutes.value)
  emit('done')
  await putRight(props.entry, by)
}
</script>

<template>
  <div v-if="parts.length">
    <template v-if="!mending">
      <ul>
        <li v-for="p in parts" :key="p.part" class="flex gap-3 border-b border-rule py-1">
          <span class="min-w-36 font-semibold">{{ carePart(p.part).label }}</span>
          <span class="text-ink-2">{{ sayPart(p) }}</span>
        </li>
      </ul>
      <ActButton kind="quiet" @click="mending = true">Put it right</ActButton>
    </template>
    <form v-else @submit.prevent="keep">
      <PartsDone v-model="did" :parts="parts.map((p) => p.part)" />
      <div
        v-for="p in parts"
        :key="p.part"
        class="flex flex-wrap items-center gap-x-5 border-b border-rule"
        :data-bore="p.part"
      >
        <span class="min-w-36 flex-1 font-semibold">{{ carePart(p.part).label }}</span>
        <FormField
          v-if="isCut(p)"
          v-model="mm[p.part]"
          row
          label="left"
          unit="mm"
          :name="`mm-${p.part}`"
          inputmode="decimal"
        />
        <ChoiceRow
          v-model="comfort[p.part]"
          tight
          :label="`How the dog bore ${carePart(p.part).label.toLowerCase()}`"
          :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
        />
      </div>
      <FormField
        v-model="minutes"
        class="mt-2 w-40"
        label="Minutes it took"
        name="took"
        inputmode="numeric"
      />
      <NoticeLine v-if="wrong" class="mt-2">{{ wrong }}</NoticeLine>
      <div class="mt-2 flex gap-4">
        <ActButton type="submit" class="!min-h-11" :disabled="!!wrong">Keep it</ActButton>
        <ActButton kind="quiet" @click="mending = false">Leave it</ActButton>
      </div>
    </form>
  </div>
</template>
