import { crowd } from './crowd'
import { drag } from './drag'
import { hostile } from './hostile'
import { kill } from './kill'
import { neighbours } from './neighbours'
import { againstExact, fullSize } from './planner'
import { firstLook } from './first-look'
import { world, worth } from './world'
import { fold, simulation } from './record'
import { press } from './press'
import { room } from './room'
import { spread } from './spread'

/** Every line a ratio measured in this run, or a time beside one; seeds fixed. Run by npm run bench. */
const full = process.argv.includes('--full')
fold()
simulation()
world()
worth(full ? 40 : 12)
await againstExact()
await fullSize(full)
await againstExact(true)
await fullSize(full, true)
if (process.env.GRUMBO_TEST_PG) {
  await firstLook()
  await drag()
  await press()
  await room()
  await neighbours()
  await hostile()
  await kill()
  await crowd()
  await spread(full ? 1_000_000 : 100_000)
}
