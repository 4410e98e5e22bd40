<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import type { Room } from '#shared/answers'

/** Who works in the room, each under their own name: whose it is asks others in, and anyone may leave. */
const props = defineProps<{ room: Room }>()
const emit = defineEmits<{ changed: [] }>()
type Person = Room['people'][number]
const { sayDate } = useInstants()
const name = ref('')
const link = ref('')
const id = ref(uuid())
const busy = ref(false)
const problem = ref('')
async function go(call: () => Promise<unknown>) {
  busy.value = true
  problem.value = ''
  try {
    await call()
    emit('changed')
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
}
const askIn = () =>
  go(async () => {
    const body = { id: id.value, name: name.value.trim() }
    const { token } = await ask('tokenAnswer', '/api/room/invitations', { method: 'POST', body })
    link.value = `${location.origin}/room/join/${token}`
    name.value = ''
    // The answer is here: the next is another. Until then asking again gives the same one.
    id.value = uuid()
  })
const withdraw = (which: string) =>
  go(() => api(`/api/room/invitations/${which}`, { method: 'DELETE' })).then(() => (link.value = ''))
const leaving = ref<Person | null>(null)
const host = computed(() => props.room.people.find((p) => p.host)?.name ?? '')
function leave() {
  const who = leaving.value
  leaving.value = null
  if (who) void go(() => api(`/api/room/colleagues/${who.id}`, { method: 'DELETE' }))
}
</script>

<template>
  <details class="mt-8 border-t border-rule" data-room-people>
    <summary class="flex min-h-12 cursor-pointer items-center gap-3 font-semibold">
      Who works here<span class="small font-normal">{{ room.people.map((p) => p.name).join(', ') }}</span>
    </summary>
    <ul class="max-w-[560px]">
      <li
        v-for="p in room.people"
        :key="p.id"
        class="flex min-h-12 items-center justify-between gap-3 border-t border-rule"
        :data-person="p.name"
      >
        <span
          ><b class="font-semibold">{{ p.name }}</b
          ><span class="small">{{ p.host ? ', whose room it is' : '' }}{{ p.you ? ', you' : '' }}</span></span
        >
        <ActButton v-if="!p.host && (p.you || room.host)" kind="quiet" @click="leaving = p">{{
          p.you ? 'Leave' : 'Send away'
        }}</ActButton>
      </li>
      <li
        v-for="i in room.invitations"
        :key="i.id"
        class="flex min-h-12 items-center justify-between gap-3 border-t border-rule"
      >
        <span
          >{{ i.name }} <span class="small">asked in, until {{ sayDate(i.expires) }}</span></span
        >
        <ActButton kind="quiet" @click="withdraw(i.id)">Withdraw</ActButton>
      </li>
    </ul>
    <form
      v-if="room.host"
      class="flex max-w-[560px] items-end gap-3 border-t border-rule pt-2"
      @submit.prevent="askIn"
    >
      <FormField
        v-model="name"
        class="flex-1"
        label="Ask a colleague in, by name"
        name="colleague"
        maxlength="40"
        autocomplete="off"
      />
      <ActButton type="submit" :disabled="busy || !name.trim()">Make an invitation</ActButton>
    </form>
    <p v-if="link" class="mt-2 max-w-[560px]">
      <span class="small">Give them this link. It serves once.</span>
      <LinkShown :link="link" label="The invitation’s link" data-asked-in />
    </p>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <p class="small mt-2">
      Each signs in under their own name and sees the room’s dogs while they work here. Owners see who saw
      theirs.
    </p>
    <LazyAskFirst
      v-if="leaving"
      :title="leaving.you ? `Leave ${host}’s room?` : `Send ${leaving.name} away?`"
      :why="
        leaving.you
          ? 'You see its dogs no more from then on. What you wrote stays, and your own room is as you left it.'
          : `${leaving.name} sees these dogs no more from then on. What they wrote stays. You can ask them in again.`
      "
      :yes="leaving.you ? 'Leave' : 'Send away'"
      @yes="leave"
      @no="leaving = null"
    />
  </details>
</template>
