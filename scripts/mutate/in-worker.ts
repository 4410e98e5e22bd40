import { appendFileSync } from 'node:fs'
import type { TestContext } from 'vitest'
import { afterEach, beforeEach, inject } from 'vitest'
import type { Came } from './judge'

/**
 * Beside each test: which changes' places it comes through, where that is being learned; else only the tests asked for are
 * run, and a loop that a change made endless ends.
 */
const asked = inject('mutation')

declare global {
  var __came: (id: number) => void
  var __round: () => void
}

let came = new Set<number>()
globalThis.__came = (id) => void came.add(id)

let [rounds, ends] = [0, Date.now() + asked.patience]
globalThis.__round = () => {
  if (++rounds % 1024 === 0 && Date.now() > ends) throw new Error('It went round too long.')
}

const tell = (line: Came) => {
  if (asked.tells) appendFileSync(asked.tells, `${JSON.stringify(line)}\n`)
}
const nameOf = ({ name, suite }: TestContext['task']) => `${suite?.name ?? ''} > ${name}`

let begun = false
beforeEach(({ task, skip }) => {
  const file = task.file.filepath
  // What was reckoned as the file was read is every test's of that file.
  if (!begun) tell({ file, name: null, took: 0, came: [...came] })
  begun = true
  if (asked.tests && !asked.tests[file]?.includes(nameOf(task))) skip()
  came = new Set()
  ends = Date.now() + asked.patience
})
afterEach(({ task }) =>
  tell({
    file: task.file.filepath,
    name: nameOf(task),
    took: Date.now() - (ends - asked.patience),
    came: [...came],
  }),
)
