<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'
import { brushesFor, layOut, TOOLS } from '#core/coat/tools'
import { regionOf } from '#core/coat/regions'
import { squirtsASide } from '#core/care/bath/mist'
import { habitsOf } from '#core/record/habits'
import type { Works } from '#core/record/what-works'
import { sayHow } from '~/words/truths'

/** How the place in hand is held, which way the hair lies, and with what. */
const { t, works } = defineProps<{
  t: ReturnType<typeof useTable>
  /** What is known to work here on this dog comes before what does on most. */
  works: Works[number] | undefined
}>()
/** The hair lifts and crackles: it was brushed dry. */
const crackles = defineModel<boolean>('crackles', { required: true })
const { file } = useDog()
const profile = computed(() => file.value.profile)
const habits = computed(() => habitsOf(profile.value))
const region = computed(() => regionOf(t.current.value!))
const brush = computed(() =>
  brushesFor(profile.value.coat, habits.value.tools)
    .map((t, i) => (i ? TOOLS[t].label.toLowerCase() : TOOLS[t].label))
    .join(', then '),
)
/** Mist is asked for only where some is laid out. */
const misted = computed(() =>
  layOut(profile.value.coat, habits.value.tools).some((t) => t.tool === 'mist' && t.use),
)
/** Mist is for a side, where one is begun; within it, only where hair has dried. */
const newSide = computed(
  () => !!region.value.side && !t.found.value.some((f) => regionOf(f.region).side === region.value.side),
)
const squirts = computed(() => squirtsASide(COATS[profile.value.coat].mist, profile.value.weightKg))
const how = computed(() =>
  habits.value.pressure === 'light' ? 'flat and light' : 'flat, firmer where it is thick',
)
</script>

<template>
  <dl class="mt-2 space-y-1">
    <div class="flex gap-3">
      <dt class="why w-10 shrink-0">{{ works ? 'works' : 'hold' }}</dt>
      <dd class="font-semibold">{{ works ? sayHow(works) : region.hold }}</dd>
    </div>
    <div class="flex gap-3">
      <dt class="why w-10 shrink-0">way</dt>
      <dd class="font-semibold">
        {{ region.lie }}{{ habits.strokes === 'several' ? ', then across it' : '' }}
      </dd>
    </div>
    <div v-if="misted && squirts && newSide" class="flex gap-3" data-mist>
      <dt class="why w-10 shrink-0">mist</dt>
      <dd class="font-semibold">about {{ squirts }} squirts on this side first</dd>
    </div>
    <div class="flex gap-3">
      <dt class="why w-10 shrink-0">tool</dt>
      <dd class="flex min-w-0 flex-1 items-baseline gap-3 font-semibold">
        <span class="min-w-0 flex-1">{{ brush || 'your brush' }}, {{ how }}; then the comb</span>
        <span v-if="!t.follow.value" class="-my-3 flex shrink-0">
          <button class="min-h-14 px-1 underline underline-offset-4" data-rasps @click="t.press('rasps')">
            It rasps
          </button>
          <button
            v-if="misted"
            class="ml-1 min-h-14 px-1 underline underline-offset-4"
            data-static
            :aria-pressed="crackles"
            @click="crackles = !crackles"
          >
            Static
          </button>
        </span>
      </dd>
    </div>
  </dl>
</template>
