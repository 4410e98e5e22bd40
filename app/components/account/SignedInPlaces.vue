<script setup lang="ts">
import type { SignedIn } from '#shared/answers'

/** Where the account is signed in, and an end to any of it. */
const props = defineProps<{ base: string }>()
const places = ref<SignedIn[] | null>(null)
const problem = ref('')
const { sayWhen, sayDate } = useInstants()
async function load() {
  try {
    places.value = (await ask('sessionsAnswer', props.base)).sessions
  } catch (error) {
    problem.value = inWords(error)
  }
}
onMounted(load)
async function end(which?: string) {
  problem.value = ''
  try {
    await api(which ? `${props.base}/${which}` : props.base, { method: 'DELETE' })
    await load()
  } catch (error) {
    problem.value = inWords(error, 'Nothing was ended.')
  }
}
</script>

<template>
  <section aria-label="Where you are signed in">
    <h2 class="border-b border-ink pb-1">Where you are signed in</h2>
    <p v-if="!places && !problem" class="small mt-3" role="status">Reading where that is</p>
    <ul v-if="places">
      <li
        v-for="p in places"
        :key="p.id"
        class="flex min-h-12 items-center gap-3 border-b border-rule py-1"
        data-signed-in
      >
        <span class="min-w-0 flex-1"
          ><b class="font-semibold">{{ p.here ? 'Here' : p.device || 'Somewhere that did not say' }}</b
          ><span class="small block"
            >{{ p.here && p.device ? `${p.device}, ` : '' }}since {{ sayDate(p.since)
            }}{{ p.here ? '' : `, last seen ${sayWhen(p.lastSeen)}` }}</span
          ></span
        >
        <ActButton v-if="!p.here" kind="quiet" @click="end(p.id)">End</ActButton>
      </li>
    </ul>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
    <ActButton v-if="places && places.length > 1" class="mt-3 w-full" @click="end()"
      >Sign out everywhere else</ActButton
    >
    <p class="small mt-3">One that is not used for a month ends by itself, and each after two.</p>
  </section>
</template>
