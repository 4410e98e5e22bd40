<script setup lang="ts">
import type { Component } from 'vue'
import type { Fact, FactOf } from '#core/record/entries'
import type { DiaryLine } from '#core/record/history'
import { sayFact } from '~/words/diary'
import CorrectCheck from './CorrectCheck.vue'
import CorrectTidy from './CorrectTidy.vue'
import CorrectUndercoat from './CorrectUndercoat.vue'
import CorrectVisit from './CorrectVisit.vue'
import CorrectWash from './CorrectWash.vue'

/** One entry of the diary: what it says, what it said before, and how it is put right or taken back. */
const { line: l } = defineProps<{ line: DiaryLine }>()
/** Which one is open, of all that are shown. */
const open = defineModel<string | null>('open', { required: true })
/** What puts each kind right; the others are taken back and written anew. */
const MENDERS: Partial<Record<Fact['kind'], Component>> = {
  check: CorrectCheck,
  tidy: CorrectTidy,
  wash: CorrectWash,
  undercoat: CorrectUndercoat,
  visit: CorrectVisit,
}
const { file } = useDog()
const record = useRecord()
const shownAs = (of: DiaryLine) => sayFact((of.what ?? of.earlier.at(-1))!)
/** What it said before, where that reads otherwise: saying more of a knot is not putting it right. */
const saidBefore = (of: DiaryLine) => {
  const before = of.what ? of.earlier : of.earlier.slice(0, -1)
  const now = shownAs(of)
  return before.map(sayFact).filter((b) => b.what !== now.what || b.says !== now.says)
}
const altOf = (photo: FactOf<'photo'>) => {
  const { what, says } = sayFact(photo)
  return `Photograph: ${says || what.toLowerCase()}`
}
const takeBack = () => record.takeBack(l)
/** Brings back what was taken back: what it last said holds again. */
const bringBack = () =>
  record.add([{ day: l.day, what: { kind: 'correction', replaces: l.id, by: l.earlier.at(-1)! } }])
</script>

<template>
  <li class="border-b border-rule" :data-entry="l.what?.kind ?? 'gone'" :data-id="l.id">
    <button
      class="flex min-h-12 w-full items-center gap-3 py-1 text-left"
      :aria-expanded="open === l.id"
      @click="open = open === l.id ? null : l.id"
    >
      <span class="w-11 shrink-0 text-ink-2">{{ l.time ?? '' }}</span>
      <FindingMark v-if="l.what?.kind === 'check'" :finding="l.what.finding" :size="24" class="shrink-0" />
      <LazyPhotoShown
        v-if="l.what?.kind === 'photo' && open !== l.id"
        :dog-id="file.id"
        :photo="l.id"
        :alt="altOf(l.what)"
        class="my-1 shrink-0"
      />
      <span class="min-w-0 flex-1" :class="l.what ? '' : 'text-ink-3 line-through'">
        <b class="font-semibold">{{ shownAs(l).what }}</b><span class="ml-2 text-ink-2">{{
          shownAs(l).says
        }}</span>
      </span>
      <span v-if="!l.what || saidBefore(l).length" class="small shrink-0">{{
        l.what ? 'put right' : 'taken back'
      }}</span>
    </button>
    <div v-if="open === l.id" class="pb-3 pl-14" data-open>
      <LazyPhotoShown
        v-if="l.what?.kind === 'photo'"
        large
        :dog-id="file.id"
        :photo="l.id"
        :alt="altOf(l.what)"
      />
      <p v-for="(b, i) in saidBefore(l)" :key="i" class="small">
        It said: {{ b.what.toLowerCase() }}, {{ b.says }}
      </p>
      <component
        :is="MENDERS[l.what.kind]"
        v-if="l.what && MENDERS[l.what.kind]"
        :key="JSON.stringify(l.what)"
        :entry="{ id: l.id, day: l.day, what: l.what }"
        @done="open = null"
      />
      <ActButton v-if="l.what" class="mt-2 !min-h-11" @click="takeBack">Take it back</ActButton>
      <ActButton v-else class="mt-2 !min-h-11" @click="bringBack">Bring it back</ActButton>
    </div>
  </li>
</template>
