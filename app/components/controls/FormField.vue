<script setup lang="ts">
/**
 * One thing to be written: what it is above, its unit beside, what helps or what is wrong beneath.
 * Everything else a field may be given goes to the field itself.
 */
defineOptions({ inheritAttrs: false })
const { rows } = defineProps<{
  label: string
  hint?: string
  /** What is wrong with it, in words; the field is told so to whoever hears the page. */
  error?: string
  unit?: string
  /** More lines than one. */
  rows?: number
  /** The one thing asked here. */
  large?: boolean
}>()
const value = defineModel<string>()
const attrs = useAttrs()
const id = useId()
const ofField = computed(() =>
  Object.fromEntries(Object.entries(attrs).filter(([name]) => name !== 'class' && name !== 'style')),
)
</script>

<template>
  <div :class="attrs.class">
    <label class="block">
      <span class="small">{{ label }}</span>
      <span class="flex items-baseline gap-2">
        <component
          :is="rows ? 'textarea' : 'input'"
          v-bind="ofField"
          :rows="rows"
          :value="value"
          class="field"
          :class="large && '!text-head'"
          :aria-invalid="error ? true : undefined"
          :aria-describedby="error || hint ? id : undefined"
          @input="value = ($event.target as HTMLInputElement).value"
        />
        <span v-if="unit">{{ unit }}</span>
      </span>
    </label>
    <p v-if="error" :id="id" class="refusal text-side" role="alert">{{ error }}</p>
    <p v-else-if="hint" :id="id" class="small">{{ hint }}</p>
  </div>
</template>
