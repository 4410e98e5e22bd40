<script setup lang="ts">
import { fromMl } from '#core/coat/units'
import type { VolumeUnit } from '#core/coat/units'
import { dilute, ratioProblem } from '#core/care/bath/mix'

/** What to make up, at the label's ratio, in the owner's unit: a jug with its two parts. */
const props = defineProps<{ name: string; totalMl: number; unit: VolumeUnit }>()
const parts = defineModel<string>({ required: true })
const problem = computed(() =>
  parts.value.trim() === '' ? 'Look at the label: 1 to how many?' : ratioProblem(Number(parts.value)),
)
const mix = computed(() => (problem.value ? null : dilute(props.totalMl, Number(parts.value))))
const amount = (ml: number) => {
  const n = fromMl(ml, props.unit)
  return `${n >= 20 ? Math.round(n) : Number(n.toPrecision(2))} ${props.unit}`
}
const H = 150
const level = computed(() => Math.min(0.86, 0.3 + props.totalMl / 900) * H)
const product = computed(() => (mix.value ? (mix.value.productMl / props.totalMl) * level.value : 0))
const waves = (from: number, to: number) =>
  Array.from({ length: Math.max(0, Math.floor((to - from) / 6)) }, (_, i) => to - 4 - i * 6)
</script>

<template>
  <div class="min-w-0">
    <svg viewBox="0 0 104 162" class="h-[150px]" aria-hidden="true">
      <g fill="none" stroke="var(--ink)" stroke-width="1.8" stroke-linejoin="round">
        <path d="M2 4L10 12V150Q10 156 16 156H88Q94 156 94 150V8" />
        <path v-for="i in 4" :key="i" :d="`M${84} ${156 - i * 30}H94`" stroke-width="1.2" />
        <path :d="`M6 ${156 - level}H98`" stroke-width="1.2" />
      </g>
      <path
        v-for="y in waves(156 - level, 156 - product)"
        :key="y"
        :d="`M14 ${y}q10 -1.500 20 0t20 0 20 0 18 0`"
        stroke="var(--ink-3)"
        stroke-width="1"
        fill="none"
        opacity=".6"
      />
      <path
        v-for="y in waves(156 - product, 156)"
        :key="`p${y}`"
        :d="`M13 ${y}q10 -1.500 20 0t20 0 20 0 18 0`"
        stroke="var(--due)"
        stroke-width="1.8"
        fill="none"
      />
    </svg>
    <p class="figure text-story">{{ amount(totalMl) }}</p>
    <b class="font-semibold">{{ name }} mix</b>
    <label class="flex items-center gap-1 text-body">
      label 1 to
      <input
        v-model="parts"
        :name="`${name}-parts`"
        inputmode="decimal"
        class="h-11 w-11 border-b border-edge bg-transparent text-center"
      />
    </label>
    <p v-if="mix" class="text-body" :data-mix="name">
      {{ amount(mix.productMl) }} of it<br />{{ amount(mix.waterMl) }} water
    </p>
    <NoticeLine v-else class="text-side">{{ problem }}</NoticeLine>
  </div>
</template>
