<script setup lang="ts">
import { evenUp, lengthProblem } from '#core/care/tidies/even-up'

/** Left and right: lengths in, how much off which side. */
const emit = defineEmits<{ sides: [{ left: number; right: number }] }>()
const left = ref('')
const right = ref('')
const both = computed(() => left.value.trim() !== '' && right.value.trim() !== '')
const problem = computed(() =>
  both.value ? (lengthProblem(Number(left.value)) ?? lengthProblem(Number(right.value))) : null,
)
const answer = computed(() =>
  both.value && !problem.value ? evenUp(Number(left.value), Number(right.value)) : null,
)
watch(answer, (a) => a && emit('sides', { left: Number(left.value), right: Number(right.value) }))
const drawn = (mm: string) => Math.max(4, Math.min(64, (Number(mm) || 0) * 2.6))
</script>

<template>
  <section aria-label="Left and right">
    <h2 class="border-b border-ink pb-1">Left and right</h2>
    <div class="mt-2 grid grid-cols-2 gap-5">
      <label v-for="side in ['left', 'right'] as const" :key="side">
        <svg viewBox="0 0 110 70" class="h-[70px] w-full" aria-hidden="true">
          <path d="M0 2H110" stroke="var(--ink)" stroke-width="1.5" />
          <path
            v-for="i in 16"
            :key="i"
            :d="`M${i * 6.4} 3q${(i % 3) - 1} ${drawn(side === 'left' ? left : right) / 2} 0 ${drawn(side === 'left' ? left : right) - (i % 2) * 2}`"
            fill="none"
            stroke="var(--ink)"
            stroke-width="1"
          />
          <path
            v-if="answer?.do === 'trim'"
            :d="`M0 ${3 + drawn(String(answer.toMm))}H110`"
            stroke="var(--due)"
            stroke-width="1.6"
            stroke-dasharray="6 4"
          />
        </svg>
        <span class="small block">{{ side }}, mm</span>
        <input
          v-if="side === 'left'"
          v-model="left"
          name="left-mm"
          inputmode="decimal"
          class="h-11 w-full border-b border-edge bg-transparent"
        />
        <input
          v-else
          v-model="right"
          name="right-mm"
          inputmode="decimal"
          class="h-11 w-full border-b border-edge bg-transparent"
        />
      </label>
    </div>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <p v-else-if="answer" class="why mt-2" role="status" data-even>
      {{
        answer.do === 'leave'
          ? 'As even as anybody sees. Leave it.'
          : `Take ${answer.takeMm} mm off the ${answer.side}, comb, look. The last one by eye.`
      }}
    </p>
    <p class="small mt-1">
      Cartilage and stance can fool: stand the dog square, head up, and look from the front.
    </p>
  </section>
</template>
