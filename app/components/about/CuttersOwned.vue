<script setup lang="ts">
import { UNDER_A_GUARD } from '#core/care/tidies/blades'
import { CUTTER_IDS, CUTTERS, GUARDS_MM } from '#core/record/cutters'
import type { CutterId } from '#core/record/cutters'
import type { Habits } from '#core/record/profile'
import { listed } from '~/words/numbers'

/** What cuts, of what the owner has; what of it is dull; and the guard combs. */
const emit = defineEmits<{ change: [(now: Habits) => Habits] }>()
const { habits } = useHabits()
const owned = computed(() => habits.value.cutters ?? [])
const guards = computed(() => habits.value.guards ?? [])
const turn = <T,>(list: readonly T[], one: T) =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one]
const own = (c: CutterId) =>
  emit('change', ({ cutters = [], worn = [] }) => ({
    cutters: turn(cutters, c),
    worn: worn.filter((w) => w !== c),
  }))
const standIns = (c: CutterId) => CUTTERS[c].standIns.map((s) => CUTTERS[s].label.toLowerCase())
</script>

<template>
  <section id="cutters" aria-label="What cuts" class="scroll-mt-2">
    <h2 class="mt-6 border-t border-ink pt-2">What cuts</h2>
    <p class="small mt-1">
      Until one is ticked, all are taken to be there. A tidy offers only what is here, sharp, and yours to
      use.
    </p>
    <div v-for="c in CUTTER_IDS" :key="c" class="border-b border-rule" :data-cutter="c">
      <div class="flex items-center gap-3">
        <label class="flex min-h-11 min-w-0 flex-1 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            class="size-5 shrink-0 accent-due"
            :checked="owned.includes(c)"
            @change="own(c)"
          />{{ CUTTERS[c].label }}
        </label>
        <button
          v-if="owned.includes(c)"
          type="button"
          class="min-h-11 rounded border px-2.5 text-body"
          :class="
            habits.worn.includes(c) ? 'border-caution font-semibold text-caution' : 'border-edge text-ink-2'
          "
          :aria-pressed="habits.worn.includes(c)"
          @click="emit('change', ({ worn = [] }) => ({ worn: turn(worn, c) }))"
        >
          dull
        </button>
      </div>
      <p v-if="owned.includes(c)" class="small pb-2 pl-8">
        {{ CUTTERS[c].wear }} {{ CUTTERS[c].care }}
        <template v-if="standIns(c).length">In its place: {{ listed(standIns(c)) }}.</template>
      </p>
    </div>
    <fieldset v-if="!owned.length || owned.includes('clipper')" class="mt-3">
      <legend class="small">
        Guard combs you have, mm. Over {{ listed([...UNDER_A_GUARD]) }}, or a trimmer at its shortest, they
        leave what is written on them (from memory; makers differ).
      </legend>
      <div class="mt-1 flex flex-wrap gap-1.5">
        <button
          v-for="mm in GUARDS_MM"
          :key="mm"
          type="button"
          class="min-h-11 min-w-11 rounded border px-2.5"
          :class="guards.includes(mm) ? 'border-due font-semibold text-due' : 'border-edge text-ink-2'"
          :aria-pressed="guards.includes(mm)"
          :data-guard="mm"
          @click="emit('change', ({ guards: had = [] }) => ({ guards: turn(had, mm).sort((a, b) => a - b) }))"
        >
          {{ mm }}
        </button>
      </div>
    </fieldset>
  </section>
</template>
