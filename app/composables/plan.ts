import { planStands, standingPlan } from '#core/plan/standing'
import type { StretchPlan } from '#core/plan/standing'
import type { Choices, Planned } from '#core/record/entries'
import type { DogFile } from '#shared/api'
import type { PlanAnswer, PlanRequest } from '~/workers/plan.worker'

/**
 * The plan of the dog in view. It stands as an entry of the record; where none does, one is made in
 * a worker and written down at once, and again if refining finds a better one.
 */
export function usePlan(file: Ref<DogFile | null>, today: Ref<string>, paused: Ref<boolean>) {
  const record = useRecord()
  /** How far refining has come, 0 to 1; null when nothing is being worked out. */
  const progress = ref<number | null>(null)
  /** The first plan of a dog is being made: there is none to show yet. */
  const failed = ref(false)
  let worker: Worker | null = null
  let n = 0

  const latest = computed(() => file.value && standingPlan(file.value))
  const stands = computed(
    () => !!file.value && !!latest.value && planStands(file.value, latest.value, today.value),
  )
  /** What is shown: the plan that stands. */
  const plan = computed(() => (stands.value ? latest.value : null))

  async function write(made: StretchPlan) {
    const [entry] = await record.add([{ day: today.value, what: made }])
    return entry!
  }

  function work(standing: StretchPlan | null): Promise<void> {
    const open = file.value
    if (!open) return Promise.resolve()
    worker?.terminate()
    const mine = ++n
    worker = new Worker(new URL('../workers/plan.worker.ts', import.meta.url), { type: 'module' })
    progress.value = 0
    let written: Promise<{ id: string }> | null = null
    return new Promise((resolve) => {
      const stop = () => {
        if (mine === n) progress.value = null
        resolve()
      }
      worker!.onerror = () => {
        failed.value = true
        stop()
      }
      worker!.onmessage = async ({ data }: MessageEvent<PlanAnswer>) => {
        if (data.n !== n || file.value?.id !== open.id) return
        if (data.kind === 'working') progress.value = data.progress
        else if (data.kind === 'first') {
          written = write(data.plan)
          await written
          resolve()
        } else {
          const first = await written
          // Only if nobody has changed it since.
          const same = first && latest.value?.id === first.id
          if (same && (data.better || data.plan.gap < latest.value!.gap)) await write(data.plan)
          stop()
        }
      }
      const request: PlanRequest = {
        n: mine,
        record: { profile: toRaw(open.profile), entries: [...open.entries] },
        at: today.value,
        standing,
      }
      worker!.postMessage(JSON.parse(JSON.stringify(request)))
    })
  }

  const bare = ({ id: _id, day: _day, ...rest }: NonNullable<typeof latest.value>): StretchPlan => rest

  watch(
    [() => file.value?.id, stands, today, paused],
    () => {
      if (!file.value || stands.value || paused.value || file.value.profile.coat === 'smooth') return
      void work(latest.value && bare(latest.value))
    },
    { immediate: true },
  )
  onBeforeUnmount(() => worker?.terminate())

  /** Plans again with other choices; the sessions that are pinned stay. */
  function choose(choices: Choices) {
    if (!latest.value) return Promise.resolve()
    return work({ ...bare(latest.value), choices })
  }
  /** Puts the sessions so, and leaves the rest as it is. */
  function set(sessions: Planned[]) {
    if (!latest.value) return Promise.resolve(null)
    worker?.terminate()
    n++
    progress.value = null
    return write({ ...bare(latest.value), sessions })
  }
  /** The plan before this one again. */
  async function undo() {
    worker?.terminate()
    n++
    progress.value = null
    if (latest.value) await record.takeBack(latest.value)
  }

  return { plan, progress, failed, choose, set, undo }
}
