import { proxy } from 'comlink'
import { latestEntry, planStands, standingPlan } from '#core/plan/standing'
import type { FiledPlan, StretchPlan } from '#core/plan/standing'
import type { Choices, Planned, PlannedCare } from '#core/record/entries'
import type { DogFile } from '#shared/answers'
import { recordOf } from '~/offline/shown'
import { hire, plainly } from '~/workers/hire'
import type { PlanWork } from '~/workers/plan.worker'

const bare = ({ id: _id, day: _day, ...rest }: FiledPlan): StretchPlan => rest

/**
 * The plan of the dog in view. It stands as an entry of the record; where none does, one is made in
 * a worker and written down at once, and again if refining finds a better one.
 */
export function usePlan(file: Ref<DogFile | null>, today: Ref<string>, paused: Ref<boolean>) {
  const record = useRecord()
  /** How far refining has come, 0 to 1; null when nothing is being worked out. */
  const progress = ref<number | null>(null)
  /** No plan could be made here. */
  const failed = ref(false)
  /** What the owner changed here, each as the entries it wrote: undone together, last first. */
  const changes = ref<string[][]>([])

  const latest = computed(() => file.value && standingPlan(file.value))
  const stands = computed(
    () => !!file.value && !!latest.value && planStands(file.value, latest.value, today.value),
  )
  /** Made for somebody who may only look: it is written nowhere. */
  const looked = shallowRef<FiledPlan | null>(null)
  /** What is shown: the plan that stands. */
  const plan = computed(() => (stands.value ? latest.value : looked.value))

  /** @param change what of the owner's doing it is part of */
  async function write(made: StretchPlan, change?: string[]): Promise<string> {
    const knows = latestEntry(file.value!.entries)
    const [entry] = await record.add([{ day: today.value, what: { ...made, ...(knows ? { knows } : {}) } }])
    if (!entry) {
      looked.value = { ...made, id: '', day: today.value }
      return ''
    }
    change?.push(entry.id)
    return entry.id
  }

  /** Each is let go when it has planned or weighed once. */
  const hirePlanner = () =>
    hire<PlanWork>(
      () => new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' }),
    )
  const recordNow = () => plainly(recordOf(file.value!))

  let halt = () => {}
  /** Plans, and writes down what it comes to. Done once the first plan is written; refining goes on. */
  async function work(standing: StretchPlan | null, change?: string[]): Promise<void> {
    halt()
    const planner = hirePlanner()
    let over = false
    const end = () => {
      over = true
      planner.dismiss()
      progress.value = null
      halt = () => {}
    }
    const fail = () => {
      if (over) return
      failed.value = true
      end()
    }
    halt = end
    progress.value = 0
    try {
      const [record, from] = [recordNow(), plainly(standing)]
      const first = await planner.ask((p) => p.plan(record, today.value, from))
      if (over) return
      const id = await write(first, change)
      if (over) return
      void refine(planner, id, () => over, change).then(() => over || end(), fail)
    } catch {
      fail()
    }
  }
  /** Writes down what refining comes to where more is proven of it, and only if nobody has changed the first since. */
  async function refine(
    planner: ReturnType<typeof hirePlanner>,
    id: string,
    over: () => boolean,
    change?: string[],
  ) {
    const working = (share: number) => {
      if (!over()) progress.value = share
    }
    const refined = await planner.ask((p) => p.refine(proxy(working)))
    failed.value = false
    if (over() || latest.value?.id !== id) return
    if ((refined.gap ?? 1) < (latest.value?.gap ?? 1)) await write(refined, change)
  }

  watch(
    [() => file.value?.id, stands, today, paused],
    ([id], [before]) => {
      if (id !== before) {
        halt()
        changes.value = []
        looked.value = null
      }
      if (!file.value || stands.value || paused.value || file.value.profile.coat === 'smooth') return
      void work(latest.value && bare(latest.value))
    },
    { immediate: true },
  )

  /** A plan made by hand comes with no figure of its own: it is weighed, once. */
  const weighed = ref<{ id: string; gap: number | null } | null>(null)
  let stopWeighing = () => {}
  watch(
    plan,
    (now) => {
      stopWeighing()
      stopWeighing = () => {}
      if (!now || now.gap !== undefined || weighed.value?.id === now.id) return
      const planner = hirePlanner()
      stopWeighing = planner.dismiss
      const [record, standing] = [recordNow(), plainly(bare(now))]
      planner
        .ask((p) => p.weigh(record, today.value, standing))
        .then((gap) => (weighed.value = { id: now.id, gap }))
        // Nothing is said of how near the best it is.
        .catch(() => undefined)
        .finally(planner.dismiss)
    },
    { immediate: true },
  )
  /**
   * By what share of its cost the plan is at most above the best there is: null if it asks more than
   * the days have, undefined while that is being found out.
   */
  const gap = computed(() => {
    const now = plan.value
    if (!now || now.gap !== undefined) return now?.gap
    return weighed.value?.id === now.id ? weighed.value.gap : undefined
  })

  onBeforeUnmount(() => {
    halt()
    stopWeighing()
  })

  /** Plans again with other choices; the sessions that are pinned stay. */
  async function choose(choices: Choices) {
    if (!latest.value) return
    const change: string[] = []
    await work({ ...bare(latest.value), choices }, change)
    changes.value.push(change)
  }
  /** Puts the sessions so, and leaves the rest as it is. */
  async function set(sessions: Planned[], care?: PlannedCare[]) {
    if (!latest.value) return
    halt()
    const change: string[] = []
    const { gap: _gap, ...rest } = bare(latest.value)
    await write({ ...rest, sessions, ...(care ? { care } : {}) }, change)
    changes.value.push(change)
  }
  /** The plan as it was before the last change. */
  async function undo() {
    halt()
    const day = today.value
    for (const id of changes.value.pop() ?? []) await record.takeBack({ id, day })
  }

  return { plan, gap, progress, failed, changes, choose, set, undo }
}
