<script setup lang="ts">
import { COATS } from '#core/coat/coat-types'

definePageMeta({ middleware: 'signed-in' })
const store = useMe()
const router = useRouter()
const problem = ref('')
const record = useRecord()
const waiting = computed(() => record.waiting.filter((w) => !w.refused).length + record.pictures.length)
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
    problem.value =
      error instanceof NoSignal ? 'There is no signal, so signing out has to wait.' : inWords(error)
  }
}
useHead({ title: 'Household · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[1000px] px-4 pt-6 pb-8 desk:grid desk:grid-cols-2 desk:gap-14">
    <div>
      <h1>{{ store.me?.household }}</h1>
      <p class="why mt-2">{{ store.me?.name }}, {{ store.me?.email }}</p>
      <ul class="mt-5 border-t border-ink">
        <li v-for="d in store.me?.dogs" :key="d.id" class="border-b border-rule">
          <NuxtLink :to="`/dogs/${d.id}`" class="flex min-h-16 items-center gap-4">
            <span class="w-14 shrink-0"
              ><DogDrawing :sheet="buildOf(d.profile.coat)" :states="{}" :detail="3.6"
            /></span>
            <span class="min-w-0"
              ><b class="block truncate font-serif text-[21px] font-medium">{{ d.profile.name }}</b>
              <span class="small"
                >{{ d.profile.weightKg }} kg, {{ COATS[d.profile.coat].label.toLowerCase() }}</span
              ></span
            >
          </NuxtLink>
          <p class="flex gap-6">
            <NuxtLink :to="`/dogs/${d.id}/data`" class="quiet"
              >{{ d.profile.name }}’s data, out and in</NuxtLink
            >
          </p>
        </li>
      </ul>
      <NuxtLink v-if="store.me?.role === 'owner'" to="/setup" class="act act-filled mt-6 w-full"
        >Add a dog</NuxtLink
      >
      <a v-if="postRoom" :href="postRoom" target="_blank" rel="noopener" class="quiet mt-2"
        >The post room: mail of this demo</a
      >
      <p v-if="waiting" class="refusal mt-5">
        {{ waiting === 1 ? 'One entry or photograph has' : `${waiting} entries and photographs have` }} not
        gone up yet. Signing out now would lose them.
      </p>
      <p v-if="problem" class="refusal mt-3" role="alert">{{ problem }}</p>
      <button class="act act-plain mt-3 w-full" :disabled="waiting > 0" @click="signOut">Sign out</button>
    </div>
    <HouseholdPeople class="mt-8 desk:mt-0" />
  </main>
</template>
