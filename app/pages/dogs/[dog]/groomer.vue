<script setup lang="ts">
import { standingWish } from '#core/record/wishes'
import { sayStanding } from '~/words/wish'

/** What goes to the groomer: the note, the thread it stands in, and the links it is read by. */
const { file, today } = useDog()
const s = useSharing()
const draft = useNoteDraft()
const { thread, offline, made, to } = s
const sent = ref(false)
/** How the wish stands, where there is one. */
const wished = computed(() => {
  const wish = standingWish(file.value, today.value)
  return wish && `Your wish for the cut: ${sayStanding(wish, to.value).replace(/^Asked/, 'asked')}.`
})
function writeAnother() {
  sent.value = false
  draft.fromStart()
}
</script>

<template>
  <div class="desk:grid desk:grid-cols-[minmax(0,1fr)_400px] desk:gap-14">
    <section aria-label="A note" class="max-w-[660px]">
      <h1 class="pt-2 desk:pt-5">{{ sent ? `Sent to ${to}` : `Tell ${to}` }}</h1>
      <p class="why mt-2">
        {{
          sent
            ? 'It stands in the thread. Nothing is sent by itself.'
            : 'Drafted from what you wrote down. Strike out, move, add your own words; nothing goes until you send it.'
        }}
      </p>
      <ProposedDays class="mt-4" />
      <p v-if="wished" class="mt-3 flex flex-wrap items-center gap-x-4 border-y border-rule" data-wish-line>
        <span class="min-w-0 flex-1">{{ wished }}</span>
        <ActButton :to="`/dogs/${file.id}/wish`" kind="quiet">See it</ActButton>
      </p>
      <LinkMade v-if="made" class="mt-4" :made="made" :to="to" />
      <NoteToWrite v-if="!sent" class="mt-4" :s="s" :draft="draft" @sent="sent = true" />
      <p class="flex flex-wrap gap-x-6">
        <ActButton :to="`/dogs/${file.id}/wish`" kind="quiet" class="mt-2"
          >Wish for the cut, place by place</ActButton
        >
        <ActButton :to="`/dogs/${file.id}/card`" kind="quiet" class="mt-2"
          >The handover card, one page</ActButton
        >
        <ActButton :to="`/dogs/${file.id}/visit`" kind="quiet" class="mt-2"
          >Enter a visit from a slip</ActButton
        >
      </p>
      <ActButton v-if="sent" class="mt-5" @click="writeAnother">Write another</ActButton>
    </section>

    <section aria-label="The thread" class="mt-8 desk:mt-6">
      <h2 class="border-b border-ink pb-2">Between you</h2>
      <p v-if="offline" class="small py-3" role="status">
        No signal: the thread shows when there is one.
        <ActButton kind="quiet" @click="s.load">Try again</ActButton>
      </p>
      <p v-else-if="!thread" class="small py-3" role="status">Reading the thread</p>
      <NoteThread v-else :notes="thread.notes" />
      <SharedLinks :s="s" />
    </section>
  </div>
</template>
