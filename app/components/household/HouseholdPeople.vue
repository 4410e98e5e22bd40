<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { householdBody, invitationBody } from '#shared/api'
import { GRACE_DAYS, ROLES } from '#shared/limits'
import type { Role } from '#shared/limits'
import type { Household } from '#shared/answers'
import { WHAT_IS_SHARED } from '~/words/coats-like'
import { ROLE_SAYS } from '~/words/roles'

/** The people of a household and what each may do; how one hears of things; and the end of it. */
const store = useMe()
const router = useRouter()
const home = ref<Household | null>(null)
const { sayDate } = useInstants()
const offline = ref(false)
const problem = ref('')
const owner = computed(() => store.me?.role === 'owner')
async function load() {
  try {
    home.value = await ask('householdAnswer', '/api/household')
    offline.value = false
  } catch (error) {
    if (error instanceof NoAnswer) offline.value = true
    else problem.value = inWords(error)
  }
}
onMounted(load)
/** Does it, and shows how things are then. @returns whether it was done */
async function go(call: () => Promise<unknown>): Promise<boolean> {
  problem.value = ''
  try {
    await call()
    await load()
    return true
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
    return false
  }
}

const link = ref('')
const role = ref<Role>('helper')
const inviting = useSchemaForm(
  invitationBody.pick({ name: true }),
  { name: '' },
  async ({ name }) => {
    const body = { id: uuid(), name, role: role.value }
    const { token } = await ask('tokenAnswer', '/api/household/invitations', { method: 'POST', body })
    link.value = `${location.origin}/join/${token}`
    inviting.form.reset()
    await load()
  },
  'Nothing was changed.',
)
const withdraw = (id: string) =>
  go(() => api(`/api/household/invitations/${id}`, { method: 'DELETE' })).then(() => (link.value = ''))
const setRole = (id: string, role: Role) =>
  go(() => api(`/api/household/members/${id}`, { method: 'PUT', body: { role } })).then(() => store.load())
/** Whom to take out, or oneself: asked first. */
const leaving = ref<Household['members'][number] | null>(null)
async function remove({ id, you }: Household['members'][number]) {
  leaving.value = null
  const gone = await go(() => api(`/api/household/members/${id}`, { method: 'DELETE' }))
  if (gone && you) {
    await store.forget()
    await router.push('/')
  }
}

const mine = computed(() => home.value?.mine)
const hour = computed(() => {
  const at = mine.value?.remindAt
  return at === null || at === undefined
    ? ''
    : `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`
})
const minuteOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))
const change = (more: Partial<Household['mine']>) =>
  go(() => api('/api/me', { method: 'PUT', body: { ...mine.value, ...more } }))
const zones = computed(() => [
  ...new Set([home.value?.timeZone ?? 'UTC', ...Intl.supportedValuesOf('timeZone')]),
])
const MAY_DO = ROLES.map((value) => ({ value, words: ROLE_SAYS[value].long }))
const set = (more: { timeZone: string } | { sharesCounts: boolean }) => {
  const { name, timeZone } = home.value!
  return go(() => api('/api/household', { method: 'PUT', body: { name, timeZone, ...more } }))
}
const naming = useSchemaForm(
  householdBody.pick({ name: true }),
  { name: '' },
  async ({ name }) => {
    await api('/api/household', { method: 'PUT', body: { name, timeZone: home.value!.timeZone } })
    await Promise.all([load(), store.load()])
  },
  'Nothing was changed.',
)
const wanted = naming.form.useSelector((s) => s.values.name)
watch(
  () => home.value?.name,
  (called) => called && naming.form.setFieldValue('name', called),
)
</script>

<template>
  <section aria-label="People">
    <slot name="portrait" :household="home" />
    <NoticeLine v-if="problem" class="mt-4">{{ problem }}</NoticeLine>
    <div class="mt-7 desk:grid desk:grid-cols-3 desk:gap-x-12">
      <div>
        <p v-if="offline" class="small" role="status">
          No signal: who is here shows when there is one.
          <ActButton kind="quiet" @click="load">Try again</ActButton>
        </p>
        <p v-else-if="!home" class="small" role="status">Reading who is here</p>
        <template v-else>
          <p
            v-if="home.deleteAfter"
            class="mb-4 border-y border-caution py-2 font-semibold text-caution"
            role="alert"
          >
            Everything here is deleted on {{ sayDate(home.deleteAfter) }}.
          </p>
          <h2 class="border-b border-ink pb-1">Who is here</h2>
          <ul>
            <li
              v-for="m in home.members"
              :key="m.id"
              class="flex flex-wrap items-center gap-x-3 border-b border-rule py-1"
              :data-member="m.name"
            >
              <span class="min-w-0 flex-1 basis-40"
                ><b class="font-semibold">{{ m.name }}</b
                >{{ m.you ? ', you' : ''
                }}<span v-if="m.email" class="small block truncate">{{ m.email }}</span></span
              >
              <PickOne
                v-if="owner"
                :model-value="m.role"
                bare
                :label="`What ${m.name} may do`"
                :options="MAY_DO"
                @update:model-value="(r: Role) => setRole(m.id, r)"
              />
              <span v-else class="small">{{ ROLE_SAYS[m.role].long }}</span>
              <ActButton v-if="owner || m.you" kind="quiet" @click="leaving = m">
                {{ m.you ? 'Leave' : 'Take out' }}
              </ActButton>
            </li>
            <li
              v-for="i in home.invitations"
              :key="i.id"
              class="flex items-center gap-3 border-b border-rule py-1"
            >
              <span class="flex-1"
                >{{ i.name }}, {{ i.role
                }}<span class="small block">invited, until {{ sayDate(i.expires) }}</span></span
              >
              <ActButton kind="quiet" @click="withdraw(i.id)">Withdraw</ActButton>
            </li>
          </ul>
          <form v-if="owner" class="mt-3" novalidate @submit.prevent="inviting.submit">
            <div class="flex flex-wrap items-end gap-3">
              <SchemaField
                :of="inviting"
                name="name"
                label="Invite, by name"
                class="min-w-0 flex-1 basis-40"
                input-name="invite-name"
                maxlength="40"
                autocomplete="off"
              />
              <PickOne v-model="role" bare name="invite-role" label="What they may do" :options="MAY_DO" />
            </div>
            <NoticeLine v-if="inviting.problem.value" class="mt-2">{{ inviting.problem.value }}</NoticeLine>
            <ActButton type="submit" class="mt-2 w-full" :disabled="inviting.busy.value">
              Make an invitation
            </ActButton>
          </form>
          <div v-if="link" class="mt-3 border-l-3 border-due pl-3">
            <p class="font-semibold">Give them this link</p>
            <p class="small">It serves once, runs out in two weeks, and is shown this once.</p>
            <LinkShown :link="link" label="The invitation’s link" data-invitation />
          </div>
        </template>
      </div>
      <div class="mt-8 desk:mt-0">
        <template v-if="home">
          <h2 class="border-b border-ink pb-1">How you hear of things</h2>
          <LettersMayCome :letters="home.mine.letters" again="/api/me/confirmation" />
          <label class="flex min-h-12 items-center gap-2 border-b border-rule">
            <input
              type="checkbox"
              name="mail-notes"
              class="size-5 accent-ink"
              :checked="home.mine.mailNotes"
              @change="change({ mailNotes: ($event.target as HTMLInputElement).checked })"
            />
            the groomer’s notes, answers and days by mail too
          </label>
          <div class="flex min-h-12 items-center gap-2 border-b border-rule">
            <label class="flex flex-1 items-center gap-2"
              ><input
                type="checkbox"
                name="remind"
                class="size-5 accent-ink"
                :checked="home.mine.remindAt !== null"
                @change="change({ remindAt: ($event.target as HTMLInputElement).checked ? 17 * 60 : null })"
              />
              a reminder by mail of what is on the table</label
            >
            <input
              v-if="home.mine.remindAt !== null"
              type="time"
              name="remind-at"
              aria-label="When the reminder comes"
              :value="hour"
              class="h-11 bg-transparent"
              @change="
                ($event.target as HTMLInputElement).value &&
                change({ remindAt: minuteOf(($event.target as HTMLInputElement).value) })
              "
            />
          </div>
          <template v-if="owner">
            <PickOne
              :model-value="home.timeZone"
              class="border-b border-rule"
              row
              label="Time zone"
              name="time-zone"
              :options="zones.map((value) => ({ value, words: value }))"
              @update:model-value="(timeZone: string) => set({ timeZone })"
            />
            <form class="mt-2 flex items-end gap-3" novalidate @submit.prevent="naming.submit">
              <SchemaField
                :of="naming"
                name="name"
                label="Called"
                class="flex-1"
                input-name="household"
                maxlength="60"
                autocomplete="off"
              />
              <ActButton v-if="wanted.trim() !== home.name" kind="quiet" type="submit">Keep</ActButton>
            </form>
            <NoticeLine v-if="naming.problem.value" class="mt-1">{{ naming.problem.value }}</NoticeLine>
            <h2 class="mt-8 border-b border-ink pb-1">What coats come to</h2>
            <label class="flex min-h-12 items-center gap-2">
              <input
                type="checkbox"
                name="shares-counts"
                class="size-5 accent-ink"
                :checked="home.sharesCounts === true"
                @change="set({ sharesCounts: ($event.target as HTMLInputElement).checked })"
              />
              our counts are counted with others’
            </label>
            <p class="small">{{ WHAT_IS_SHARED }}</p>
          </template>
        </template>
      </div>
      <div class="mt-8 desk:mt-0">
        <slot name="acts" />
        <template v-if="home">
          <template v-if="owner">
            <GoesForGood
              class="mt-8"
              title="Delete everything"
              base="/api/household/deletion"
              :at="home.deleteAfter"
              @changed="load"
              >Every dog, diary, photograph and note, for everyone here.</GoesForGood
            >
          </template>
          <LazyAskFirst
            v-if="leaving"
            :title="leaving.you ? `Leave ${home.name}?` : `Take ${leaving.name} out?`"
            :why="
              leaving.you
                ? `You see these dogs no more, and nothing of them stays on this device. Your name and address go from here in ${GRACE_DAYS} days. An owner can invite you again.`
                : `${leaving.name} sees these dogs no more. What they wrote stays; their name and address go from here in ${GRACE_DAYS} days. You can invite them again.`
            "
            :yes="leaving.you ? 'Leave' : 'Take out'"
            @yes="remove(leaving)"
            @no="leaving = null"
          />
        </template>
      </div>
    </div>
  </section>
</template>
