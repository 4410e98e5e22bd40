import { readFileSync, readdirSync } from 'node:fs'
import { changesOf } from './changes'
import type { Change } from './changes'

/** A change at its place, numbered. */
export interface Placed extends Change {
  id: number
  file: string
  line: number
}

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true })
    .flatMap((entry) => {
      const path = `${folder}/${entry.name}`
      if (entry.isDirectory()) return filesIn(path)
      return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : []
    })
    .sort()
}

/** Every change that can be made to these files, numbered. */
export function placedIn(folder: string, but: RegExp): Placed[] {
  const all: Placed[] = []
  for (const file of filesIn(folder).filter((f) => !but.test(f))) {
    const text = readFileSync(file, 'utf8')
    for (const change of changesOf(text))
      all.push({ ...change, id: all.length, file, line: text.slice(0, change.from).split('\n').length })
  }
  return all
}
