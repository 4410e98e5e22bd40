<script setup lang="ts">
const { room, state, load } = useRoom()
onMounted(load)
useHead({ title: 'Your account · Grumbo' })
</script>

<template>
  <RoomDoor v-if="state === 'signed-out'" @in="load" />
  <main v-else class="mx-auto max-w-[1280px] px-4 pt-6 pb-8 desk:px-10">
    <div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
      <div class="min-w-0">
        <h1>Your account</h1>
        <p class="why mt-1 truncate">{{ room?.name }}, in {{ room?.room }}</p>
      </div>
      <ActButton to="/room" kind="quiet">Back to the room</ActButton>
    </div>
    <p v-if="!room" class="why mt-7" role="status">
      {{ state === 'no-signal' ? 'No signal: the account shows when there is one.' : 'Reading' }}
    </p>
    <OwnAccount v-else class="mt-7" of="room" :email="room.email">
      <template #all
        >What is kept of you: the room, letters, and the threads you read. A dog’s record is its
        owner’s.</template
      >
      <template #end>
        <GoesForGood
          class="mt-8"
          title="Delete your account"
          base="/api/room/deletion"
          :at="room.deleteAfter"
          @changed="load"
          >The room, its letters and your name. The dogs, and what you wrote of them, stay with their
          owners.</GoesForGood
        >
      </template>
    </OwnAccount>
  </main>
</template>
