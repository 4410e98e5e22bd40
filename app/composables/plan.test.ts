import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref, shallowRef } from 'vue'
import { basisOf, NO_CHOICES } from '../../core/plan/standing'
import type { StretchPlan } from '../../core/plan/standing'
import type { Entry } from '../../core/record/entries'
import { dog } from '../../tests/support/dogs'
import { pageGlobals } from '../../tests/support/page-globals'
import type { DogFile } from '#shared/answers'

/** A planner that answers when it is told to. */
class Planner {
  asked: string[] = []
  dismissed = 0
  answers = new Map<string, { resolve: (v: unknown) => void; reject: (e: Error) => void }>()
  ask = (what: (p: unknown) => unknown) => {
    const called = (name: string) => () =>
      new Promise((resolve, reject) => {
        this.asked.push(name)
        this.answers.set(name, { resolve, reject })
      })
    return what({ plan: called('plan'), refine: called('refine'), weigh: called('weigh') })
  }
  dismiss = () => void (this.dismissed += 1)
}
let planners: Planner[] = []
vi.mock('~/workers/hire', () => ({
  hire: () => planners[planners.push(new Planner()) - 1],
  plainly: (v: unknown) => v,
}))
vi.mock('comlink', () => ({ proxy: (f: unknown) => f }))

const TODAY = '2026-05-20'
const { profile } = dog({ nextVisit: '2026-06-20' })
const made = (day: string, gap: number): StretchPlan => ({
  kind: 'plan',
  basis: basisOf(profile),
  to: '2026-06-20',
  sessions: [{ day, places: ['back'], pinned: false }],
  care: [],
  choices: NO_CHOICES,
  gap,
})
let file: ReturnType<typeof shallowRef<DogFile | null>>
let mayWrite = true
const record = {
  add: (facts: { day: string; what: Entry['what'] }[]) => {
    if (!mayWrite) return Promise.resolve([])
    const entries = facts.map((f, i) => ({ id: `e${file.value!.entries.length + i}`, ...f }) as Entry)
    file.value = { ...file.value!, entries: [...file.value!.entries, ...entries] }
    return Promise.resolve(entries)
  },
  takeBack: ({ id, day }: { id: string; day: string }) =>
    record.add([{ day, what: { kind: 'correction', replaces: id, by: null } }]),
}
async function open() {
  const { usePlan } = await import('./plan')
  return usePlan(file as never, ref(TODAY), ref(false))
}
beforeEach(() => {
  planners = []
  mayWrite = true
  file = shallowRef<DogFile | null>({
    id: 'merle',
    profile,
    entries: [],
    mark: '1.0',
  })
  pageGlobals({ useRecord: () => record })
})

describe('the plan of the dog in view', () => {
  it('is made where none stands, written down, and written again when a better one is found', async () => {
    const { plan, progress } = await open()
    expect(planners[0]!.asked).toEqual(['plan'])
    planners[0]!.answers.get('plan')!.resolve(made('2026-05-21', 0.04))
    await vi.waitFor(() => expect(plan.value?.sessions[0]!.day).toBe('2026-05-21'))
    planners[0]!.answers.get('refine')!.resolve(made('2026-05-22', 0.01))
    await vi.waitFor(() => expect(plan.value?.sessions[0]!.day).toBe('2026-05-22'))
    expect(progress.value).toBe(null)
    expect(planners[0]!.dismissed).toBe(1)
  })

  it('a refined one does not stand over what the owner changed meanwhile', async () => {
    const { plan, set } = await open()
    planners[0]!.answers.get('plan')!.resolve(made('2026-05-21', 0.04))
    await vi.waitFor(() => expect(plan.value).toBeTruthy())
    await set([{ day: '2026-05-25', places: ['beard'], pinned: true }])
    planners[0]!.answers.get('refine')!.resolve(made('2026-05-22', 0.01))
    await nextTick()
    expect(plan.value!.sessions[0]!.day).toBe('2026-05-25')
  })

  it('put by hand it is weighed once, and undone it is as it was', async () => {
    const { plan, gap, set, undo, changes } = await open()
    planners[0]!.answers.get('plan')!.resolve(made('2026-05-21', 0.04))
    await vi.waitFor(() => expect(plan.value).toBeTruthy())
    await set([{ day: '2026-05-25', places: ['beard'], pinned: true }])
    await nextTick()
    const weighing = planners.at(-1)!
    expect(weighing.asked).toEqual(['weigh'])
    expect(gap.value).toBe(undefined)
    weighing.answers.get('weigh')!.resolve(0.07)
    await vi.waitFor(() => expect(gap.value).toBe(0.07))
    await undo()
    expect(changes.value).toEqual([])
    expect(plan.value!.sessions[0]!.day).toBe('2026-05-21')
  })

  it('says where none could be made, and writes nothing for whoever may only look', async () => {
    const broken = await open()
    planners[0]!.answers.get('plan')!.reject(new Error('no worker'))
    await vi.waitFor(() => expect(broken.failed.value).toBe(true))
    mayWrite = false
    const looking = await open()
    planners[1]!.answers.get('plan')!.resolve(made('2026-05-21', 0.04))
    await vi.waitFor(() => expect(looking.plan.value?.sessions[0]!.day).toBe('2026-05-21'))
    expect(file.value!.entries).toEqual([])
  })
})
