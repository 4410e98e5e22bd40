import { v7 as uuid } from 'uuid'
import { daysBetween } from '#core/record/day'
import type { Scope } from '#shared/limits'
import type { Thread } from '#shared/answers'
import { POSTED } from '~/words/letters'

/** A link that stays open longest, days. */
const YEAR = 365
/** A link where no visit is booked, days (judgement). */
const A_MONTH = 30
/** How long a link outlives the visit it is for, days (judgement). */
const PAST_THE_VISIT = 7

/** The thread between an owner and the groomers of the dog in view, and the links it is read by. */
export function useSharing() {
  const { file, today } = useDog()
  const base = computed(() => `/api/dogs/${file.value.id}`)
  const thread = ref<Thread | null>(null)
  const offline = ref(false)
  const problem = ref('')
  async function load() {
    try {
      thread.value = await ask('threadAnswer', `${base.value}/notes`)
      offline.value = false
    } catch {
      offline.value = true
    }
  }
  onMounted(load)
  const open = ({ revoked, expires }: Thread['shares'][number]) =>
    !revoked && Date.parse(expires) > currentMs()
  const live = computed(() => thread.value?.shares.filter(open) ?? [])

  const groomer = ref(file.value.profile.groomer ?? '')
  const email = ref('')
  const scope = ref<Scope>('stretch')
  /** A link stays open to the visit and a week past it, or a month. */
  const usualDays = computed(() => {
    const visit = file.value.profile.nextVisit
    const days = visit && visit > today.value ? daysBetween(today.value, visit) + PAST_THE_VISIT : A_MONTH
    return Math.min(YEAR, days)
  })
  const days = ref<number>()
  const DAYS = computed(() => [
    { value: usualDays.value, words: file.value.profile.nextVisit ? 'to the visit' : 'a month' },
    { value: YEAR, words: 'a year' },
  ])
  const to = computed(() => live.value[0]?.groomer ?? (groomer.value.trim() || 'the groomer'))

  /** Shown once, when the link is made; and what became of the letter with it. */
  const made = ref<{ link: string; code: string; mailed: string } | null>(null)
  const linkId = ref(uuid())
  async function makeLink(name: string) {
    const address = email.value.trim()
    const answer = await ask('shareAnswer', `${base.value}/shares`, {
      method: 'POST',
      body: {
        id: linkId.value,
        groomer: name,
        scope: scope.value,
        days: days.value ?? usualDays.value,
        ...(address ? { email: address } : {}),
      },
    })
    made.value = {
      link: `${location.origin}/l/${answer.token}`,
      code: answer.code.replace(/(.{4})(?=.)/g, '$1-'),
      mailed: answer.mailed ? POSTED[answer.mailed] : '',
    }
    // The answer is here: the next link is another. Until then asking again gives the same one.
    linkId.value = uuid()
  }
  async function go(call: () => Promise<unknown>) {
    problem.value = ''
    try {
      await call()
      await load()
    } catch (error) {
      problem.value = inWords(error)
    }
  }
  const another = () =>
    go(async () => {
      await makeLink(groomer.value.trim() || live.value[0]?.groomer || 'the groomer')
      email.value = ''
    })
  const revoke = (id: string) =>
    go(async () => {
      await api(`${base.value}/shares/${id}`, { method: 'DELETE' })
      made.value = null
    })

  return {
    base,
    thread,
    offline,
    problem,
    load,
    open,
    live,
    groomer,
    email,
    scope,
    days,
    usualDays,
    DAYS,
    to,
    made,
    makeLink,
    another,
    revoke,
  }
}
