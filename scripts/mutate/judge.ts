import { readFileSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { createVitest } from 'vitest/node'
import type { Vitest } from 'vitest/node'
import { changesOf, ending, telling } from './changes'
import type { Placed } from './placed'

declare module 'vitest' {
  interface ProvidedContext {
    mutation: {
      /** Where it is told which test comes through what. */
      tells?: string
      /** Only these are run, by file. */
      tests?: Record<string, string[]>
      /** Milliseconds a test may take before a loop in it is ended. */
      patience: number
    }
  }
}

/** What a test came through, by the numbers of the changes there; with no name, what its file did as it was read. */
export interface Came {
  file: string
  name: string | null
  took: number
  came: number[]
}
/** Milliseconds: what any test may take, and how many times what it took unchanged. */
const PATIENCE = { least: 5_000, times: 5, learning: 600_000 } as const
const root = resolve('.')
const at = (path: string) => resolve(root, path)

/** The unit suite and what is published, over core/ as it stands but for one change at a time. */
class Bench {
  private constructor(
    private readonly vitest: Vitest,
    private readonly held: { change: Placed | null },
  ) {}

  static async open(all: readonly Placed[], { tells }: { tells: boolean }): Promise<Bench> {
    const held: { change: Placed | null } = { change: null }
    const transform = (code: string, id: string) => {
      const path = id.split('?')[0]!.replace(`${root}/`, '')
      if (!/^core\/.*(?<!\.test)\.ts$/.test(path)) return
      const { change } = held
      let text = code
      if (change?.file === path) text = code.slice(0, change.from) + change.instead + code.slice(change.to)
      const first = all.find((c) => c.file === path)
      if (tells && first) text = telling(code, changesOf(code), first.id)
      return { code: ending(text), map: null }
    }
    const vitest = await createVitest(
      'test',
      {
        watch: false,
        config: false,
        root,
        include: ['{core,shared,app}/**/*.test.ts', 'tests/published/**/*.test.ts'],
        setupFiles: [at('scripts/mutate/in-worker.ts')],
        testTimeout: PATIENCE.learning,
        // A change may fill the memory: then a process of its own is gone, and that was noticed.
        pool: 'forks',
        maxWorkers: tells ? 2 : 1,
        bail: tells ? 0 : 1,
        reporters: [{}],
      },
      {
        plugins: [{ name: 'mutation', enforce: 'pre', transform }],
        resolve: {
          alias: { '~': at('app'), '#core': at('core'), '#shared': at('shared'), '#drawing': at('drawing') },
        },
      },
    )
    return new Bench(vitest, held)
  }

  /** Runs all of it once and has it told, test by test, to a file. */
  async learn(tells: string): Promise<void> {
    this.vitest.provide('mutation', { tells, patience: PATIENCE.learning })
    await this.vitest.runTestSpecifications(await this.vitest.globTestSpecifications())
  }

  /** Whether any of these tests, of these files, is red with the change made. */
  async catches(change: Placed, tests: Record<string, string[]>, patience: number): Promise<boolean> {
    this.held.change = change
    this.vitest.invalidateFile(at(change.file))
    try {
      this.vitest.provide('mutation', { tests, patience })
      this.vitest.state.clearErrors()
      const specs = (await this.vitest.globTestSpecifications()).filter((s) => tests[s.moduleId])
      const { testModules, unhandledErrors } = await this.vitest.runTestSpecifications(specs)
      // Modules of runs before are told of again.
      return unhandledErrors.length > 0 || testModules.some((m) => tests[m.moduleId] && !m.ok())
    } finally {
      this.held.change = null
      this.vitest.invalidateFile(at(change.file))
    }
  }
  close = () => this.vitest.close()
}

/** Learns which test comes through which place. */
export async function learn(all: readonly Placed[], tells: string): Promise<Came[]> {
  const bench = await Bench.open(all, { tells: true })
  await bench.learn(tells)
  await bench.close()
  return readFileSync(tells, 'utf8')
    .trim()
    .split('\n')
    .map((line) => JSON.parse(line) as Came)
}

/** The tests that come through a change's place, by file: the nearest first, and the quick. */
function testsOf({ id, file }: Placed, came: readonly Came[]) {
  const tests = new Map<string, Came[]>()
  const named = came.filter((c) => c.name !== null)
  for (const c of came.filter((one) => one.came.includes(id)))
    tests.set(
      c.file,
      c.name === null ? named.filter((n) => n.file === c.file) : [...(tests.get(c.file) ?? []), c],
    )
  const far = (path: string) => (path.startsWith(at(dirname(file))) || path.includes('handbook') ? 0 : 1)
  return [...tests]
    .map(([path, list]) => ({
      path,
      names: [...new Set(list.map((c) => c.name!))],
      took: list.reduce((sum, c) => sum + c.took, 0),
    }))
    .sort((a, b) => far(a.path) - far(b.path) || a.took - b.took)
}

export interface Judged {
  change: Placed
  /** No test comes there at all. */
  reached: boolean
  caught: boolean
}

/** The nearest two by themselves, then a few at a time: most changes fall at once. */
const inGroups = <T>(files: readonly T[]): T[][] =>
  files.reduce<T[][]>((groups, file, i) => {
    if (i < 2 || (i - 2) % 4 === 0) groups.push([file])
    else groups.at(-1)!.push(file)
    return groups
  }, [])

/** Makes each change in turn, with two benches at work, and has its tests run until one is red. */
export async function judge(
  made: readonly Placed[],
  all: readonly Placed[],
  came: readonly Came[],
  tell: (j: Judged) => void,
): Promise<Judged[]> {
  const [queue, judged] = [[...made], [] as Judged[]]
  const work = async () => {
    const bench = await Bench.open(all, { tells: false })
    for (let change = queue.shift(); change; change = queue.shift()) {
      const files = testsOf(change, came)
      let caught = false
      for (const group of inGroups(files)) {
        const tests = Object.fromEntries(group.map((f) => [f.path, f.names]))
        const patience = PATIENCE.least + PATIENCE.times * Math.max(...group.map((f) => f.took))
        caught = await bench.catches(change, tests, patience)
        if (caught) break
      }
      const one = { change, reached: files.length > 0, caught }
      judged.push(one)
      tell(one)
    }
    await bench.close()
  }
  await Promise.all([work(), work()])
  return judged
}
