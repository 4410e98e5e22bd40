<script setup lang="ts">
import { layOut, TOOLS } from '#core/coat/tools'
import { habitsOf } from '#core/record/habits'
import type { Comfort, Finding } from '#core/record/findings'
import { capital, plural, wholeMinutes } from '~/words/numbers'

/** What the session came to, and where it goes from here. */
const props = defineProps<{
  found: { entryId: string; label: string; finding: Finding; comfort?: Comfort | undefined; says: string }[]
  /** Milliseconds at the table. */
  spent: number
  ending: boolean
}>()
const emit = defineEmits<{ finish: [to: string]; undo: [] }>()
const { file } = useDog()
const groomer = computed(() => file.value.profile.groomer ?? 'the groomer')
const { left } = useLedList()
const done = computed(() => props.found.length)
const last = computed(() => props.found.at(-1))
const GROOMERS: readonly Finding[] = ['mat', 'felt']
/** Each tool's care once, however many were out. */
const care = computed(() => {
  const out = layOut(file.value.profile.coat, habitsOf(file.value.profile).tools)
  return [...new Set(out.flatMap((t) => (t.use ? [t.use] : [])))].map((t) => TOOLS[t])
})
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-10 pb-8">
    <h1>
      {{
        done
          ? `${capital(plural(done, 'place'))}, ${wholeMinutes(spent / 60000)} ${spent < 90000 ? 'minute' : 'minutes'}`
          : 'Nothing written'
      }}
    </h1>
    <p class="why mt-2">Praise and a treat. It is in the diary already.</p>
    <ul class="mt-5 border-t border-ink" data-summary>
      <li v-for="f in found" :key="f.entryId" class="flex items-center gap-3 border-b border-rule py-2">
        <FindingMark :finding="f.finding" :size="28" />
        <b class="flex-1 font-semibold">{{ f.label }}</b>
        <span class="text-right text-ink-2"
          >{{ f.says }}{{ f.comfort === 'easy' || !f.comfort ? '' : `, ${f.comfort}` }}</span
        >
      </li>
    </ul>
    <p
      v-if="found.some((f) => GROOMERS.includes(f.finding))"
      class="mt-4 flex gap-2 font-semibold text-caution"
    >
      <CautionMark class="shrink-0" />A mat or felt is the groomer’s. Do not wash it, and no scissors.
    </p>
    <NextUp told class="mt-6" @go="(to) => emit('finish', to)" />
    <ActButton
      :kind="left.length ? 'plain' : 'filled'"
      class="mt-3 w-full text-lead"
      :disabled="ending"
      @click="emit('finish', '/groomer')"
    >
      Write to {{ groomer }}
    </ActButton>
    <ActButton class="mt-3 w-full" :disabled="ending" @click="emit('finish', '')"> Back to today </ActButton>
    <ActButton v-if="last" kind="quiet" class="mt-3" @click="emit('undo')">
      Undo {{ last.label.toLowerCase() }}, {{ last.says }}
    </ActButton>
    <details class="mt-2 border-t border-rule">
      <ActButton kind="quiet" tag="summary" class="cursor-pointer">Tools away</ActButton>
      <ul>
        <li v-for="t in care" :key="t.label" class="border-t border-rule py-2">
          <b class="font-semibold">{{ t.label }}</b>
          <span class="block text-ink-2">{{ t.care }}</span>
        </li>
      </ul>
    </details>
  </main>
</template>
