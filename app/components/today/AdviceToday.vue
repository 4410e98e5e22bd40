<script setup lang="ts">
import { standingAdvice } from '#core/care/note/advice'
import type { Advice } from '#core/care/note/advice'
import { placeRow } from '#core/coat/regions'
import { capital, countWord } from '~/words/numbers'

/** What the groomer asked for at home: read, done with, or asked about. */
const { file, today } = useDog()
const record = useRecord()
const router = useRouter()
const standing = computed(() => standingAdvice(file.value, today.value))
const fresh = computed(() => standing.value.filter((a) => a.state === 'new'))
const all = ref(false)
const shown = computed(() => (all.value ? standing.value : fresh.value))

const answer = (a: Advice, how: 'read' | 'done' | 'asked') =>
  record.add([{ day: today.value, time: localTime(), what: { kind: 'advice-answer', advice: a.id, how } }])
async function ask(a: Advice) {
  await answer(a, 'asked')
  await router.push({ path: `/dogs/${file.value.id}/groomer`, query: { about: a.id } })
}
const STATE = { new: '', read: 'read', asked: 'asked about' }
</script>

<template>
  <section v-if="standing.length" aria-label="For home" class="border-t border-rule" data-advice>
    <div v-for="a in shown" :key="a.id" class="border-b border-rule py-2">
      <p>
        <b class="font-semibold">{{ a.from }}:</b>
        {{ a.place ? `${placeRow(a.place).plural.toLowerCase()}: ` : '' }}{{ a.says }}
        <span v-if="STATE[a.state]" class="small">{{ STATE[a.state] }}</span>
      </p>
      <p class="-mb-2 flex gap-6">
        <ActButton v-if="a.state === 'new'" kind="quiet" @click="answer(a, 'read')">Read</ActButton>
        <ActButton kind="quiet" @click="ask(a)">Ask</ActButton>
        <ActButton kind="quiet" @click="answer(a, 'done')">Done with</ActButton>
      </p>
    </div>
    <ActButton v-if="standing.length > fresh.length" kind="quiet" @click="all = !all">
      {{ all ? 'Only what is new' : `${capital(countWord(standing.length))} for home` }}
    </ActButton>
  </section>
</template>
