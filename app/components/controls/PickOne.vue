<script setup lang="ts" generic="T extends string | number | null">
/** One of many: on a telephone its own list, at a desk one that opens under what is chosen. */
defineOptions({ inheritAttrs: false })
const props = defineProps<{
  label: string
  options: readonly { value: T; words: string }[]
  name?: string
  /** A line of a list: what is chosen stands at its end. */
  row?: boolean
  /** What it is stands beside it already. */
  bare?: boolean
  disabled?: boolean
}>()
const chosen = defineModel<T>({ required: true })
const attrs = useAttrs()
const desk = useDesk()
const at = computed({
  get: () => props.options.findIndex((o) => o.value === chosen.value),
  set: (i) => (chosen.value = props.options[i]!.value),
})
</script>

<template>
  <component
    :is="desk && !disabled ? 'div' : 'label'"
    :class="[row ? 'flex min-h-12 items-center gap-3' : 'block', attrs.class]"
    :data-pick="name"
  >
    <span :class="row ? 'flex-1' : bare ? 'sr-only' : 'small block'">{{ label }}</span>
    <LazyDeskPick
      v-if="desk && !disabled"
      v-model="chosen"
      :label="label"
      :options="options"
      :name="name"
      :class="row ? 'max-w-[60%]' : 'border-b border-edge'"
    />
    <select
      v-else
      v-model="at"
      :name="name"
      :disabled="disabled"
      class="h-12 bg-transparent"
      :class="row ? 'max-w-[60%] text-right' : 'w-full border-b border-edge pr-2'"
    >
      <option v-for="(o, i) in options" :key="i" :value="i" :data-value="String(o.value)">
        {{ o.words }}
      </option>
    </select>
  </component>
</template>
