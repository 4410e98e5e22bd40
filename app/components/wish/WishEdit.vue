<script setup lang="ts">
import type { WishLine } from '#core/record/wish-lines'
import { CANNOT_MAT_MM, whereLabel } from '#core/record/wishes'

/** What is wished at one part or place: how long, let grow, or short enough not to mat; and the shape in words. */
const props = defineProps<{
  line: WishLine
  /** What it would be as the last visit left it, mm. */ before: number
  /** The longest hair there by the day of the visit, mm. */
  upTo?: number | undefined
}>()
const emit = defineEmits<{ change: [line: WishLine]; off: []; done: [] }>()
/** Lengths a groomer leaves, mm: blades, guards, and longer by scissors. */
const ALONG = [
  3, 4, 6, 8, 10, 13, 14, 16, 18, 20, 22, 25, 28, 30, 35, 40, 45, 50, 60, 70, 80, 90, 110, 130, 160,
]
type How = 'mm' | 'leave' | 'short'
const how = computed<How>(() =>
  props.line.leave ? 'leave' : props.line.mm === CANNOT_MAT_MM ? 'short' : 'mm',
)
const where = computed(() => (props.line.place ? { place: props.line.place } : { part: props.line.part }))
const set = (line: Omit<WishLine, 'part' | 'place'>) => emit('change', { ...where.value, ...line })
const words = computed(() => (props.line.says ? { says: props.line.says } : {}))
function choose(to: How | undefined) {
  if (to === 'leave') set({ leave: true, ...words.value })
  else if (to === 'short') set({ mm: CANNOT_MAT_MM, ...words.value })
  else set({ mm: Math.max(3, Math.round(props.before)), ...words.value })
}
const mm = computed({
  get: () => props.line.mm ?? Math.round(props.before),
  set: (to) => set({ mm: to, ...words.value }),
})
const says = computed({
  get: () => props.line.says ?? '',
  set: (text) => {
    const { says: _says, ...rest } = props.line
    const typed = text.slice(0, 60)
    emit('change', typed.trim() ? { ...rest, says: typed } : rest)
  },
})
const CHOICES: { value: How; words: string }[] = [
  { value: 'mm', words: 'a length' },
  { value: 'short', words: 'short' },
  { value: 'leave', words: 'let grow' },
]
</script>

<template>
  <div class="pb-3 desk:max-w-[440px]" :data-wish-edit="whereLabel(line)">
    <ChoiceRow
      :model-value="how"
      label="What you would like there"
      :choices="CHOICES"
      @update:model-value="choose"
    />
    <p v-if="how === 'short'" class="why mt-2">
      So short that it cannot mat before the next visit: about {{ CANNOT_MAT_MM }} mm.
    </p>
    <p v-else-if="how === 'leave'" class="why mt-2">
      Nothing is taken off there; it is as long as it has grown.
    </p>
    <NumberStepper
      v-else
      v-model="mm"
      :label="`${whereLabel(line)}, left at`"
      fewer="Shorter"
      more="Longer"
      unit="mm"
      :along="ALONG"
    />
    <p v-if="how === 'mm' && upTo && mm > upTo + 0.5" class="why mt-1" data-up-to>
      By then it has grown to about {{ Math.round(upTo) }} mm: nothing longer can be left.
    </p>
    <FormField
      v-model="says"
      class="mt-2"
      label="Its shape, in words"
      name="shape"
      maxlength="60"
      autocomplete="off"
      placeholder="round, a flag, fluffy"
    />
    <div class="mt-2 flex gap-3">
      <ActButton class="flex-1" @click="emit('done')">Done</ActButton>
      <ActButton kind="quiet" @click="emit('off')">Take it off the list</ActButton>
    </div>
  </div>
</template>
