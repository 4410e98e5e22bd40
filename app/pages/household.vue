<script setup lang="ts">
definePageMeta({ middleware: 'signed-in' })
const store = useMe()
const router = useRouter()
const problem = ref('')
const record = useRecord()
const waiting = computed(() => record.waiting.filter((w) => !w.refused).length + record.pictures.length)
const home = computed(() => store.me?.dogs[0]?.id)
const postRoom = useRuntimeConfig().public.postRoom
onMounted(async () => {
  await record.readWaiting()
  void record.send()
  await store.load()
})
async function signOut() {
  try {
    await store.signOut()
    await router.push('/')
  } catch (error) {
    problem.value = inWords(error, 'Signing out has to wait.')
  }
}
useHead({ title: 'Household · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[1280px] px-4 pt-6 pb-8 desk:px-10">
    <div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
      <div class="min-w-0">
        <h1 class="break-words">{{ store.me?.household }}</h1>
        <p class="why mt-1 truncate">{{ store.me?.name }}, {{ store.me?.email }}</p>
      </div>
      <div class="flex flex-wrap gap-x-6">
        <ActButton v-if="home" :to="`/dogs/${home}`" kind="quiet">Back to today</ActButton>
        <ActButton to="/account" kind="quiet">Your account: password, address, devices</ActButton>
        <ActButton v-if="postRoom" :href="postRoom" target="_blank" rel="noopener" kind="quiet" tag="a"
          >The post room: mail of this demo</ActButton
        >
      </div>
    </div>
    <HouseholdPeople class="mt-4">
      <template #portrait="{ household }">
        <HouseholdPortrait :dogs="store.me?.dogs ?? []" :home="household" />
      </template>
      <template #acts>
        <ActButton v-if="store.me?.role === 'owner'" to="/setup" kind="filled" class="w-full"
          >Add a dog</ActButton
        >
        <NoticeLine v-if="waiting" :role="undefined" class="mt-4">
          {{ waiting === 1 ? 'One entry or photograph has' : `${waiting} entries and photographs have` }} not
          gone up yet. Signing out now would lose them.
        </NoticeLine>
        <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
        <ActButton class="mt-3 w-full" :disabled="waiting > 0" @click="signOut">Sign out</ActButton>
      </template>
    </HouseholdPeople>
  </main>
</template>
