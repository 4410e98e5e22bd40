<script setup lang="ts">
import { TROUBLE } from '~/words/trouble'

/** How what is written here stands with the server: what waits, what was not taken, and why. */
const props = defineProps<{ dogId: string }>()
const record = useRecord()
const waiting = computed(() =>
  record.waiting.filter((w) => !w.refused && w.dogId === props.dogId && w.entry.what.kind !== 'plan'),
)
const refused = computed(() => record.waiting.filter((w) => w.refused && !w.ahead))
const ahead = computed(() => record.waiting.filter((w) => w.ahead))
const why = computed(() =>
  record.trouble && record.trouble !== 'no-signal' ? `${TROUBLE[record.trouble].says} ` : '',
)
/** "2 days", "3 hours", "12 minutes". */
const off = computed(() => {
  const minutes = Math.round(record.clockAheadMs / 60_000)
  const [n, unit] =
    minutes >= 1440
      ? [Math.round(minutes / 1440), 'day']
      : minutes >= 60
        ? [Math.round(minutes / 60), 'hour']
        : [minutes, 'minute']
  return `${n} ${unit}${n === 1 ? '' : 's'}`
})
const things = (n: number, one: string, more: string) => (n === 1 ? one : `${n} ${more}`)
</script>

<template>
  <div class="text-side">
    <p
      v-if="record.waitsToTell && waiting.length"
      class="mt-1 border-b border-rule py-2 font-semibold"
      role="status"
    >
      {{ why }}{{ things(waiting.length, 'One entry waits', 'entries wait') }} on this device and will go up
      by themselves.
    </p>
    <p
      v-else-if="record.waitsToTell && record.pictures.length"
      class="mt-1 border-b border-rule py-2 font-semibold"
      role="status"
    >
      {{ why }}{{ things(record.pictures.length, 'One photograph waits', 'photographs wait') }} on this device
      and will go up.
    </p>
    <NoticeLine v-if="record.notThere" class="mt-1 flex items-center gap-3 border-b border-rule py-1">
      <CautionMark /><span class="flex-1"
        >The server says: {{ record.notThere }} What is kept here of this dog is shown; what you write stays
        on this device.</span
      >
    </NoticeLine>
    <NoticeLine v-if="record.pictureRefused" class="mt-1 flex items-center gap-3 border-b border-rule py-1">
      <CautionMark />
      <span class="flex-1">A photograph was not taken: {{ record.pictureRefused }}</span>
      <ActButton kind="quiet" @click="record.dismissRefused()">Leave it here</ActButton>
    </NoticeLine>
    <p v-if="record.signedOut" class="mt-1 flex items-center gap-3 border-b border-rule" role="alert">
      <span class="flex-1 font-semibold"
        >{{ record.whySignedOut || 'You were signed out elsewhere.' }} What you write is kept here.</span
      >
      <ActButton to="/" kind="quiet">Sign in</ActButton>
    </p>
    <p v-if="record.onlyLooking" class="mt-1 flex items-center gap-3 border-b border-rule py-1" role="alert">
      <span class="flex-1 font-semibold"
        >You may look here, not write: nothing was changed. The owner can make you a helper.</span
      >
      <ActButton kind="quiet" @click="record.onlyLooking = false">Well then</ActButton>
    </p>
    <NoticeLine v-if="ahead.length" class="mt-1 flex items-center gap-3 border-b border-rule py-1" data-ahead>
      <CautionMark />
      <span class="flex-1"
        >This device’s clock is {{ off }} ahead.
        {{ things(ahead.length, 'One entry is', 'entries are') }} kept here until that is put right.</span
      >
      <ActButton kind="quiet" @click="record.setClockRight()">Set them by the server’s time</ActButton>
    </NoticeLine>
    <NoticeLine
      v-if="refused.length"
      class="mt-1 flex items-center gap-3 border-b border-rule py-1"
      data-refused
    >
      <CautionMark />
      <span class="flex-1"
        >{{ things(refused.length, 'An entry was not taken', 'entries were not taken') }}:
        {{ refused[0]!.refused }}</span
      >
      <ActButton kind="quiet" @click="record.dismissRefused()">Leave it out</ActButton>
    </NoticeLine>
  </div>
</template>
