<script setup lang="ts">
import { TRIM_IDS } from '#core/record/tidies'
import type { TrimId } from '#core/record/tidies'
import { dayAndMonth, sayDay } from '#core/record/say-day'
import { daysBetween } from '#core/record/day'
import { TRIM_WORDS } from '~/words/care'

/** The tidies by growth since the cut: what has run out, and when the rest will. */
defineProps<{ picked: string | null }>()
const emit = defineEmits<{ pick: [string] }>()
const { file, today } = useDog()
const { dueOf, grown, partsWaiting, groomer } = useCare()
const rows = computed(() =>
  TRIM_IDS.flatMap((id) => {
    const { care } = TRIM_WORDS[id]
    const due = care && dueOf(care)
    if (!due) return []
    const g = grown(due)
    const overdue = due.day <= today.value
    return [{ id, due, ...g, share: g.mm / g.of, overdue, waiting: partsWaiting(due) }]
  }).sort((a, b) => b.share - a.share),
)
const when = (day: string) => {
  const days = daysBetween(today.value, day)
  return days <= 0 ? 'due' : days <= 7 ? sayDay(day, today.value) : dayAndMonth(day)
}
const mm = (n: number) => n.toFixed(1).replace(/\.0$/, '')
const pick = (id: TrimId | 'clip') => emit('pick', id)
</script>

<template>
  <section aria-label="By growth since the cut">
    <h2 class="border-b border-ink pb-1">By growth since the cut</h2>
    <ul>
      <li
        v-for="r in rows"
        :key="r.id"
        class="border-b border-rule"
        :class="picked === r.id ? 'desk:-ml-3 desk:border-l-3 desk:border-l-due desk:pl-[9px]' : ''"
      >
        <button
          class="block min-h-[68px] w-full py-2 text-left"
          :aria-current="picked === r.id ? 'true' : undefined"
          :data-tidy="r.id"
          @click="pick(r.id)"
        >
          <span class="flex items-baseline justify-between gap-3">
            <span class="font-serif text-story font-medium">{{ TRIM_WORDS[r.id].label }}</span>
            <b class="text-side" :class="r.overdue ? 'font-semibold text-due' : 'font-normal text-ink-2'">{{
              r.overdue && r.waiting ? `${r.waiting} due` : when(r.due.day)
            }}</b>
          </span>
          <span class="mt-1 grid grid-cols-[1fr_96px] items-center gap-2">
            <GrownLock :share="r.share" :due="r.overdue" />
            <span class="text-right text-side">{{ mm(r.mm) }} of {{ mm(r.of) }} mm</span>
          </span>
        </button>
      </li>
      <li class="border-b border-rule">
        <button
          class="flex min-h-14 w-full items-baseline justify-between gap-3 py-2 text-left"
          data-tidy="neatening"
          @click="pick('neatening')"
        >
          <span
            ><span class="font-serif text-story font-medium">Neatening</span
            ><span class="small block">hocks, tail flag, outline</span></span
          >
          <span class="text-side text-ink-2">left to {{ groomer }}</span>
        </button>
      </li>
      <li v-if="file.profile.coat !== 'smooth'" class="border-b border-rule">
        <button
          class="flex min-h-14 w-full items-baseline justify-between gap-3 py-2 text-left"
          data-tidy="clip"
          @click="pick('clip')"
        >
          <span
            ><span class="font-serif text-story font-medium">A body clip at home</span
            ><span class="small block">instead of a visit, or between two</span></span
          >
        </button>
      </li>
    </ul>
  </section>
</template>
