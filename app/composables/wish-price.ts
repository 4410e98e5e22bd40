import { refDebounced } from '@vueuse/core'
import type { PricedWish } from '#core/care/note/wish-price'
import type { WishLine } from '#core/record/wish-lines'
import type { DogRecord } from '#core/record/fold'
import { recordOf } from '~/offline/shown'
import { hire, plainly } from '~/workers/hire'
import type { WishWork } from '~/workers/wish.worker'

/** How long a hand rests before it is priced, ms (judgement). */
const RESTS = 150

/** What wishes cost, each as it changes; null until it is known. */
export function useWishPrice(record: () => DogRecord, today: Ref<string>) {
  const worker = hire<WishWork>(
    () => new Worker(new URL('../workers/wish.worker.ts', import.meta.url), { type: 'module' }),
  )
  onBeforeUnmount(worker.dismiss)
  /** @param lines null where there is nothing to price */
  return function priced(lines: Ref<readonly WishLine[] | null>) {
    const price = shallowRef<PricedWish | null>(null)
    let newest = 0
    const settled = refDebounced(lines, RESTS)
    async function ask(of: readonly WishLine[] | null) {
      const mine = ++newest
      if (!of) return void (price.value = null)
      const [from, asked] = [plainly(recordOf(record())), plainly(of)]
      // Without it the wish is still a wish.
      const answer = await worker.ask((w) => w.priceWish(from, today.value, asked)).catch(() => null)
      if (mine === newest) price.value = answer
    }
    watch([settled, record], ([of]) => ask(of), { immediate: true })
    return price
  }
}
