<script setup lang="ts">
import { BOXES } from '#drawing/boxes'
import { leadShape } from '~/components/lead/lead'
import { signInBody } from '#shared/api'

/** What it is in a sentence, the map, and the way in. */
const demo = useRuntimeConfig().public.demo
const router = useRouter()
const store = useMe()
const problem = ref('')
const busy = ref(false)

async function home() {
  const me = await store.load()
  const dog = me?.dogs[0]
  await router.replace(dog ? `/dogs/${dog.id}` : me ? '/setup' : '/')
}
const signIn = useSchemaForm(signInBody, { email: '', password: '' }, async (body) => {
  await api('/api/session', { method: 'POST', body })
  await home()
})
/** A key says by itself whose it is: a groomer's leads to the room. */
const keyIn = (of: 'household' | 'room') => (of === 'room' ? router.push('/room') : home())
async function lookRound() {
  busy.value = true
  problem.value = ''
  try {
    await api('/api/demo', { method: 'POST', body: {} })
    await home()
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
}
/** Why the way in is not open: the demo's, the form's, or that somebody was signed out. */
const why = computed(() => problem.value || signIn.problem.value || store.why)
useWoken()
onMounted(async () => {
  if (await store.load()) await home()
})

const box = BOXES['drop-eared']
const [, , width, height] = box
const LEAD = Array.from({ length: 57 }, (_, d) => {
  const since = d < 18 ? d : d < 40 ? d - 18 : d - 40
  return Math.min(0.85, 0.03 + Math.pow(since / 18, 2.4) * (0.5 + d / 110))
})
const shape = leadShape(LEAD, 29, { x0: 34, x1: 600, y: 24, thin: 3, thick: 30 })
const CALLOUTS = [
  { d: 'M282 205L352 108H362', x: 368, y: 114, words: 'knots start at the skin, under a smooth top' },
  { d: 'M752 352L800 458H810', x: 816, y: 464, words: 'wet grass' },
  { d: 'M396 500L424 640H434', x: 440, y: 646, words: 'the harness rubs' },
]
</script>

<template>
  <main
    class="mx-auto flex min-h-dvh max-w-[1280px] flex-col px-4 pt-5 pb-4 desk:grid desk:grid-cols-[492px_minmax(0,1fr)] desk:gap-x-12 desk:px-10 desk:pt-7"
  >
    <p class="font-serif text-title font-medium desk:col-span-2">Grumbo</p>
    <div class="desk:col-start-2 desk:row-span-3 desk:row-start-2 desk:pt-6" aria-hidden="true">
      <div class="relative mx-auto max-w-[360px] desk:max-w-none">
        <img src="/welcome.svg" alt="" :width="width" :height="height" class="block h-auto w-full" />
        <svg :viewBox="box.join(' ')" class="absolute inset-0 hidden overflow-visible desk:block">
          <g v-for="c in CALLOUTS" :key="c.words">
            <path :d="c.d" fill="none" stroke="var(--ink)" />
            <text :x="c.x" :y="c.y" class="callout">{{ c.words }}</text>
          </g>
        </svg>
      </div>
      <svg viewBox="0 0 640 52" class="mt-4 block w-full overflow-visible desk:mt-8">
        <path :d="shape.body" fill="var(--coat)" />
        <path :d="shape.tint" fill="var(--tint)" fill-opacity=".3" />
        <path :d="shape.past + shape.ahead" fill="var(--ink)" fill-opacity=".8" />
        <path :d="shape.edges" fill="var(--ink)" />
        <path
          d="M600 24c10-13 34-15 37-1 2.500 13-20 15-37 3"
          fill="none"
          stroke="var(--ink)"
          stroke-width="3.600"
        />
        <path
          d="M600 24c10-13 34-15 37-1 2.500 13-20 15-37 3"
          fill="none"
          stroke="var(--coat)"
          stroke-width="1.100"
        />
        <path
          d="M34 24h-8M20 24a4 4 0 1 0-8 0 4 4 0 1 0 8 0"
          fill="none"
          stroke="var(--ink)"
          stroke-width="1.700"
        />
        <path :d="`M${shape.x(29)} 4v40`" stroke="var(--due)" stroke-width="2.200" />
      </svg>
      <p class="mt-1 hidden grid-cols-3 text-ink-2 desk:grid">
        <span>last visit</span><b class="text-center text-ink">today</b
        ><span class="text-right">next visit</span>
      </p>
    </div>
    <div class="desk:pt-8">
      <h1 class="mt-5 text-show desk:text-clock desk:leading-[1.05]">
        What to comb today, for how long, and what to tell the groomer.
      </h1>
      <p class="why mt-3 desk:mt-5 desk:text-story">
        For a long-coated dog between two visits. Denser hair on the drawing means a mat is nearer.
      </p>
      <template v-if="demo">
        <ActButton
          kind="filled"
          class="mt-4 w-full text-story desk:mt-6 desk:w-auto desk:px-7"
          :disabled="busy"
          @click="lookRound"
        >
          Look round with Tansy, Wren and Pip
        </ActButton>
        <p class="small mt-2">
          A made-up household on this machine. What you press there is kept until it is started fresh.
        </p>
        <ActButton to="/sign-up" kind="quiet" class="mt-2"
          >Start with your own dog, under three minutes</ActButton
        >
      </template>
      <ActButton v-else to="/sign-up" kind="filled" class="mt-4 w-full text-story desk:w-auto desk:px-7"
        >Start with your dog, under three minutes</ActButton
      >
    </div>
    <form
      class="mt-6 border-t border-ink pt-3 desk:mt-8"
      aria-label="Sign in"
      novalidate
      @submit.prevent="signIn.submit"
    >
      <h2>Been here before</h2>
      <div class="mt-1 grid gap-3 desk:grid-cols-[1fr_1fr_auto] desk:items-start">
        <SchemaField :of="signIn" name="email" label="email" type="email" autocomplete="email" />
        <SchemaField
          :of="signIn"
          name="password"
          label="password"
          type="password"
          autocomplete="current-password"
        />
        <ActButton type="submit" class="desk:mt-3" :disabled="busy || signIn.busy.value">Sign in</ActButton>
      </div>
      <NoticeLine v-if="why" class="mt-2">{{ why }}</NoticeLine>
      <ComeInByKey @in="keyIn" />
      <p class="mt-1 flex flex-wrap items-center gap-x-6">
        <ActButton to="/password" kind="quiet">I forgot the password</ActButton>
        <ActButton to="/room" kind="quiet" class="ml-auto">I am a groomer</ActButton>
      </p>
      <p class="small mt-2">A vet’s or groomer’s word comes before ours.</p>
    </form>
  </main>
</template>

<style scoped>
.callout {
  font: italic 22px var(--font-serif);
  fill: var(--ink);
}
</style>
