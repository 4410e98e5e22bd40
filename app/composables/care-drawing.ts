import type { CarePanel } from '#drawing/care/panel'

const known = new Map<string, Promise<CarePanel>>()
/** A care drawing by its file's name; kept once it has been fetched, or by the service worker. */
export function useCareDrawing(name: () => string) {
  const panel = shallowRef<CarePanel | null>(null)
  watch(
    name,
    async (n) => {
      let fetched = known.get(n)
      if (!fetched) {
        fetched = fetch(`/care/${n}.json`).then((r) => {
          if (!r.ok) throw new Error(`No drawing called ${n}.`)
          return r.json() as Promise<CarePanel>
        })
        known.set(n, fetched)
        fetched.catch(() => known.delete(n))
      }
      const got = await fetched.catch(() => null)
      if (name() === n) panel.value = got
    },
    { immediate: true },
  )
  return panel
}
