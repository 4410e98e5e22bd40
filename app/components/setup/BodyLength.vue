<script setup lang="ts">
/** How long the body was left, mm: drawn, or one of the usual lengths. */
const mm = defineModel<number>({ required: true })
const USUAL_MM = [6, 10, 13, 20, 25, 40]
const MM_PER_INCH = 25.4
</script>

<template>
  <div>
    <p class="figure text-number">
      {{ mm }} mm <span class="small font-sans">{{ (mm / MM_PER_INCH).toFixed(1) }} inch</span>
    </p>
    <input
      v-model.number="mm"
      type="range"
      min="3"
      max="120"
      class="mt-2 h-12 w-full accent-due"
      aria-label="Length on the body, millimetres"
      name="length"
    />
    <div class="mt-1 flex flex-wrap gap-2">
      <ActButton v-for="usual in USUAL_MM" :key="usual" class="!min-h-12 !px-4" @click="mm = usual">
        {{ usual }}
      </ActButton>
    </div>
  </div>
</template>
