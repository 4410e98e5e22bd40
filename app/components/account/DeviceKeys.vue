<script setup lang="ts">
import type { Passkey } from '#shared/answers'

/** The keys an account has beside its password, and one more. */
const props = defineProps<{ base: string }>()
const keys = ref<Passkey[] | null>(null)
const name = ref('')
const problem = ref('')
const busy = ref(false)
const may = useMayHaveKeys()
const { sayWhen, sayDate } = useInstants()
async function load() {
  try {
    keys.value = (await ask('passkeysAnswer', props.base)).passkeys
  } catch (error) {
    problem.value = inWords(error)
  }
}
onMounted(load)
async function go(call: () => Promise<unknown>) {
  busy.value = true
  problem.value = ''
  try {
    await call()
    await load()
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
  busy.value = false
}
const add = () =>
  go(async () => {
    const { makeKey } = await import('~/composables/device-key')
    await makeKey(props.base, name.value.trim())
    name.value = ''
  })
const remove = (id: string) => go(() => api(`${props.base}/${id}`, { method: 'DELETE' }))
</script>

<template>
  <section v-if="may || keys?.length" aria-label="Passkeys">
    <h2 class="border-b border-ink pb-1">Passkeys</h2>
    <p class="why mt-2">In by the lock of your telephone or computer, with no password to type.</p>
    <ul>
      <li
        v-for="k in keys"
        :key="k.id"
        class="flex min-h-12 items-center gap-3 border-b border-rule py-1"
        :data-key="k.name"
      >
        <span class="min-w-0 flex-1"
          ><b class="font-semibold">{{ k.name }}</b
          ><span class="small block"
            >since {{ sayDate(k.since) }}{{ k.lastUsed ? `, last used ${sayWhen(k.lastUsed)}` : '' }}</span
          ></span
        >
        <ActButton kind="quiet" :disabled="busy" @click="remove(k.id)">Take away</ActButton>
      </li>
    </ul>
    <form v-if="may" class="mt-2 flex items-end gap-3" @submit.prevent="add">
      <FormField
        v-model="name"
        class="flex-1"
        label="Add this device, by a name"
        name="key-name"
        maxlength="60"
        autocomplete="off"
      />
      <ActButton type="submit" :disabled="busy || !name.trim()">Add it</ActButton>
    </form>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
  </section>
</template>
