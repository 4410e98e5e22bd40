import { existsSync, readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

/** docs/security.md says of each requirement where it is met and which test holds it: both are there. */
const rows = readFileSync('docs/security.md', 'utf8')
  .split('\n')
  .filter((line) => /^\| \d/.test(line))
  .map((line) => line.split('|').map((cell) => cell.trim()))

it('has a row for every chapter that applies', () => {
  const chapters = new Set(rows.map(([, requirement]) => Number(/^\d+/.exec(requirement!)![0])))
  expect([...chapters].sort((a, b) => a - b)).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14])
})
it.each(rows.map(([, requirement, , where, held]) => [requirement!, where!, held!]))(
  '%s',
  (_, where, held) => {
    const file = /^`([^`]+)`$/.exec(where)?.[1] ?? ''
    expect(existsSync(file), where).toBe(true)
    const [, test, title] = /^`([^`]+)`: (.+)$/.exec(held)!
    const path = `tests/api/${test!}.test.ts`
    expect(existsSync(path), path).toBe(true)
    const titles =
      readFileSync(path, 'utf8').match(
        /(?:it|describe|it\.each\([^)]*\)|describe\.each\([^)]*\))\(\s*['`"][^\n]*/g,
      ) ?? []
    expect(
      titles.some((t) => t.includes(title!)),
      `${path} has no test of “${title!}”`,
    ).toBe(true)
  },
)
