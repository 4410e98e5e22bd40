<script setup lang="ts">
import type { Fact } from '#core/record/entries'

/** What happens between sessions, written in one press each; the odds answer. */
const { file, coat } = useDog()
const record = useRecord()
const profile = computed(() => file.value.profile)
const everywhere = computed(() => coat.value.places.map((p) => p.id))

/** A jumper or coat put on in one press was worn for a walk or two, hours (judgement). */
const JUMPER_HOURS = 2
interface Quick {
  words: string
  says: string
  what: () => Fact
}
const QUICK = computed<Quick[]>(() => [
  wet('rain', 'Rain', 'Soaked by rain'),
  wet('swim', 'A swim', 'Swam'),
  wet('grass', 'Wet grass or mud', 'Wet legs and belly'),
  {
    words: 'Coat or jumper',
    says: 'Wore a coat',
    what: () => ({ kind: 'gear', gear: 'coat', hours: JUMPER_HOURS }),
  },
  profile.value.harnessHours > 0
    ? {
        words: 'No harness today',
        says: 'No harness',
        what: () => ({ kind: 'gear', gear: 'harness', hours: 0 }),
      }
    : {
        words: 'Harness',
        says: 'Wore a harness',
        what: () => ({ kind: 'gear', gear: 'harness', hours: JUMPER_HOURS }),
      },
  {
    words: 'Brushed over the top',
    says: 'Brushed, not combed',
    what: () => ({ kind: 'brush', depth: 'surface', regions: everywhere.value }),
  },
])
function wet(how: 'rain' | 'swim' | 'grass', words: string, says: string): Quick {
  return { words, says, what: () => ({ kind: 'wet', how, combedDry: false }) }
}

const { written: last, write, undo } = useWritten()
const press = (q: Quick) => write(q.what(), q.says)
async function combedDry() {
  const l = last.value
  const [entry] = l?.entries ?? []
  if (l?.what.kind !== 'wet' || !entry) return
  await record.add([
    { day: entry.day, what: { kind: 'correction', replaces: entry.id, by: { ...l.what, combedDry: true } } },
  ])
  if (last.value !== l) return
  last.value = { ...l, says: `${l.says}, combed dry`, what: { ...l.what, combedDry: true } }
}
const measuring = ref(false)
const CHIP = 'min-h-11 rounded border border-edge px-2.5 text-body font-semibold'
</script>

<template>
  <section aria-label="Since then">
    <div class="flex flex-wrap items-center gap-1.5">
      <h2 class="mr-1 font-sans text-body font-normal text-ink-2">Since then</h2>
      <button v-for="q in QUICK" :key="q.words" :class="CHIP" @click="press(q)">
        {{ q.words }}
      </button>
      <NuxtLink :to="`/dogs/${file.id}/knot`" class="flex items-center gap-2" :class="CHIP"
        ><FindingMark finding="knot" :size="22" />A knot</NuxtLink
      >
      <button :class="CHIP" :aria-expanded="measuring" @click="measuring = !measuring">Measured</button>
    </div>
    <p v-if="last" class="mt-2 flex min-h-12 flex-wrap items-center gap-x-4" role="status">
      <span>{{ last.says }}, written in.</span>
      <button
        v-if="last.what.kind === 'wet' && !last.what.combedDry"
        class="min-h-12 font-semibold underline"
        @click="combedDry"
      >
        It was combed dry
      </button>
      <button class="min-h-12 font-semibold underline" @click="undo">Undo</button>
    </p>
    <LazyMeasureLength v-if="measuring" class="mt-2" @written="measuring = false" />
  </section>
</template>
