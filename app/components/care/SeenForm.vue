<script setup lang="ts">
import { sayWhere } from '#core/care/look/look-over'
import type { Spot } from '#core/record/spots'
import type { FactOf } from '#core/record/entries'
import { SIGN_IDS, SIGNS } from '#core/record/signs'
import type { SignId } from '#core/record/signs'

/** What is seen on a dog: where, and what; nothing here says what it might be. */
const props = defineProps<{ where: readonly Spot[] }>()
const emit = defineEmits<{ write: [what: FactOf<'concern'>]; back: [] }>()
const at = ref<Spot | ''>(props.where.length === 1 ? props.where[0]! : '')
const signs = ref<SignId[]>([])
const says = ref('')
const problem = ref('')
const toggle = (s: SignId) =>
  (signs.value = signs.value.includes(s) ? signs.value.filter((x) => x !== s) : [...signs.value, s])
function write() {
  if (!at.value) return (problem.value = 'Say where it is.')
  if (!signs.value.length) return (problem.value = 'Say what you see: one at least.')
  const words = says.value.trim()
  emit('write', { kind: 'concern', where: at.value, seen: signs.value, ...(words ? { says: words } : {}) })
}
</script>

<template>
  <div data-seen>
    <button class="flex min-h-14 items-center gap-2 font-semibold" @click="emit('back')">
      <ChevronMark back />Back
    </button>
    <h1>What do you see?</h1>
    <p class="why mt-2">Only what is there. What it might be is the vet’s to say.</p>
    <div class="mt-3 flex flex-wrap gap-1.5" role="group" aria-label="Where">
      <button
        v-for="w in where"
        :key="w"
        class="min-h-12 rounded border px-3 font-semibold"
        :class="at === w ? 'border-ink bg-well' : 'border-edge'"
        :aria-pressed="at === w"
        @click="at = w"
      >
        {{ sayWhere(w) }}
      </button>
    </div>
    <div class="mt-4 grid grid-cols-2 gap-1.5" role="group" aria-label="What">
      <button
        v-for="s in SIGN_IDS"
        :key="s"
        class="min-h-12 rounded border px-3 text-left"
        :class="signs.includes(s) ? 'border-vet font-semibold text-vet' : 'border-edge'"
        :aria-pressed="signs.includes(s)"
        @click="toggle(s)"
      >
        {{ SIGNS[s] }}
      </button>
    </div>
    <label class="mt-3 block"
      ><span class="small block">In your words, if you like</span>
      <input
        v-model="says"
        name="says"
        maxlength="200"
        class="h-11 w-full border-b border-edge bg-transparent"
    /></label>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <ActButton kind="filled" class="mt-4 w-full" @click="write">Write it in</ActButton>
  </div>
</template>
