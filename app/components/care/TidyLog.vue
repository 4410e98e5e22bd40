<script setup lang="ts">
import type { Run } from '#core/care/led/run'
import { offered } from '#core/care/tidies/may'
import { longerProblem, lengthProblem } from '#core/care/tidies/even-up'
import { LENGTH_BY } from '#core/record/part-done'
import type { CarePartId } from '#core/record/care-parts'
import type { FactOf, PartDone } from '#core/record/entries'
import { COMFORT_IDS } from '#core/record/findings'
import type { Comfort } from '#core/record/findings'
import type { TrimId } from '#core/record/tidies'
import { WAS_WORDS } from '~/words/was'

/** What became of a tidy, part by part, as it was led; and whether it was time for it. */
const props = defineProps<{
  work: TrimId
  run: Run
  parts: readonly CarePartId[]
  /** As timed, where it came to its end. */
  minutes?: number | undefined
}>()
const emit = defineEmits<{ write: [FactOf<'tidy'>]; drop: [] }>()
const { cuts, may, places } = useWork(() => props.work)
const stopped = computed(() => props.run.ended === 'stopped')
const did = ref<Partial<Record<CarePartId, PartDone['did']>>>(
  Object.fromEntries(props.parts.map((p) => [p, props.run.did[p] ?? 'left'])),
)
/** With cloth and comb a corner is cleaned, and the rest combed; nothing is cut. Privates are cut on no dog. */
const howOf = (part: CarePartId): NonNullable<PartDone['how']> => {
  if (cuts.value && part !== 'privates') return 'cut'
  return part.startsWith('eye-corner') ? 'cleaned' : 'combed'
}
const anyRefused = computed(() => props.parts.some((p) => did.value[p] === 'refused'))
const anyDone = computed(() => props.parts.some((p) => did.value[p] === 'done'))
const anyFound = computed(() => Object.keys(props.run.found).length > 0)
const comfort = ref<Comfort>(stopped.value ? 'stopped' : 'easy')
const by = ref<NonNullable<PartDone['by']>>('measure')
const BY = { measure: 'measured', guard: 'by the guard', fingers: 'by finger' } as const
/** What was done with which, where there is but one that cuts. */
const using = computed(() => {
  const cutters = may.value ? offered(props.work, may.value).filter((m) => m !== 'cloth' && m !== 'comb') : []
  return cutters.length === 1 ? cutters[0] : undefined
})
const sides = ref<{ left: number; right: number } | null>(null)
const mm = ref('')
const before = computed(() => (places.value.length ? Math.max(...places.value.map((p) => p.mm)) : null))
const lengthWrong = computed(() => {
  if (mm.value.trim() === '') return null
  const n = Number(mm.value)
  return lengthProblem(n) ?? (before.value === null ? null : longerProblem(before.value, n))
})
function partDone(part: CarePartId): PartDone {
  const what = did.value[part] ?? 'left'
  const found = props.run.found[part]
  const met = found?.length ? { found } : {}
  if (what !== 'done') return { part, did: what, ...met }
  const how = howOf(part)
  const side = part.endsWith('.left') ? 'left' : part.endsWith('.right') ? 'right' : null
  const typed = mm.value.trim() === '' ? undefined : Number(mm.value)
  const left = how === 'cut' ? ((side && sides.value?.[side]) ?? typed) : undefined
  return {
    part,
    did: 'done',
    how,
    ...(how === 'cut' && using.value ? { using: using.value } : {}),
    ...(left === undefined ? {} : { mm: left, by: sides.value ? ('measure' as const) : by.value }),
    ...met,
  }
}
const WAS = ['not-yet', 'right', 'overdue'] as const
function write(was: (typeof WAS)[number]) {
  if (lengthWrong.value) return
  emit('write', {
    kind: 'tidy',
    tidy: props.work,
    ...(anyDone.value ? { was } : {}),
    parts: props.parts.map(partDone),
    ...(comfort.value === 'easy' ? {} : { comfort: comfort.value }),
    ...(props.minutes === undefined ? {} : { minutes: props.minutes }),
  })
}
</script>

<template>
  <div class="max-w-[560px]" data-log>
    <h1 class="pt-1 desk:pt-4">{{ stopped ? 'Stopped. How far did it come?' : 'Was it time?' }}</h1>
    <p class="why mt-2">
      {{
        stopped
          ? 'What is done is written as done; the rest stays due.'
          : 'Praise and a treat. What you say moves when it comes up next.'
      }}
    </p>
    <PartsDone v-model="did" :parts="parts" class="mt-3" />
    <ChoiceRow
      v-model="comfort"
      label="How the dog bore it"
      :choices="COMFORT_IDS.map((c) => ({ value: c, words: c }))"
      class="mt-3"
    />
    <div v-if="cuts && anyDone" class="mt-3 flex flex-wrap items-end gap-x-4">
      <label class="block">
        <span class="small block">Length left, mm, if you know it</span>
        <input
          v-model="mm"
          name="left"
          inputmode="decimal"
          class="h-11 w-32 border-b border-edge bg-transparent"
        />
      </label>
      <ChoiceRow
        v-if="mm.trim()"
        v-model="by"
        tight
        label="How the length is known"
        :choices="LENGTH_BY.map((value) => ({ value, words: BY[value] }))"
      />
    </div>
    <NoticeLine v-if="lengthWrong" class="mt-2">{{ lengthWrong }}</NoticeLine>
    <EvenUp
      v-if="cuts && anyDone && (work === 'ears' || work === 'face')"
      class="mt-4"
      @sides="sides = $event"
    />
    <div v-if="anyDone" class="mt-4 grid gap-2">
      <ActButton
        v-for="w in WAS"
        :key="w"
        class="w-full"
        :kind="w === 'right' ? 'filled' : 'plain'"
        :disabled="!!lengthWrong"
        @click="write(w)"
      >
        {{ WAS_WORDS[w] }}
      </ActButton>
    </div>
    <ActButton v-else class="mt-4 w-full" :disabled="!anyRefused && !anyFound" @click="write('right')">
      {{ anyRefused || !anyFound ? 'Write down what was refused' : 'Write down what was found' }}
    </ActButton>
    <ActButton kind="quiet" class="mt-2" @click="emit('drop')">Not done: write nothing</ActButton>
  </div>
</template>
