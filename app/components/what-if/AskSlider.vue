<script setup lang="ts">
/** One thing to change, from how it is to how it is asked for. */
const props = defineProps<{
  label: string
  now: number
  range: readonly [number, number, number]
  say: (value: number) => string
}>()
const value = defineModel<number>({ required: true })
const id = useId()
const at = (v: number) => `${(100 * (v - props.range[0])) / (props.range[1] - props.range[0])}%`
const span = computed(() => {
  const [a, b] = [Math.min(value.value, props.now), Math.max(value.value, props.now)]
  return { left: at(a), width: `calc(${at(b)} - ${at(a)})` }
})
</script>

<template>
  <div class="border-b border-rule pt-2 pb-1">
    <label :for="id" class="flex items-baseline justify-between font-semibold">
      {{ label }}
      <span class="font-serif text-story font-medium">
        <s v-if="value !== now" class="mr-1 text-lead text-ink-2">{{ say(now) }}</s>
        <span :class="value !== now ? 'text-due' : ''">{{ say(value) }}</span>
      </span>
    </label>
    <div class="relative mx-[6px]">
      <span class="absolute top-[21px] h-[3px] bg-due" :style="span" />
      <span
        v-if="value !== now"
        class="absolute top-[16px] size-3 -translate-x-1/2 rounded-full border-2 border-ink-2 bg-paper"
        :style="{ left: at(now) }"
      />
      <input
        :id="id"
        v-model.number="value"
        type="range"
        class="slider relative -mx-[9px] block w-[calc(100%+18px)]"
        :class="value !== now ? 'slider-due' : ''"
        :min="range[0]"
        :max="range[1]"
        :step="range[2]"
        :aria-valuetext="say(value)"
      />
    </div>
    <p class="-mt-2 flex justify-between text-fine text-ink-2">
      <span>{{ say(range[0]) }}</span><span>{{ say(range[1]) }}</span>
    </p>
  </div>
</template>
