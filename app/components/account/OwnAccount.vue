<script setup lang="ts">
import { addressBody, newPasswordBody } from '#shared/api'
import { POSTED } from '~/words/letters'

/** What somebody does with their own account: another password, another address, and where it is signed in. */
const props = defineProps<{ of: 'me' | 'room'; email: string }>()
const base = computed(() => `/api/${props.of}`)
const said = ref('')
const changing = useSchemaForm(
  newPasswordBody,
  { password: '' },
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
</script>

<template>
  <div class="desk:grid desk:grid-cols-3 desk:gap-x-12">
    <section aria-label="Password">
      <h2 class="border-b border-ink pb-1">Password</h2>
      <form class="mt-3 space-y-3" novalidate @submit.prevent="changing.submit">
        <NewPassword :of="changing" label="New password" />
        <NoticeLine v-if="changing.problem.value">{{ changing.problem.value }}</NoticeLine>
        <p v-if="said" class="small" role="status">{{ said }}</p>
        <ActButton type="submit" class="w-full" :disabled="changing.busy.value"
          >Change the password</ActButton
        >
      </form>
      <slot name="keys" />
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
    </section>
    <SignedInPlaces :key="anew" class="mt-8 desk:mt-0" :base="`${base}/sessions`" />
  </div>
</template>
