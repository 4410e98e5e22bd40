import { readdirSync } from 'node:fs'
import { expect, it } from 'vitest'
import { PAGES } from './pages'

it('every page is counted by its first word, and nothing else is', () => {
  const first = readdirSync('app/pages').map((name) => name.replace('.vue', '').replace('index', ''))
  expect([...new Set(first)].sort()).toEqual([...PAGES].sort())
})
