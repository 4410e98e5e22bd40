<script setup lang="ts">
/**
 * One thing to be written: what it is above, its unit beside, what helps or what is wrong beneath. In a row of
 * many it stands beside what it is. Everything else a field may be given goes to the field itself.
 */
defineOptions({ inheritAttrs: false })
defineProps<{
  label: string
  hint?: string
  /** What is wrong with it, in words; the field is told so to whoever hears the page. */
  error?: string
  unit?: string
  /** The one thing asked here. */
  large?: boolean
  /** A line of a list: the field is short, at its end. */
  row?: boolean
}>()
const value = defineModel<string>()
const attrs = useAttrs()
const id = useId()
/** A password as it is typed, for whoever would see it. */
const shown = ref(false)
const ofField = computed(() =>
  Object.fromEntries(Object.entries(attrs).filter(([name]) => name !== 'class' && name !== 'style')),
)
</script>

<template>
  <div :class="attrs.class">
    <label :class="row ? 'flex items-center gap-3' : 'block'">
      <span :class="row ? 'flex-1' : 'small'">{{ label }}</span>
      <span class="flex items-baseline gap-2">
        <input
          v-bind="ofField"
          v-model="value"
          :class="
            row
              ? 'h-12 w-20 border-b border-edge bg-transparent text-right'
              : ['field', large && '!text-head']
          "
          :type="shown ? 'text' : (attrs.type as string)"
          :aria-invalid="error ? true : undefined"
          :aria-describedby="error || hint ? id : undefined"
        />
        <span v-if="unit">{{ unit }}</span>
        <button
          v-if="attrs.type === 'password' && value"
          type="button"
          class="quiet"
          :aria-label="`${shown ? 'Hide' : 'Show'} the ${label.toLowerCase()}`"
          @click="shown = !shown"
        >
          {{ shown ? 'hide' : 'show' }}
        </button>
      </span>
    </label>
    <NoticeLine v-if="error" :id="id" class="text-side">{{ error }}</NoticeLine>
    <p v-else-if="hint" :id="id" class="small">{{ hint }}</p>
  </div>
</template>
