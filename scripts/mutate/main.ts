import { mkdirSync, rmSync } from 'node:fs'
import { judge, learn } from './judge'
import { placedIn } from './placed'

/**
 * How many small changes to core/ a test notices: npm run mutate, or with -- --every 10 fewer of them, with
 * -- --in core/care those of one room. A number doubled, a comparison or condition turned, a sign exchanged, true for
 * false. The search of plan/best is left out: what it finds is held to its bound, not its way there.
 */
const LEFT_OUT = /^core\/plan\/best\//
/** Any prime will do: the changes judged are spread over all of them. */
const STRIDE = 7919
const option = (name: string, usual: string) => {
  const i = process.argv.indexOf(`--${name}`)
  return i < 0 ? usual : (process.argv[i + 1] ?? usual)
}
const [every, rooms] = [Number(option('every', '16')), option('in', 'core').split(',')]

const folder = '.data/mutate'
rmSync(folder, { recursive: true, force: true })
mkdirSync(folder, { recursive: true })
const all = placedIn('core', LEFT_OUT)
const within = (file: string) => rooms.some((room) => file.startsWith(`${room}/`))
const made = all.filter((c) => within(c.file) && ((c.id * STRIDE) % all.length) % every === 0)
console.log(`${all.length} changes, of which ${made.length} are made; first, which test comes where.`)
const came = await learn(all, `${folder}/came.jsonl`)
const judged = await judge(made, all, came, ({ change, reached, caught }) => {
  if (!caught) console.log(`${reached ? 'lives' : 'unseen'}  ${change.file}:${change.line}  ${change.what}`)
})
const caught = judged.filter((j) => j.caught).length
console.log(
  `${caught} of ${judged.length} caught, ${Math.round((1000 * caught) / judged.length) / 10} in a hundred.`,
)
rmSync(folder, { recursive: true, force: true })
process.exit(0)
