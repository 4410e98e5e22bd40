<script setup lang="ts">
import { SCOPES } from '#shared/limits'
import { SCOPE_WORDS } from '~/words/scopes'

/** The links that were given, whether they are read, and another to give. */
const { s } = defineProps<{ s: ReturnType<typeof useSharing> }>()
const { file } = useDog()
const { sayWhen, sayDate } = useInstants()
const { groomer, email, scope, days, usualDays, DAYS } = s
type Share = NonNullable<typeof s.thread.value>['shares'][number]
const by = (name: string | null) => (name ? ` by ${name}` : '')
/** Who gave it when, whether it was read, and how it ended. */
function sayShare(share: Share) {
  const given = `given ${sayWhen(share.created)}${by(share.madeBy)}`
  if (share.revoked)
    return `${given}, closed ${sayWhen(share.revoked)}${by(share.closedBy)}, ${sayRead(share)}`
  if (!s.open(share)) return `${given}, run out ${sayWhen(share.expires)}, ${sayRead(share)}`
  const where = share.room ? `, in ${share.room}` : ''
  return `${SCOPE_WORDS[share.scope]}, ${given}, open until ${sayDate(share.expires)}${where}, ${sayRead(share)}`
}
function sayRead(share: Share) {
  const who = share.seen.map((s) => `${s.name} ${sayWhen(s.last)}`).join(', ')
  if (who) return `seen by ${who}`
  return share.lastOpened ? `opened ${sayWhen(share.lastOpened)}` : 'never opened'
}
</script>

<template>
  <div v-if="s.thread.value">
    <h2 class="mt-8 border-b border-ink pb-2">Links</h2>
    <p v-if="!s.thread.value.shares.length" class="why py-3">None open. The first note makes one.</p>
    <ul>
      <li
        v-for="share in s.thread.value.shares"
        :key="share.id"
        class="flex items-center justify-between gap-3 border-b border-rule py-2"
        :data-share="share.id"
      >
        <span>
          <b class="font-semibold">{{ share.groomer }}</b><br />
          <span class="small">{{ sayShare(share) }}</span>
        </span>
        <ActButton v-if="s.open(share)" kind="quiet" class="whitespace-nowrap" @click="s.revoke(share.id)">
          Close it
        </ActButton>
      </li>
    </ul>
    <form class="mt-3" @submit.prevent="s.another">
      <h3 class="text-story">Share {{ file.profile.name }}</h3>
      <FormField
        v-model="groomer"
        class="mt-1"
        label="With whom"
        name="share-groomer"
        maxlength="40"
        autocomplete="off"
        required
      />
      <PickOne
        v-model="scope"
        class="mt-2 border-b border-rule"
        row
        label="They see"
        name="scope"
        :options="SCOPES.map((value) => ({ value, words: SCOPE_WORDS[value] }))"
      />
      <div class="flex items-center gap-3 border-b border-rule">
        <span class="flex-1">For how long</span>
        <ChoiceRow
          :model-value="days ?? usualDays"
          tight
          label="For how long"
          :choices="DAYS"
          @update:model-value="(d: number | undefined) => (days = d)"
        />
      </div>
      <FormField
        v-model="email"
        class="mt-2"
        label="Mail them the link, if you like"
        type="email"
        name="share-email"
        autocomplete="off"
      />
      <ActButton type="submit" class="mt-3 w-full">Make a link and a code</ActButton>
    </form>
  </div>
</template>
