<script setup lang="ts">
import { dryerProblem, dryingMinutes, USUAL_WATTS } from '#core/care/bath-recipe'
import type { CoatId } from '#core/coat/coat-types'
import type { Dryer } from '#core/record/habits'

/** How long drying takes with the dryer there is, as a range, and against the other kind. */
const props = defineProps<{
  coat: CoatId
  kg: number
  mm: number
  cold: boolean
  /** The weather is the stand-in's. */
  invented: boolean
  dryer: Dryer
  watts: number | null
}>()
const emit = defineEmits<{ dryer: [Dryer]; watts: [number] }>()
const KINDS: { value: Dryer; words: string }[] = [
  { value: 'household', words: 'household' },
  { value: 'forced', words: 'high-velocity' },
  { value: 'none', words: 'none' },
]
const typed = ref(String(props.watts ?? USUAL_WATTS))
const problem = computed(() => (props.dryer === 'household' ? dryerProblem(Number(typed.value)) : null))
watch(typed, (t) => !dryerProblem(Number(t)) && emit('watts', Number(t)))
const of = (dryer: Dryer, watts?: number) =>
  dryingMinutes(props, dryer, { cold: props.cold, ...(watts ? { watts } : {}) })
const mine = computed(() =>
  problem.value ? null : of(props.dryer, props.dryer === 'household' ? Number(typed.value) : undefined),
)
const bars = computed(() => [
  {
    kind: 'household',
    r: of('household', problem.value ? undefined : Number(typed.value))!,
    own: props.dryer === 'household',
  },
  { kind: 'high-velocity', r: of('forced')!, own: props.dryer === 'forced' },
])
const longest = computed(() => Math.max(...bars.value.map((b) => b.r.to)))
const share = (m: number) => `${(m / longest.value) * 100}%`
</script>

<template>
  <section aria-label="Drying">
    <h2 class="border-t border-ink pt-2" data-drying>
      {{ mine ? `Drying, ${mine.from} to ${mine.to} minutes` : 'Drying' }}
    </h2>
    <div class="mt-1 flex flex-wrap items-end gap-x-4">
      <ChoiceRow
        :model-value="dryer"
        tight
        label="Your dryer"
        :choices="KINDS"
        @update:model-value="(d: Dryer | undefined) => d && emit('dryer', d)"
      />
      <label v-if="dryer === 'household'" class="flex items-center gap-1 text-[15px]"
        ><input
          v-model="typed"
          name="watts"
          inputmode="numeric"
          class="h-11 w-16 border-b border-edge bg-transparent text-right"
        />
        W</label
      >
    </div>
    <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
    <div v-for="b in bars" :key="b.kind" class="mt-3">
      <p class="flex justify-between text-[14px]" :class="b.own ? 'font-semibold' : 'text-ink-2'">
        <span>{{ b.kind }}{{ b.own ? ', yours' : '' }}</span
        ><span :class="b.own ? 'text-due' : ''">{{ b.r.from }} to {{ b.r.to }} min</span>
      </p>
      <div class="relative mt-1 h-3 border-b border-rule">
        <div class="absolute inset-y-0 left-0 bg-well" :style="{ width: share(b.r.from) }" />
        <div
          class="absolute inset-y-0 border-x-2"
          :class="b.own ? 'border-due' : 'border-ink-3'"
          :style="{ left: share(b.r.from), width: share(b.r.to - b.r.from) }"
        />
      </div>
    </div>
    <p class="why mt-3 text-[15px]">
      {{
        cold ? `Counted as for cold or damp weather${invented ? ', which is invented here' : ''}. ` : ''
      }}With the lie for flat, against it for fluffy. A household dryer is no way to dry a dense coat before
      bed.
    </p>
  </section>
</template>
