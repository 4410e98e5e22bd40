<script setup lang="ts">
import type { FactOf, PartDone } from '#core/record/entries'
import { carePart } from '#core/record/care-parts'
import { sayPart } from '~/words/care-parts'

/** A tidy that opens: each part as it stands, and what became of it put right. */
const props = defineProps<{ entry: { id: string; day: string; what: FactOf<'tidy'> } }>()
const emit = defineEmits<{ done: [] }>()
const record = useRecord()
const parts = computed(() => props.entry.what.parts ?? [])
const mending = ref(false)
const did = ref<Partial<Record<PartDone['part'], PartDone['did']>>>(
  Object.fromEntries(parts.value.map((p) => [p.part, p.did])),
)
/** What was not done has no length and no outcome. */
const mended = (): PartDone[] =>
  parts.value.map((p) => {
    const to = did.value[p.part] ?? p.did
    if (to === p.did) return p
    return to === 'done' ? { ...p, did: to } : { part: p.part, did: to }
  })
async function keep() {
  const by = { ...props.entry.what, parts: mended() }
  const { id, day } = props.entry
  if (JSON.stringify(by) !== JSON.stringify(props.entry.what))
    await record.add([{ day, what: { kind: 'correction', replaces: id, by } }])
  emit('done')
}
</script>

<template>
  <div v-if="parts.length">
    <template v-if="!mending">
      <ul>
        <li v-for="p in parts" :key="p.part" class="flex gap-3 border-b border-rule py-1">
          <span class="min-w-36 font-semibold">{{ carePart(p.part).label }}</span>
          <span class="text-ink-2">{{ sayPart(p) }}</span>
        </li>
      </ul>
      <ActButton kind="quiet" @click="mending = true">Put it right</ActButton>
    </template>
    <form v-else @submit.prevent="keep">
      <PartsDone v-model="did" :parts="parts.map((p) => p.part)" />
      <div class="mt-2 flex gap-4">
        <ActButton type="submit" class="!min-h-11">Keep it</ActButton>
        <ActButton kind="quiet" @click="mending = false">Leave it</ActButton>
      </div>
    </form>
  </div>
</template>
