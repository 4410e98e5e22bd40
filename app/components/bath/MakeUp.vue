<script setup lang="ts">
import { bathAmounts, USUAL_RATIO, WATER_C } from '#core/care/bath/bath-recipe'
import { bottleProblem } from '#core/care/bath/mix'
import { mistFor } from '#core/care/bath/mist'
import { fahrenheit, toMl, VOLUME_UNITS } from '#core/coat/units'
import type { VolumeUnit } from '#core/coat/units'

/** What to make up for this dog: shampoo and conditioner at their labels' ratios, and the mist. */
const props = defineProps<{ kg: number; mm: number; share: number }>()
const unit = ref<VolumeUnit>('ml')
const shampooParts = ref(String(USUAL_RATIO.shampoo))
const conditionerParts = ref(String(USUAL_RATIO.conditioner))
const amounts = computed(() => bathAmounts(props.kg, props.mm, props.share))
/** In the unit chosen. */
const bottle = ref('')
const tooMuch = computed(() =>
  bottle.value.trim() === ''
    ? null
    : bottleProblem(amounts.value.shampooMl, toMl(Number(bottle.value), unit.value)),
)
const MIST_ML = 250
const mist = mistFor(MIST_ML, false)!
const warm = `${WATER_C.from} to ${WATER_C.to} °C, ${Math.round(fahrenheit(WATER_C.from))} to ${Math.round(fahrenheit(WATER_C.to))} °F`
</script>

<template>
  <div>
    <div class="flex items-baseline justify-between border-b border-ink pb-1">
      <h2>Make up</h2>
      <span class="small">{{ kg }} kg at {{ Math.round(mm) }} mm</span>
    </div>
    <div class="mt-3 grid grid-cols-3 gap-3">
      <MixJar v-model="shampooParts" name="shampoo" :total-ml="amounts.shampooMl" :unit="unit" />
      <MixJar v-model="conditionerParts" name="conditioner" :total-ml="amounts.conditionerMl" :unit="unit" />
      <div>
        <svg viewBox="0 0 70 162" class="h-[150px]" aria-hidden="true">
          <g fill="none" stroke="var(--ink)" stroke-width="1.8" stroke-linejoin="round">
            <path
              d="M8 40H34V54M34 34V46M14 34H46V52M30 54H40V64M22 64C10 72 8 80 8 92V148Q8 156 16 156H54Q62 156 62 148V92C62 80 60 72 48 64Z"
            />
          </g>
          <path
            v-for="i in 12"
            :key="i"
            :d="`M12 ${152 - i * 5}q12 -1.500 24 0t22 0`"
            stroke="var(--ink-3)"
            stroke-width="1"
            fill="none"
            opacity=".6"
          />
        </svg>
        <p class="figure text-story">{{ MIST_ML }} ml</p>
        <b class="font-semibold">mist</b>
        <p class="text-body">{{ mist.conditionerMl }} ml conditioner<br />in distilled water</p>
      </div>
    </div>
    <div class="mt-2 flex flex-wrap items-end gap-x-5 gap-y-1">
      <PickOne
        v-model="unit"
        label="In"
        name="unit"
        :options="VOLUME_UNITS.map((value) => ({ value, words: value }))"
      />
      <label
        ><span class="small block">Your bottle, {{ unit }}</span>
        <input
          v-model="bottle"
          name="bottle"
          inputmode="numeric"
          class="h-11 w-20 border-b border-edge bg-transparent"
      /></label>
      <p class="small pb-3">Water {{ warm }}; tried on your wrist.</p>
    </div>
    <NoticeLine v-if="tooMuch">{{ tooMuch }}</NoticeLine>
  </div>
</template>
