<script setup lang="ts">
import { shortWeekday } from '#core/record/say-day'
import { between, timeline } from '#core/record/timeline'
import { placeRow, regionOf } from '#core/coat/regions'
import { sayFact } from '~/words/diary'
import { capital, listed, plural } from '~/words/numbers'

/** What one day has to tell: what was done and met on it, or what is planned for it. */
const { day } = defineProps<{ day: string }>()
const { file, planning } = useDog()
const facts = computed(() => between(timeline(file.value.entries), day, day))
const checks = computed(() => facts.value.flatMap((f) => (f.what.kind === 'check' ? [f.what] : [])))
const caught = computed(() => checks.value.filter((c) => c.finding !== 'glides'))
const rest = computed(() =>
  facts.value
    .filter(({ what }) => !['check', 'plan', 'session', 'photo'].includes(what.kind))
    .map((f) => sayFact(f.what))
    .map(({ what, says }) => [what, says].filter(Boolean).join(', ')),
)
const planned = computed(() => planning.plan.value?.sessions.find((s) => s.day === day)?.places ?? [])
const says = computed(() => {
  const said: string[] = []
  if (checks.value.length) {
    const where = listed(caught.value.map((c) => regionOf(c.region).label.toLowerCase()))
    said.push(
      `${capital(plural(checks.value.length, 'place'))} combed${caught.value.length ? `; something caught: ${where}` : ', and the comb went through'}.`,
    )
  }
  said.push(...rest.value.map((r) => `${r}.`))
  if (!said.length && planned.value.length)
    said.push(`Planned: ${listed(planned.value.map((p) => placeRow(p).plural.toLowerCase()))}.`)
  return said.length
    ? said.join(' ')
    : 'Nothing written, nothing planned: what is there tightens, and a little is born.'
})
</script>

<template>
  <p class="border-l-3 border-due pl-3" role="status" data-day-story>
    <b class="font-semibold">{{ shortWeekday(day) }}</b> {{ says }}
  </p>
</template>
