<script setup lang="ts">
import { addressBody, changePasswordBody } from '#shared/api'
import { saveAs } from '~/composables/bring-in'
import { POSTED } from '~/words/letters'

/** What somebody does with their own account: another password, another address, and where it is signed in. */
const props = defineProps<{ of: 'me' | 'room'; email: string }>()
const base = computed(() => `/api/${props.of}`)
const said = ref('')
const changing = useSchemaForm(
  changePasswordBody,
  { now: '', password: '' },
  async (body) => {
    await api(`${base.value}/password`, { method: 'PUT', body })
    changing.form.reset()
    said.value = 'It is changed. Everywhere else you are signed out.'
    anew.value += 1
  },
  'The old password stays.',
)
const anew = ref(0)
const asked = ref('')
const moving = useSchemaForm(
  addressBody,
  { email: '' },
  async (body) => {
    const { posted } = await ask('postedAnswer', `${base.value}/address`, { method: 'POST', body })
    asked.value =
      posted === 'posted'
        ? `A letter is on its way to ${body.email}. The account moves once its link is opened there.`
        : POSTED[posted]
    moving.form.reset()
  },
  'Nothing was changed.',
)

/** A household of years takes its while to gather, ms (judgement). */
const GATHER_MS = 10 * 60_000
const gathering = ref('')
const unsaved = ref('')
async function saveAll() {
  gathering.value = 'Gathering it'
  unsaved.value = ''
  try {
    saveAs(
      'grumbo-everything.zip',
      'application/zip',
      await askForFile(`${base.value}/everything`, {}, GATHER_MS),
    )
  } catch (error) {
    unsaved.value = inWords(error, 'Nothing was saved.')
  }
  gathering.value = ''
}
</script>

<template>
  <div class="desk:grid desk:grid-cols-3 desk:gap-x-12">
    <section aria-label="Password">
      <h2 class="border-b border-ink pb-1">Password</h2>
      <form class="mt-3 space-y-3" novalidate @submit.prevent="changing.submit">
        <SchemaField
          :of="changing"
          name="now"
          label="Password as it is"
          type="password"
          autocomplete="current-password"
          maxlength="200"
        />
        <NewPassword :of="changing" label="New password" />
        <NoticeLine v-if="changing.problem.value">{{ changing.problem.value }}</NoticeLine>
        <p v-if="said" class="small" role="status">{{ said }}</p>
        <ActButton type="submit" class="w-full" :disabled="changing.busy.value"
          >Change the password</ActButton
        >
        <ActButton :to="of === 'room' ? '/password?of=room' : '/password'" kind="quiet"
          >I forgot it</ActButton
        >
      </form>
      <DeviceKeys class="mt-8" :base="`${base}/passkeys`" />
    </section>
    <section class="mt-8 desk:mt-0" aria-label="Address">
      <h2 class="border-b border-ink pb-1">Address</h2>
      <p class="mt-3 font-semibold break-words">{{ email }}</p>
      <form class="mt-3 space-y-3" novalidate @submit.prevent="moving.submit">
        <SchemaField
          :of="moving"
          name="email"
          label="Move to another address"
          type="email"
          autocomplete="email"
        />
        <NoticeLine v-if="moving.problem.value">{{ moving.problem.value }}</NoticeLine>
        <p v-if="asked" class="small" role="status">{{ asked }}</p>
        <ActButton type="submit" class="w-full" :disabled="moving.busy.value">Send a letter there</ActButton>
      </form>
      <h2 class="mt-8 border-b border-ink pb-1">All that is yours</h2>
      <p class="why mt-2"><slot name="all" /></p>
      <ActButton class="mt-3 w-full" :disabled="!!gathering" @click="saveAll">{{
        gathering || 'Everything in one file, zip'
      }}</ActButton>
      <NoticeLine v-if="unsaved" class="mt-2">{{ unsaved }}</NoticeLine>
      <ActButton to="/safe" kind="quiet" class="mt-2">How it is kept safe</ActButton>
    </section>
    <div class="mt-8 desk:mt-0">
      <SignedInPlaces :key="anew" :base="`${base}/sessions`" />
      <slot name="end" />
    </div>
  </div>
</template>
